import type { Exposure } from './exposure';
import { liftLines } from './lift-line';
import { EPLEY } from './rep-max';

const done = (
  exerciseId: string,
  date: string,
  ...sets: readonly (readonly [number, number, number])[]
): Exposure => ({
  exerciseId,
  slotId: 's',
  week: 1,
  date,
  sets: sets.map(([load, reps, rir]) => ({ load, reps, rir, fatigue: 0 })),
});

test('the best estimate of each day, by hand: 60 × 8 @2 is 80, 100 × 1 @0 is 100', () => {
  const [line] = liftLines(
    [done('press', '2026-11-09', [60, 8, 2], [60, 6, 2]), done('press', '2026-11-02', [100, 1, 0])],
    EPLEY,
  );
  expect(line?.points).toEqual([
    { date: '2026-11-02', oneRepMax: 100 },
    { date: '2026-11-09', oneRepMax: 80 },
  ]);
  expect(line?.best).toEqual({ date: '2026-11-02', oneRepMax: 100 });
  expect(line?.heaviest).toEqual({ date: '2026-11-02', load: 100, reps: 1 });
  expect(line?.most).toEqual({ date: '2026-11-09', load: 60, reps: 8 });
});

test('fifteen reps to failure make a point, sixteen do not but count as a best', () => {
  const [line] = liftLines(
    [done('raise', '2026-11-02', [10, 13, 2]), done('raise', '2026-11-03', [10, 14, 2])],
    EPLEY,
  );
  expect(line?.points).toEqual([{ date: '2026-11-02', oneRepMax: 15 }]);
  expect(line?.most).toMatchObject({ reps: 14 });
  const [long] = liftLines([done('raise', '2026-11-03', [10, 30, 2])], EPLEY);
  expect(long).toMatchObject({ points: [], best: null, heaviest: { reps: 30 } });
});

test('lifts trained last come first; a lift without sets is left out', () => {
  const lines = liftLines(
    [done('a', '2026-11-02', [60, 8, 2]), done('b', '2026-11-09', [60, 8, 2]), done('c', '2026-11-20')],
    EPLEY,
  );
  expect(lines.map(({ exerciseId }) => exerciseId)).toEqual(['b', 'a']);
});
