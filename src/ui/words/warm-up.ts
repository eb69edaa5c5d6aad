import type { SlotPlan } from '@/core';
import { setText } from './figures';

/** What each warm-up set is for: the first finds the rhythm, the second is slow and squeezed, the last tells of today. */
function aimOf(slot: Pick<SlotPlan, 'warmUp'>, at: number): string {
  const { warmUp } = slot;
  if (warmUp[at]?.kind === 'general')
    return at === 0 ? 'easy, for the rhythm' : 'slowly down, hold the squeeze';
  return at === warmUp.length - 1 ? 'crisp: it tells how today is' : 'smooth';
}

/** Warm-up sets with their aims: `22.5 × 12 easy, for the rhythm; 40 × 6 smooth`. */
export function warmUpText(slot: SlotPlan): string {
  return slot.warmUp
    .map(({ load, reps }, at) => `${setText(load / 100, reps, slot)} ${aimOf(slot, at)}`)
    .join('; ');
}
