/**
 * A rep-max curve relates reps to failure n (reps done + reps in reserve) to the fraction of the one-rep max.
 * Curves are interchangeable; Epley is the default.
 */
export interface RepMaxCurve {
  readonly name: string;
  /** Fraction of 1RM that can be lifted for n reps to failure; n >= 1, need not be whole. */
  fraction(n: number): number;
  /** Reps to failure at a fraction of 1RM; below 1 when the load is above the 1RM. */
  repsAt(fraction: number): number;
}

/** Epley: 1 / (1 + n/30), with n = 1 being the 1RM itself. */
export const EPLEY: RepMaxCurve = {
  name: 'Epley',
  fraction: (n) => (n <= 1 ? 1 : 1 / (1 + n / 30)),
  repsAt(fraction) {
    const n = 30 * (1 / fraction - 1);
    // The curve jumps from 30/32 at n = 2 over n = 1: a load between the two and 1RM can be lifted once.
    return fraction <= 1 ? Math.max(1, n) : n;
  },
};

/**
 * Estimated one-rep max, in the unit of the load.
 * @param load what is moved, bodyweight share included; above 0
 * @param repsToFailure reps done + RIR; at least 1
 */
export function e1rm(load: number, repsToFailure: number, curve: RepMaxCurve = EPLEY): number {
  return load / curve.fraction(Math.max(1, repsToFailure));
}

/** Reps to failure at a load, given the one-rep max in the same unit. */
export function repsToFailure(oneRepMax: number, load: number, curve: RepMaxCurve = EPLEY): number {
  return curve.repsAt(load / oneRepMax);
}
