import { type CurrentSet, innerTechnique, loggedAs, type SlotPlan } from '@/core';

/**
 * Reps so far and their target, if the sum counts; undefined if it does not, or nothing is done. Partial and assisted
 * reps are not included.
 */
export function sumSoFar(
  slot: SlotPlan,
  done: ReadonlyMap<string, CurrentSet>,
): { readonly sum: number; readonly of: number } | undefined {
  if (loggedAs(slot.technique) !== 'sum of reps') return undefined;
  const inside = innerTechnique(slot.technique);
  const asked = slot.sets.reduce((sum, { reps }) => sum + reps, 0);
  const of = inside.kind === 'total-rep target' ? inside.total : asked;
  const logged = slot.sets.flatMap(({ id }) => done.get(`${slot.slotId}/${id}`)?.set.reps ?? []);
  if (logged.length === 0) return undefined;
  return { sum: logged.reduce((sum, reps) => sum + reps, 0), of };
}
