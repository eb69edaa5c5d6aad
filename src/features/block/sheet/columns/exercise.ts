import { type Catalogue, ok, refused, variantName } from '@/core';
import { plain, type SheetColumn, setField } from './column';

/** The exercise of the slot, in its set-up. Its id is that of the slot itself: the row is known by it. */
export const exerciseColumn = {
  id: 'slot',
  head: 'slot',
  width: 158,
  isNumber: false,
  editor: 'exercises',
  pasteOrder: 0,
  help: () => '',
  show: (slot, _, exercise) =>
    plain(exercise === undefined ? slot.exercise.id : variantName(exercise, slot.variant)),
  read: (text, slot, { catalogue }) => {
    const named = namedExercise(text, catalogue);
    const exercise = named === undefined ? undefined : catalogue.newest(named.id);
    if (named === undefined || exercise === undefined)
      return refused({ code: 'unknown-exercise', path: `slot/${slot.id}/exercise`, exercise: text });
    return ok({
      kind: 'batch',
      edits: [
        setField(slot, 'exercise', { id: exercise.id, revision: exercise.revision }),
        setField(slot, 'variant', named.variant),
      ],
    });
  },
} as const satisfies SheetColumn;

/** An exercise or one of its variants by its name, as a spreadsheet has it. */
export function namedExercise(
  name: string,
  catalogue: Catalogue,
): { id: string; variant: string | null } | undefined {
  const wanted = name.trim().toLowerCase();
  for (const exercise of catalogue.list) {
    if (exercise.name.toLowerCase() === wanted || exercise.id === wanted)
      return { id: exercise.id, variant: null };
    const variant = exercise.variants.find(({ id }) => variantName(exercise, id).toLowerCase() === wanted);
    if (variant !== undefined) return { id: exercise.id, variant: variant.id };
  }
  return undefined;
}
