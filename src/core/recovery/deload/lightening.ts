import type { Conventions } from '../../conventions/conventions';
import type { Fields } from '../../fields';

/** Which slots a deload keeps. */
export const KEPT = ['all', 'first compound per muscle', 'first compound of the session', 'none'] as const;
export type Kept = (typeof KEPT)[number];

/** What a deload reduces, by dimension. Shares are relative to the last building week. */
export interface Lightening {
  readonly sets: number;
  /** Share of the load as moved. */
  readonly load: number;
  /** Load at most this share of the one-rep max. */
  readonly ofMax: number;
  readonly reps: number;
  /** Least RIR, for which reps are reduced; 0 leaves them unchanged. */
  readonly rir: number;
  /** Share of the asked reps that stays: from there the load falls instead. 0: reps alone fall. */
  readonly leastReps: number;
  readonly kept: Kept;
  /** Whether sessions are dropped as long as every muscle is trained once. */
  readonly fewerDays: boolean;
  /** Longest session in minutes. */
  readonly minutes: number;
}

/** No reduction. */
export const UNCHANGED: Lightening = {
  sets: 1,
  load: 1,
  ofMax: 1,
  reps: 1,
  rir: 0,
  leastReps: 0,
  kept: 'all',
  fewerDays: false,
  minutes: Number.POSITIVE_INFINITY,
};

/** A kind of deload as data with parameters P; a new one is one file and one line in the registry. */
export interface DeloadKind<P extends { readonly kind: string }> {
  readonly kind: P['kind'];
  readonly fields: Fields<P>;
  /** Default parameters when a coach chooses it. */
  readonly start: P;
  readonly lightens: (parameters: P, conventions: Conventions) => Partial<Lightening>;
}

/** Several combined: the lowest value of each dimension. */
export function combineLightenings(lightenings: readonly Partial<Lightening>[]): Lightening {
  return lightenings.reduce<Lightening>((sum, one) => {
    const each = { ...UNCHANGED, ...one };
    return {
      sets: Math.min(sum.sets, each.sets),
      load: Math.min(sum.load, each.load),
      ofMax: Math.min(sum.ofMax, each.ofMax),
      reps: Math.min(sum.reps, each.reps),
      rir: Math.max(sum.rir, each.rir),
      leastReps: Math.max(sum.leastReps, each.leastReps),
      kept: KEPT[Math.max(KEPT.indexOf(sum.kept), KEPT.indexOf(each.kept))] as Kept,
      fewerDays: sum.fewerDays || each.fewerDays,
      minutes: Math.min(sum.minutes, each.minutes),
    };
  }, UNCHANGED);
}
