import { conventionsWith } from '../conventions/conventions';
import { rangeInPhase } from './phase-range';

const usual = conventionsWith();

test.each([
  ['gaining', 8, 12, 8, 12],
  ['holding', 8, 12, 8, 12],
  ['cutting', 8, 12, 13, 17],
  ['cutting', 5, 5, 10, 10],
  ['cutting', 20, 25, 25, 30],
  ['cutting', 20, 26, 25, 30],
  ['cutting', 28, 30, 30, 30],
  // A range already above thirty stays.
  ['cutting', 20, 31, 20, 31],
] as const)('%s: %d-%d becomes %d-%d', (phase, low, high, from, to) => {
  expect(rangeInPhase({ low, high }, phase, usual)).toEqual({ low: from, high: to });
});
