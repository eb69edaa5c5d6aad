import { type Catalogue, exchangeExercise, newSlot, ok, refused, variantName } from '@/core';
import type { LikelyExercise } from '@/ui/guess-exercise';
import * as common from '@/ui/words/screens/common';
import { plain, type SheetColumn, setField } from './column';

/** The slot's exercise with its variant. Its id is the slot's, which identifies the row. */
export const exerciseColumn = {
  id: 'slot',
  head: common.exercise,
  width: 158,
  isNumber: false,
  editor: 'exercises',
  pasteOrder: 0,
  help: () => '',
  show: (slot, _, exercise) =>
    plain(exercise === undefined ? slot.exercise.id : variantName(exercise, slot.variant)),
  read: (text, slot, { catalogue, likely, onGuess }) => {
    const named = namedExercise(text, catalogue, likely);
    const exercise = named === undefined ? undefined : catalogue.newest(named.id);
    if (named === undefined || exercise === undefined)
      return refused({ code: 'unknown-exercise', path: `slot/${slot.id}/exercise`, exercise: text });
    if (named.isGuess) onGuess?.({ slotId: slot.id, exerciseId: exercise.id, text: text.trim() });
    if (exercise.id === slot.exercise.id)
      return ok({
        kind: 'batch',
        edits: [
          setField(slot, 'exercise', { id: exercise.id, revision: exercise.revision }),
          setField(slot, 'variant', named.variant),
        ],
      });
    // A new exercise brings its tempo and rest; values in the same paste are applied later and win.
    const fresh = newSlot(slot.id, exercise, named.variant);
    return ok({
      kind: 'batch',
      edits: [
        ...exchangeExercise(slot, catalogue.find(slot.exercise), exercise, named.variant),
        setField(slot, 'tempo', fresh.tempo),
        setField(slot, 'rest', fresh.rest),
      ],
    });
  },
} as const satisfies SheetColumn;

/** An exercise read from text, and whether its name was only similar. */
export interface NamedExercise {
  readonly id: string;
  readonly variant: string | null;
  readonly isGuess: boolean;
}

/**
 * An exercise or variant by its name in a spreadsheet or a pasted plan.
 * @param likely finds everyday and similar names; without it only exact names are read
 */
export function namedExercise(
  name: string,
  catalogue: Catalogue,
  likely?: LikelyExercise,
): NamedExercise | undefined {
  const wanted = name.trim().toLowerCase();
  for (const exercise of catalogue.list) {
    if (exercise.name.toLowerCase() === wanted || exercise.id === wanted)
      return { id: exercise.id, variant: null, isGuess: false };
    const variant = exercise.variants.find(({ id }) => variantName(exercise, id).toLowerCase() === wanted);
    if (variant !== undefined) return { id: exercise.id, variant: variant.id, isGuess: false };
  }
  const found = likely?.(wanted.replace(/\s+/g, ' '), catalogue, {});
  return found?.id === undefined
    ? undefined
    : { id: found.id, variant: null, isGuess: found.how !== 'known' };
}
