import { conventionsWith } from '../conventions/conventions';
import { isFarAboveHold, mostWhileMaintained } from './maintained';

const usual = conventionsWith();

test.each([
  // Half of 3 is 1.5, so the two-set limit applies: 5 is far, 4.9 is not.
  [3, 4.9, false],
  [3, 5, true],
  // Half of 6 is 3: 9 is exactly half above it, 9.1 is more.
  [6, 9, false],
  [6, 9.1, true],
  // More than half of 1, but fewer than two sets.
  [1, 2.9, false],
])('maintenance of %d with %d sets: far above is %s', (hold, sets, isFar) => {
  expect(isFarAboveHold(sets, hold, usual)).toBe(isFar);
});

test.each([1, 3, 4, 6, 9])(
  'the most a maintenance of %d allows is not far above it, a tenth of a set more is',
  (hold) => {
    const most = mostWhileMaintained(hold, usual);
    expect(isFarAboveHold(most, hold, usual)).toBe(false);
    expect(isFarAboveHold(most + 0.1, hold, usual)).toBe(true);
  },
);
