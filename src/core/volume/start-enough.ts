import type { Soreness } from '../log/soreness';

/** A slot's sets as done, in order. */
export interface StartSets {
  readonly sets: readonly { readonly load: number; readonly reps: number; readonly rir: number }[];
}

/** Whether reps did not fall across the sets of any slot, at equal load; false if no slot has two sets at one load. */
function repsHold(slots: readonly StartSets[]): boolean {
  const falls = slots.flatMap(({ sets }) => {
    const [first] = sets;
    const alike = sets.filter(({ load }) => load === first?.load);
    const last = alike.at(-1);
    if (first === undefined || last === undefined || alike.length < 2) return [];
    return [last.reps + last.rir < first.reps + first.rir];
  });
  return falls.length > 0 && !falls.includes(true);
}

/**
 * Whether the start is enough. In week 1 the muscle should feel clearly worked, and at equal load reps should fall
 * across the sets of a slot. Each condition not met suggests one more set: the start is below this athlete's minimum.
 * Without a soreness report the muscle counts as worked; without two sets at equal load nothing is concluded about
 * reps.
 * @returns sets to add, 0 to 2
 */
export function startShortfall(slots: readonly StartSets[], soreness: Soreness | 'no check-in'): number {
  return Number(soreness === 'never sore') + Number(repsHold(slots));
}

/**
 * The same deep in a cut, where a muscle is seldom sore: only sets that no longer fall off show that more are needed.
 * @returns sets to add, 0 to 2
 */
export function cutShortfall(slots: readonly StartSets[], soreness: Soreness | 'no check-in'): number {
  return repsHold(slots) ? startShortfall(slots, soreness) : 0;
}
