/**
 * A rep-max curve relates reps to failure n (reps done + reps in reserve) to the fraction of the one-rep max.
 * Curves are interchangeable; Epley is the default.
 */
export interface RepMaxCurve {
  readonly name: string;
  /** Fraction of 1RM that can be lifted for n reps to failure; n >= 1, may be fractional. */
  fraction(n: number): number;
  /** Reps to failure at a fraction of 1RM; below 1 for a load above the 1RM. */
  repsAt(fraction: number): number;
}

/** Fraction for two reps by Epley. */
const EPLEY_TWO = 30 / 32;

/**
 * Epley: 1 / (1 + n/30), with n = 1 being the 1RM itself. Between one and two reps it is linear, so that a load just
 * below the 1RM leaves a little and the 1RM itself nothing.
 */
export const EPLEY: RepMaxCurve = {
  name: 'Epley',
  fraction(n) {
    if (n <= 1) return 1;
    return n < 2 ? 1 - (n - 1) * (1 - EPLEY_TWO) : 1 / (1 + n / 30);
  },
  repsAt(fraction) {
    if (fraction > 1) return 30 * (1 / fraction - 1);
    return fraction > EPLEY_TWO ? 1 + (1 - fraction) / (1 - EPLEY_TWO) : 30 * (1 / fraction - 1);
  },
};

const BRZYCKI_MOST = 10;

/** Brzycki: (37 - n)/36 up to n = 10, where it meets Epley; Epley beyond. */
export const BRZYCKI: RepMaxCurve = {
  name: 'Brzycki',
  fraction: (n) => (n <= 1 ? 1 : n <= BRZYCKI_MOST ? (37 - n) / 36 : EPLEY.fraction(n)),
  repsAt: (fraction) => (fraction >= (37 - BRZYCKI_MOST) / 36 ? 37 - 36 * fraction : EPLEY.repsAt(fraction)),
};

/** A curve through the points of a table: falling fractions for n = 1, 2, …, linear between them. */
export function tableCurve(name: string, table: readonly number[]): RepMaxCurve {
  const last = table.length;
  const at = (n: number) => table[Math.min(last, Math.max(1, n)) - 1] as number;
  // Beyond its end the table continues at its last slope but never reaches zero.
  const slope = Math.max(1e-4, at(last - 1) - at(last));
  const beyond = (n: number) => at(last) / (1 + (slope / at(last)) * (n - last));
  return {
    name,
    fraction(n) {
      if (n <= 1) return at(1);
      if (n >= last) return beyond(n);
      const low = Math.floor(n);
      return at(low) + (at(low + 1) - at(low)) * (n - low);
    },
    repsAt(fraction) {
      if (fraction >= at(1)) return 1 - (fraction - at(1)) / Math.max(1e-4, at(1) - at(2));
      if (fraction <= at(last)) return last + (at(last) / fraction - 1) * (at(last) / slope);
      let low = 1;
      while (at(low + 1) > fraction) low++;
      return low + (at(low) - fraction) / (at(low) - at(low + 1));
    },
  };
}

/** An athlete's own curve: 1 / (1 + s (n - 1)). */
export function personalCurve(slope: number): RepMaxCurve {
  return {
    name: 'personal',
    fraction: (n) => (n <= 1 ? 1 : 1 / (1 + slope * (n - 1))),
    repsAt: (fraction) => 1 + (1 / fraction - 1) / slope,
  };
}

/**
 * Estimated one-rep max, in the load's unit.
 * @param load as moved, including bodyweight; above 0
 * @param repsToFailure reps done + RIR; at least 1
 */
export function e1rm(load: number, repsToFailure: number, curve: RepMaxCurve = EPLEY): number {
  return load / curve.fraction(Math.max(1, repsToFailure));
}

/** Reps to failure at a load, given the one-rep max in the same unit. */
export function repsToFailure(oneRepMax: number, load: number, curve: RepMaxCurve = EPLEY): number {
  return curve.repsAt(load / oneRepMax);
}
