import type { Muscle } from '../anatomy/muscle';
import type { Conventions } from '../conventions/conventions';
import { credits, type Exercise } from '../exercises/exercise';
import type { SlotPlan } from '../plan/slot';
import { tensionOf } from './full-reps';

/**
 * Seconds under tension of each muscle over some slots: seconds of every working set times its share in it.
 */
export function tensionSeconds(
  slots: readonly { readonly slot: SlotPlan; readonly exercise: Exercise }[],
  conventions: Pick<Conventions, 'secondsPerRep'>,
): ReadonlyMap<Muscle, number> {
  const tension = new Map<Muscle, number>();
  for (const { slot, exercise } of slots) {
    // One side rests while the other works: each limb is under tension for its own half.
    const seconds = slot.sets.reduce((sum, set) => sum + tensionOf(set, slot, conventions), 0);
    for (const [muscle, share] of credits(exercise))
      tension.set(muscle, (tension.get(muscle) ?? 0) + seconds * share);
  }
  return tension;
}
