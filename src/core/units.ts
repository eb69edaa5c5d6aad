declare const inHundredths: unique symbol;

/**
 * A load in hundredths of its unit, so that plates add up exactly. Loads of a grid are whole. A plain number, a load
 * in the unit itself, does not have this type.
 */
export type Hundredths = number & { readonly [inHundredths]: true };

/** Whole hundredths of a load in its unit. */
export function hundredths(load: number): Hundredths {
  return Math.round(load * 100) as Hundredths;
}

/** A value computed from hundredths, possibly fractional. */
export function asHundredths(computed: number): Hundredths {
  return computed as Hundredths;
}

/** The lighter of two loads. */
export function lighter(one: Hundredths, other: Hundredths): Hundredths {
  return asHundredths(Math.min(one, other));
}

/** The heavier of two loads. */
export function heavier(one: Hundredths, other: Hundredths): Hundredths {
  return asHundredths(Math.max(one, other));
}

/** The load in its unit. */
export function decimal(load: Hundredths): number {
  return load / 100;
}
