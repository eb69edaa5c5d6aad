declare const inHundredths: unique symbol;

/**
 * A load as the core computes it: hundredths of its unit, so that plates add up exactly. What a grid makes is whole.
 * A plain number, which is a load in the unit itself, is not one.
 */
export type Hundredths = number & { readonly [inHundredths]: true };

/** Whole hundredths of a load in its unit. */
export function hundredths(load: number): Hundredths {
  return Math.round(load * 100) as Hundredths;
}

/** What was computed from hundredths is hundredths again; need not be whole. */
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
