import type { Muscle } from '../anatomy/muscle';
import type { Conventions } from '../conventions/conventions';
import { credits, type Exercise } from '../exercises/exercise';
import type { SlotPlan } from '../plan/slot';
import { setTension } from './full-reps';

/** Seconds under tension per muscle over some slots: seconds of every working set times its share. */
export function tensionSeconds(
  slots: readonly { readonly slot: SlotPlan; readonly exercise: Exercise }[],
  conventions: Pick<Conventions, 'secondsPerRep'>,
): ReadonlyMap<Muscle, number> {
  const tension = new Map<Muscle, number>();
  for (const { slot, exercise } of slots) {
    // While one side works the other rests: each limb is under tension for its own half.
    const seconds = slot.sets.reduce((sum, set) => sum + setTension(set, slot, conventions), 0);
    for (const [muscle, share] of credits(exercise))
      tension.set(muscle, (tension.get(muscle) ?? 0) + seconds * share);
  }
  return tension;
}
