import type { Exercise } from '../exercises/exercise';
import type { Slot } from './document';
import type { SingleEdit } from './edits/edit';
import { newSlot } from './new-slot';

/**
 * Replaces a slot's exercise. The prescription stays; everything specific to the old exercise is dropped: set-ups,
 * start set, note, loads typed for single weeks, default tempo, and reps if the new one is a hold.
 * @param from the old exercise; undefined if it no longer exists
 * @param variant set-up of the new one, by id
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
    { kind: 'slot/set', slot: slot.id, field: 'alone', value: false },
    { kind: 'slot/set', slot: slot.id, field: 'relief', value: null },
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
