import type { Exercise } from '../exercises/exercise';
import type { Slot } from './document';
import type { RepRange } from './rep-range';
import { SLOT_FIELDS } from './slot-fields';

/**
 * Prescription of a new slot: the exercise's own tempo and rest, the default rules, and a middling range.
 * @param range the one in which the athlete feels the exercise best, where that is known
 */
export function newSlot(
  id: string,
  exercise: Exercise,
  variant: string | null = null,
  range: RepRange | undefined = undefined,
): Slot {
  const fields = Object.entries(SLOT_FIELDS).map(([name, { start }]) => [name, start(exercise)]);
  // Built entry by entry: that each name keeps its own value cannot be followed through a list.
  const made = { id, ...Object.fromEntries(fields), variant } as Slot;
  return range === undefined ? made : { ...made, range };
}
