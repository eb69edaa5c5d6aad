import { conventionsWith } from '../conventions/conventions';
import type { Exposure } from '../effort/exposure';
import type { Workout } from '../log/log';
import { athlete, block, session, slot } from '../testing/fixtures';
import { liftVerdicts, shouldStayUnchanged } from './lift-verdicts';

const ONE = block([session('a', 0, [slot('leg', 'leg-press'), slot('curl', 'seated-leg-curl')])]);
const on = (date: string, reps: number): Exposure => ({
  exerciseId: 'leg-press',
  slotId: 'leg',
  week: 1,
  date,
  sets: [{ load: 100, reps, rir: 2, fatigue: 0 }],
});
const DAYS = ['10-12', '10-19', '10-26', '11-02', '11-09', '11-16', '11-23'].map((day) => `2026-${day}`);
const judged = (reps: readonly number[], workouts: readonly Workout[] = []) =>
  liftVerdicts({
    block: ONE,
    athlete: athlete(),
    exposures: reps.map((one, at) => on(DAYS[at + DAYS.length - reps.length] ?? '', one)),
    conventions: conventionsWith(),
    today: '2026-11-28',
    log: { workouts, sets: [], soreness: [] },
  });

test('a rising lift progresses, a flat one has stalled, one with four weeks is too early to judge', () => {
  expect(judged([8, 8, 8, 9, 9, 10, 10])[0]?.trend.verdict).toBe('goes on');
  expect(judged([8, 8, 8, 8, 8, 8, 8])[0]?.trend.verdict).toBe('stalled');
  expect(judged([8, 8, 8, 8])[0]?.trend.verdict).toBe('too early');
  expect(judged([])[1]).toMatchObject({
    exerciseId: 'seated-leg-curl',
    trend: { verdict: 'too early', line: [] },
  });
});

test('healthy, progressing and motivated: change nothing; if any fails, nothing is said', () => {
  const rising = judged([8, 8, 8, 9, 9, 10, 10]);
  const calm = { verdicts: rising, signs: false, rating: false };
  expect(shouldStayUnchanged(calm)).toBe(true);
  expect(shouldStayUnchanged({ ...calm, signs: true })).toBe(false);
  expect(shouldStayUnchanged({ ...calm, rating: true })).toBe(false);
  expect(shouldStayUnchanged({ ...calm, verdicts: judged([8, 8, 8, 8, 8, 8, 8]) })).toBe(false);
  expect(shouldStayUnchanged({ ...calm, verdicts: judged([8, 8]) })).toBe(false);
  const pain = {
    kind: 'pain',
    slotId: 'leg',
    exerciseId: 'leg-press',
    where: 'knee',
    grade: 'slight',
    line: '',
    id: 'n',
    at: '2026-11-23T10:00:00Z',
  } as const;
  const hurt = judged(
    [8, 8, 8, 9, 9, 10, 10],
    [{ id: 'w', week: 1, sessionId: 'a', date: '2026-11-23', finished: true, notes: [pain] }],
  );
  expect(shouldStayUnchanged({ ...calm, verdicts: hurt })).toBe(false);
});
