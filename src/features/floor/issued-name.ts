import { type SlotPlan, variantName } from '@/core';
import type { FloorSession } from './contract';

/** A slot's exercise as it was issued, in its variant. */
export function nameOf(slot: SlotPlan, data: Pick<FloorSession, 'exercises'>): string {
  const exercise = data.exercises[slot.exerciseId];
  return exercise === undefined ? slot.exerciseId : variantName(exercise, slot.variant);
}
