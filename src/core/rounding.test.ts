import { roundHalfDown, roundHalfUp } from './rounding';

test('halves round up or down as asked, even if binary fractions blur them', () => {
  expect(roundHalfUp(2.5)).toBe(3);
  expect(roundHalfDown(2.5)).toBe(2);
  expect(roundHalfUp(0.1 * 3 * 5)).toBe(2);
  expect(roundHalfDown(1.4999999999)).toBe(1);
});
