import { type SetPlan, type SlotPlan, variantName } from '@/core';
import type { SessionData } from './contract';

/** A slot's exercise as sent, with its variant; or that of a set if variants rotate. */
export function nameOf(
  slot: SlotPlan,
  data: Pick<SessionData, 'exercises'>,
  set?: Pick<SetPlan, 'variant'>,
): string {
  const exercise = data.exercises[slot.exerciseId];
  return exercise === undefined ? slot.exerciseId : variantName(exercise, set?.variant ?? slot.variant);
}
