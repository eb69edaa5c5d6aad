import { EMPTY_LOG, type Log } from '../log/log';
import type { SessionNote } from '../on-the-day/session-note';
import { athlete, block, lookup, performWeek, session, slot } from '../testing/fixtures';
import { unfold } from './unfold';

const made = block([session('a', 0, [slot('1', 'leg-press'), slot('2', 'leg-extension')])], { weeks: 4 });
const before = performWeek({ block: made, athlete: athlete(), issued: [], log: EMPTY_LOG }, 1);
/** Week 2 done five reps below what was asked, every set. */
const second = performWeek({ block: made, athlete: athlete(), ...before }, 2, ({ reps, rir }) => ({
  reps: Math.max(1, reps - 5),
  rir,
}));
const night: SessionNote = {
  kind: 'readiness',
  slept: 'poorly',
  feels: 'poorly',
  rescue: 'lighter',
  id: 'n',
  at: '2026-11-09T09:00:00.000Z',
};
const plan = (log: Log) =>
  unfold({ block: made, athlete: athlete(), exercises: lookup, answers: [], issued: second.issued, log });
const third = (log: Log, slotId: string) =>
  plan(log).weeks[2]?.plan.sessions[0]?.slots.find((one) => one.slotId === slotId);

test('a rescued day is not judged, and last time stays the day before it', () => {
  const rescued: Log = {
    ...second.log,
    workouts: second.log.workouts.map((one) => (one.week === 2 ? { ...one, notes: [night] } : one)),
  };
  const seen = (log: Log) => plan(log).observations.filter(({ week }) => week === 2);
  expect(seen(second.log).map(({ performance }) => performance.verdict)).toContain('behind');
  expect(seen(rescued)).toEqual([]);
  const load = third(rescued, '1')?.why.load;
  const fell = third(second.log, '1')?.why.load;
  if (load?.code !== 'load/best-fit' || fell?.code !== 'load/best-fit') throw new Error('no fitted load');
  expect(load.strength.source).toMatchObject({ kind: 'logged', week: 1 });
  expect(fell.strength.source).toMatchObject({ week: 2 });
});

test('what was left out or swapped in a finished session is no last time: the one before it stands', () => {
  const without: Log = {
    ...second.log,
    sets: second.log.sets.filter((set) => set.workoutId !== 'w2-a' || set.slotId !== '1'),
  };
  const swapped: Log = {
    ...second.log,
    sets: second.log.sets.map((set) =>
      set.workoutId === 'w2-a' && set.slotId === '1' ? { ...set, exerciseId: 'hack-squat' } : set,
    ),
  };
  const [done] = before.log.sets;
  for (const log of [without, swapped]) {
    const why = third(log, '1')?.why.load;
    if (why?.code !== 'load/best-fit') throw new Error('no fitted load');
    expect(why.last).toEqual({ load: done?.load.value, reps: done?.reps });
  }
});
