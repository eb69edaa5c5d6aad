/** Compensates for binary fractions such as 2.4999999 that stand for 2.5. */
const EPSILON = 1e-9;

/** The nearest whole number; halves go up. */
export function roundHalfUp(x: number): number {
  return Math.floor(x + 0.5 + EPSILON) + 0;
}

/** The nearest whole number; halves go down. */
export function roundHalfDown(x: number): number {
  // Adding zero turns -0 into 0: they would not compare equal once stored.
  return Math.ceil(x - 0.5 - EPSILON) + 0;
}

/** The nearest half; quarters go up. */
export function roundToHalf(x: number): number {
  return roundHalfUp(x * 2) / 2;
}

/** Values are rounded to 0.001 before comparison, so that a value exactly at the limit counts as at it. */
const ON_LIMIT = 0.0005;

/** Whether a value is at or below a limit. */
export function isAtMost(value: number, limit: number): boolean {
  return value < limit + ON_LIMIT;
}

/** Whether a value is at or above a limit. */
export function isAtLeast(value: number, limit: number): boolean {
  return value > limit - ON_LIMIT;
}

export function clamp(x: number, low: number, high: number): number {
  return Math.min(high, Math.max(low, x));
}
