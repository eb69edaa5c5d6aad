import type { Soreness } from '../log/soreness';

/** A slot's sets as done in week 1, in order. */
export interface StartSets {
  readonly sets: readonly { readonly load: number; readonly reps: number; readonly rir: number }[];
}

/**
 * Whether the start is enough. In week 1 the muscle should feel clearly worked, and at equal load reps should fall
 * across the sets of a slot. Each condition not met suggests one more set: the start is below this athlete's minimum.
 * Without a soreness report the muscle counts as worked; without two sets at equal load nothing is concluded about
 * reps.
 * @returns sets to add, 0 to 2
 */
export function startShortfall(slots: readonly StartSets[], soreness: Soreness | 'no check-in'): number {
  const told = slots.flatMap(({ sets }) => {
    const [first] = sets;
    const alike = sets.filter(({ load }) => load === first?.load);
    const last = alike.at(-1);
    if (first === undefined || last === undefined || alike.length < 2) return [];
    return [last.reps + last.rir < first.reps + first.rir];
  });
  const held = told.length > 0 && !told.includes(true);
  return Number(soreness === 'never sore') + Number(held);
}
