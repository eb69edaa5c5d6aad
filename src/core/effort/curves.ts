import { BRZYCKI, EPLEY, personalCurve, type RepMaxCurve, tableCurve } from './rep-max';

export const CURVES = ['Epley', 'Brzycki', 'table', 'personal'] as const;
export type CurveKind = (typeof CURVES)[number];

/**
 * A slope fitted to an athlete's own sets, with its quality. Errors are root mean squares, in per cent of the load.
 */
export interface PersonalFit {
  readonly slope: number;
  readonly error: number;
  /** Epley's error on the same sets. */
  readonly epleyError: number;
  readonly sets: number;
  /** Range of reps to failure in the sets: outside it the curve is a guess. */
  readonly from: number;
  readonly to: number;
}

/** The curve used for an athlete's loads. */
export interface Effort {
  readonly curve: CurveKind;
  /** Fractions for n = 1 … 30; null: as shipped. */
  readonly table: readonly number[] | null;
  /** The fit used by `personal`; null: Epley until there is one. */
  readonly personal: PersonalFit | null;
}

export const USUAL_EFFORT: Effort = { curve: 'Epley', table: null, personal: null };

/** The shipped table, a cautious one: fractions of 1RM for 1 to 30 reps to failure. */
export const CAUTIOUS_TABLE: readonly number[] = [
  1, 0.935, 0.9, 0.865, 0.835, 0.805, 0.775, 0.76, 0.745, 0.73, 0.715, 0.7, 0.69, 0.68, 0.67, 0.66, 0.65,
  0.64, 0.63, 0.62, 0.61, 0.6, 0.59, 0.58, 0.57, 0.56, 0.55, 0.54, 0.53, 0.52,
];

/** The curve for an athlete's choice. */
export function chosenCurve(effort: Effort): RepMaxCurve {
  switch (effort.curve) {
    case 'Epley':
      return EPLEY;
    case 'Brzycki':
      return BRZYCKI;
    case 'table':
      return tableCurve('table', effort.table ?? CAUTIOUS_TABLE);
    case 'personal':
      return effort.personal === null ? EPLEY : personalCurve(effort.personal.slope);
  }
}
