import type { SlotPlan } from './slot';

/** Working sets of a slot: rounds where mini-sets make them, without optional ones. */
export function workingSets({ sets }: Pick<SlotPlan, 'sets'>): number {
  return sets.reduce(
    (sum, { piece, optional, role }) => sum + (piece === 1 && !optional && role !== 'easy' ? 1 : 0),
    0,
  );
}

/** What sets count for, whatever they train: a round of mini-sets as its pieces are credited. */
export function creditIn(sets: SlotPlan['sets']): number {
  return sets.reduce((sum, { credit }) => sum + credit, 0);
}
