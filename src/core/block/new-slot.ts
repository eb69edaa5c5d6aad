import type { Exercise } from '../exercises/exercise';
import type { Slot } from './document';
import type { RepRange } from './rep-range';
import { SLOT_FIELDS } from './slot-fields';

/**
 * Prescription of a new slot: the exercise's default tempo and rest, default rules, and a middle rep range.
 * @param range the athlete's best rep range for the exercise, if known
 */
export function newSlot(
  id: string,
  exercise: Exercise,
  variant: string | null = null,
  range: RepRange | undefined = undefined,
): Slot {
  const fields = Object.entries(SLOT_FIELDS).map(([name, { start }]) => [name, start(exercise)]);
  // Built entry by entry; TypeScript cannot infer from a list that each name keeps its own value type.
  const made = { id, ...Object.fromEntries(fields), variant } as Slot;
  return range === undefined ? made : { ...made, range };
}
