import { exerciseById } from '../exercises/library';
import type { LoggedSet } from '../log/log';
import { athlete } from '../testing/fixtures';
import { exposuresOf, type TrainedSession } from './exposures-of';

const set = (id: string, changes: Partial<LoggedSet> = {}): LoggedSet => ({
  id,
  workoutId: 'w1',
  slotId: 'a',
  setId: id,
  exerciseId: 'leg-press',
  load: { value: 100, unit: 'kg' },
  reps: 10,
  rir: 2,
  at: `2026-11-02T10:00:0${id}Z`,
  supersedes: null,
  ...changes,
});
const measured = (one: LoggedSet, measuresStrength = true) => ({ set: one, measuresStrength });
const session = (kind: TrainedSession['kind'], rescued = false) =>
  new Map([['w1', { week: 2, date: '2026-11-09', kind, rescued }]]);
const find = (...given: Parameters<typeof exposuresOf>[0]) =>
  exposuresOf(given, session('building'), athlete(), exerciseById);

test('the sets of a slot are one exposure; later sets include what earlier ones cost', () => {
  const [exposure, ...others] = find(measured(set('1')), measured(set('2', { reps: 9 })));
  expect(others).toEqual([]);
  expect(exposure).toMatchObject({ exerciseId: 'leg-press', week: 2, date: '2026-11-09' });
  expect(exposure?.sets.map(({ load, reps }) => [load, reps])).toEqual([
    [100, 10],
    [100, 9],
  ]);
  expect(exposure?.sets[0]?.fatigue).toBe(0);
  expect(exposure?.sets[1]?.fatigue).toBeGreaterThan(0);
});

test('half reps, replaced sets, holds and unknown exercises are not evidence', () => {
  expect(find(measured(set('1'), false))).toEqual([]);
  expect(find(measured(set('1', { exerciseId: 'plank' })))).toEqual([]);
  expect(find(measured(set('1', { exerciseId: 'gone' })))).toEqual([]);
  const corrected = set('2', { setId: '1', reps: 12, supersedes: '1' });
  expect(find(measured(set('1')), measured(corrected))[0]?.sets.map(({ reps }) => reps)).toEqual([12]);
});

test('a set that left five is evidence, one that left more is not: nobody can tell', () => {
  expect(find(measured(set('1', { rir: 5 })))).toHaveLength(1);
  expect(find(measured(set('1', { rir: 5.5 })))).toEqual([]);
});

test('a deload is no evidence of strength', () => {
  expect(exposuresOf([measured(set('1'))], session('deload'), athlete(), exerciseById)).toEqual([]);
});
