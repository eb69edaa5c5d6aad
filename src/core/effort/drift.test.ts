import fc from 'fast-check';
import { conventionsWith } from '../conventions/conventions';
import { exerciseById } from '../exercises/library';
import {
  averageFirstRir,
  driftPerSet,
  firstHoldRange,
  firstSetRange,
  setAfterDrift,
  smallReps,
} from './drift';

const conventions = conventionsWith();

test('150 s of rest cost one rep per set, 60 s one and a half, and from 240 s on half a rep', () => {
  expect(driftPerSet(150, conventions)).toBe(1);
  expect(driftPerSet(60, conventions)).toBe(1.5);
  expect(driftPerSet(239, conventions)).toBeCloseTo(0.5056, 4);
  expect(driftPerSet(240, conventions)).toBe(0.5);
  expect(driftPerSet(600, conventions)).toBe(0.5);
  expect(driftPerSet(0, conventions)).toBeCloseTo(1.8333, 4);
});

test('long sets of small isolation lifts lose more after short rests: 25 lateral raises at 45 s lose three', () => {
  // 1 + 105/180 = 1.58, x 25/12.
  expect(driftPerSet(45, conventions, 25)).toBeCloseTo(3.299, 3);
  // At the limits: 75 s is not short, 14 reps are not long.
  expect(driftPerSet(74, conventions, 15)).toBeCloseTo((1 + 76 / 180) * 1.25, 6);
  expect(driftPerSet(75, conventions, 15)).toBe(driftPerSet(75, conventions));
  expect(driftPerSet(74, conventions, 14)).toBe(driftPerSet(74, conventions));
});

test('only isolation of small muscles counts as such', () => {
  const reps = (id: string) => {
    const exercise = exerciseById(id);
    return exercise === undefined ? undefined : smallReps(exercise, 20);
  };
  expect(reps('cable-lateral-raise')).toBe(20);
  expect(reps('barbell-curl')).toBe(20);
  // A large muscle, a compound, and a hold.
  expect(reps('leg-extension')).toBe(0);
  expect(reps('close-grip-bench-press')).toBe(0);
  expect(reps('plank')).toBe(0);
});

test('constant reps meet the target RIR on average, but the last set can always be completed', () => {
  // Three sets at 150 s: 3, 2, 1 for an average of 2; to failure 2, 1, 0.
  expect(averageFirstRir(2, 1, 3, conventions)).toBe(3);
  expect(averageFirstRir(1, 1, 3, conventions)).toBe(2);
  expect(averageFirstRir(0, 1, 3, conventions)).toBe(2);
  expect(averageFirstRir(2, 1, 1, conventions)).toBe(2);
  // Set 1 still counts, up to 4; a week easier than that keeps its own RIR.
  expect(averageFirstRir(2, 1, 5, conventions)).toBe(4);
  expect(averageFirstRir(3, 1.25, 3, conventions)).toBe(4);
  expect(averageFirstRir(6, 1, 3, conventions)).toBe(6);
  // The last set must be possible, and must keep what it has to keep.
  expect(averageFirstRir(0, 1, 6, conventions)).toBe(5);
  expect(averageFirstRir(1, 1, 3, { ...conventions, leastRir: 1 })).toBe(3);
});

test('set 1 asks for enough reps that the last set reaches the bottom of the range, and at most the top', () => {
  const range = { low: 8, high: 12 };
  const alike = (sets: number) => Array<number>(sets).fill(2);
  expect(firstSetRange(range, 1, alike(1))).toEqual({ low: 8, high: 12 });
  expect(firstSetRange(range, 1, alike(3))).toEqual({ low: 10, high: 12 });
  // 1.25 x 2 = 2.5, rounded up like the third set's loss.
  expect(firstSetRange(range, 1.25, alike(3))).toEqual({ low: 11, high: 12 });
  expect(firstSetRange(range, 1, alike(5))).toEqual({ low: 12, high: 12 });
  expect(firstSetRange(range, 1, alike(6))).toEqual({ low: 12, high: 12 });
  // A first set closer to failure leaves later sets fewer reps; a last set closer to failure regains what it lost.
  expect(firstSetRange(range, 1, [1, 2, 2])).toEqual({ low: 11, high: 12 });
  expect(firstSetRange(range, 1, [2, 2, 0])).toEqual({ low: 9, high: 12 });
});

test('each further hold loses a tenth of the first: 23 s become 20', () => {
  expect(firstHoldRange({ low: 20, high: 60 }, 0.05, 3)).toEqual({ low: 23, high: 60 });
  expect(firstHoldRange({ low: 20, high: 60 }, 0.05, 1)).toEqual({ low: 20, high: 60 });
  expect(firstHoldRange({ low: 20, high: 30 }, 0.5, 3)).toEqual({ low: 30, high: 30 });
});

test('constant RIR: 10, 9, 7 at 120 s (1.25 per set, rounded at each set)', () => {
  const reps = [1, 2, 3].map((k) => setAfterDrift('hold RIR', { reps: 10, rir: 2 }, 1.25, k));
  expect(reps).toEqual([
    { reps: 10, rir: 2 },
    { reps: 9, rir: 2 },
    { reps: 7, rir: 2 },
  ]);
});

test('constant reps end closer to failure, below 0 if they cannot be done', () => {
  expect(setAfterDrift('hold reps', { reps: 10, rir: 2 }, 1.25, 3)).toEqual({ reps: 10, rir: -0.5 });
});

test('later sets never ask for more reps', () => {
  fc.assert(
    fc.property(
      fc.integer({ min: 1, max: 30 }),
      fc.integer({ min: 5, max: 600 }),
      fc.integer({ min: 1, max: 9 }),
      (reps, rest, k) => {
        const d = driftPerSet(rest, conventions);
        const at = (set: number) => setAfterDrift('hold RIR', { reps, rir: 2 }, d, set).reps;
        return at(k + 1) <= at(k) && at(k + 1) >= 1;
      },
    ),
  );
});
