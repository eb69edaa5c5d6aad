/** Guards against binary fractions such as 2.4999999 that stand for 2.5. */
const EPSILON = 1e-9;

/** The nearest whole number; halves go up. */
export function roundHalfUp(x: number): number {
  return Math.floor(x + 0.5 + EPSILON) + 0;
}

/** The nearest whole number; halves go down. */
export function roundHalfDown(x: number): number {
  // Adding zero turns -0 into 0: the two would not compare equal once stored.
  return Math.ceil(x - 0.5 - EPSILON) + 0;
}

/** Values are compared with a limit after rounding to 0.001, so that what stands exactly on it is on it. */
const ON_LIMIT = 0.0005;

/** Whether a value is at a limit or below it. */
export function isAtMost(value: number, limit: number): boolean {
  return value < limit + ON_LIMIT;
}

/** Whether a value is at a limit or above it. */
export function isAtLeast(value: number, limit: number): boolean {
  return value > limit - ON_LIMIT;
}

export function clamp(x: number, low: number, high: number): number {
  return Math.min(high, Math.max(low, x));
}
