import type { SlotPlan } from '@/core';
import { setText } from './figures';

/** What each warm-up set is for: the first for rhythm, the second slow, the last shows today's form. */
function aimOf(slot: Pick<SlotPlan, 'warmUp'>, at: number): string {
  const { warmUp } = slot;
  if (warmUp[at]?.kind === 'general')
    return at === 0 ? 'easy, find the rhythm' : 'lower slowly, hold the squeeze';
  return at === warmUp.length - 1 ? 'fast: shows how strong you are today' : 'smooth';
}

/** Warm-up sets with what each is for: `22.5 × 12`, easy, for the rhythm. */
export function warmUpSets(slot: SlotPlan): readonly { readonly set: string; readonly aim: string }[] {
  return slot.warmUp.map(({ load, reps }, at) => ({
    set: setText(load / 100, reps, slot),
    aim: aimOf(slot, at),
  }));
}

/** The same in one line: `22.5 × 12 easy, for the rhythm; 40 × 6 smooth`. */
export function warmUpText(slot: SlotPlan): string {
  return warmUpSets(slot)
    .map(({ set, aim }) => `${set} ${aim}`)
    .join('; ');
}
