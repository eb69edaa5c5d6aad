import fc from 'fast-check';
import { conventionsWith } from '../conventions/conventions';
import { driftedSet, driftPerSet } from './drift';

const conventions = conventionsWith();

test('150 s cost one rep a set, 60 s two and a half, within half a rep and three', () => {
  expect(driftPerSet(150, conventions)).toBe(1);
  expect(driftPerSet(60, conventions)).toBe(2.5);
  expect(driftPerSet(600, conventions)).toBe(0.5);
  expect(driftPerSet(20, conventions)).toBe(3);
  expect(driftPerSet(0, conventions)).toBe(3);
});

test('hold RIR: 10, 9, 7 at 120 s (1.25 a set, rounded at each set)', () => {
  const reps = [1, 2, 3].map((k) => driftedSet('hold RIR', { reps: 10, rir: 2 }, 1.25, k));
  expect(reps).toEqual([
    { reps: 10, rir: 2 },
    { reps: 9, rir: 2 },
    { reps: 7, rir: 2 },
  ]);
});

test('hold reps: the same reps end nearer failure, below 0 when they cannot be done', () => {
  expect(driftedSet('hold reps', { reps: 10, rir: 2 }, 1.25, 3)).toEqual({ reps: 10, rir: -0.5 });
});

test('later sets never ask more', () => {
  fc.assert(
    fc.property(
      fc.integer({ min: 1, max: 30 }),
      fc.integer({ min: 5, max: 600 }),
      fc.integer({ min: 1, max: 9 }),
      (reps, rest, k) => {
        const d = driftPerSet(rest, conventions);
        const at = (set: number) => driftedSet('hold RIR', { reps, rir: 2 }, d, set).reps;
        return at(k + 1) <= at(k) && at(k + 1) >= 1;
      },
    ),
  );
});
