import type { Exercise } from '../exercises/exercise';
import type { Slot } from './document';
import { SLOT_FIELDS } from './slot-fields';

/** Prescription of a new slot: the exercise's own tempo and rest, a middling range, the default rules. */
export function newSlot(id: string, exercise: Exercise, variant: string | null = null): Slot {
  const fields = Object.entries(SLOT_FIELDS).map(([name, { start }]) => [name, start(exercise)]);
  // Built entry by entry: that each name keeps its own value cannot be followed through a list.
  return { id, ...Object.fromEntries(fields), variant } as Slot;
}
