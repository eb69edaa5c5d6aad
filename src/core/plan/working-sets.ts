import type { SlotPlan } from './slot';

/** Working sets of a slot: rounds if it uses mini-sets, without optional sets. */
export function workingSets({ sets }: Pick<SlotPlan, 'sets'>): number {
  return sets.reduce(
    (sum, { piece, optional, role }) => sum + (piece === 1 && !optional && role !== 'easy' ? 1 : 0),
    0,
  );
}

/** The credit of sets, whatever they train: a round of mini-sets by the credit of its parts. */
export function totalCredit(sets: SlotPlan['sets']): number {
  return sets.reduce((sum, { credit }) => sum + credit, 0);
}
