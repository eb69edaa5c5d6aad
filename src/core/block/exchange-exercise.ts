import type { Exercise } from '../exercises/exercise';
import type { Slot } from './document';
import type { SingleEdit } from './edits/edit';
import { newSlot } from './new-slot';

/**
 * Another exercise in a slot's place. The prescription stays; what speaks of the old exercise goes: its set-ups, start
 * set, note and loads typed for single weeks, its own tempo, and reps where the other is held.
 * @param from the old exercise; undefined where nobody knows it any more
 * @param variant set-up of the new one, by its id
 */
export function exchangeExercise(
  slot: Slot,
  from: Exercise | undefined,
  to: Exercise,
  variant: string | null = null,
): readonly SingleEdit[] {
  const fresh = newSlot(slot.id, to, variant);
  const isAlike = from?.measure === to.measure;
  const weeks = slot.weeks
    .map((week) => ({ ...week, load: null, reps: isAlike ? week.reps : null }))
    .filter(
      ({ sets, reps, rir, exercise }) =>
        sets !== null || reps !== null || rir !== null || exercise !== undefined,
    );
  const edits: readonly SingleEdit[] = [
    { kind: 'slot/set', slot: slot.id, field: 'exercise', value: fresh.exercise },
    { kind: 'slot/set', slot: slot.id, field: 'variant', value: variant },
    { kind: 'slot/set', slot: slot.id, field: 'start', value: null },
    { kind: 'slot/set', slot: slot.id, field: 'note', value: '' },
    { kind: 'slot/set', slot: slot.id, field: 'rotate', value: [] },
    { kind: 'slot/set', slot: slot.id, field: 'weeks', value: weeks },
  ];
  return [
    ...edits,
    ...(from === undefined || !isAlike || slot.tempo === newSlot(slot.id, from).tempo
      ? [{ kind: 'slot/set', slot: slot.id, field: 'tempo', value: fresh.tempo } as const]
      : []),
    ...(isAlike ? [] : [{ kind: 'slot/set', slot: slot.id, field: 'range', value: fresh.range } as const]),
  ];
}
