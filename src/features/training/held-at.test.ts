import { heldAt } from './held-at';

test.each([
  [0, 'before', 0, 'starts in 5 s'],
  [4999, 'before', 0, 'starts in 1 s'],
  [5000, 'holding', 0, '20 s to go'],
  [24_999, 'holding', 19, '1 s to go'],
  [25_000, 'longer', 20, 'Time'],
  [26_000, 'longer', 21, '1 s over'],
] as const)('%d ms after its tap a hold of 20 s is %s', (after, phase, held, words) => {
  expect(heldAt(1_000_000, 1_000_000 + after, 20)).toEqual({ phase, held, words });
});
