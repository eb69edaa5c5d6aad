import type { Athlete, Catalogue, Edit, Exercise, Place, Result, SingleEdit, Slot, SlotPlan } from '@/core';
import type { LikelyExercise } from '@/ui/guess-exercise';
import type { Word } from '@/ui/words/glossary';

/** An exercise guessed from a pasted name. */
export interface Guess {
  readonly slotId: string;
  readonly exerciseId: string;
  readonly text: string;
}

/** What a column may read besides the slot. */
export interface ColumnContext {
  /** Finds everyday and similar exercise names; absent: only exact ones are read. */
  readonly likely?: LikelyExercise | undefined;
  readonly onGuess?: ((guess: Guess) => void) | undefined;
  readonly athlete: Athlete;
  readonly catalogue: Catalogue;
  /** The place of the slot's session. */
  readonly place: Place;
  /** The slot in the current week; absent if only its text is needed. */
  readonly planned?: SlotPlan | undefined;
}

/** What a cell shows, and its text when opened for typing. */
export interface CellText {
  readonly shown: string;
  readonly typed: string;
  /** The usual value: shown in grey. */
  readonly quiet: boolean;
}

/** The editor of a cell: plain text, or a list of exercises or techniques. */
export type ColumnEditor = 'text' | 'exercises' | 'techniques';

/** A column of the prescription. One object, one file, one line in the registry. */
export interface SheetColumn<Id extends string = string> {
  readonly id: Id;
  /** Its heading. */
  readonly head: string;
  /** The glossary term of its heading. */
  readonly word?: Word;
  /** Its name for screen readers; absent: its id. */
  readonly label?: string;
  /** Minimum width in px. */
  readonly width: number;
  /** Figures, aligned right. */
  readonly isNumber: boolean;
  readonly editor: ColumnEditor;
  /** Its text in the explanation. */
  readonly help: (slot: Slot) => string;
  readonly show: (slot: Slot, context: ColumnContext, exercise: Exercise | undefined) => CellText;
  /** Its form in a spreadsheet, if it differs from the typed one. */
  readonly copy?: (slot: Slot, context: ColumnContext, exercise: Exercise | undefined) => string;
  /**
   * Reads typed or pasted text; null: nothing to change.
   * @returns the edit to make, or what is wrong with the text; the block decides whether the edit is valid
   */
  readonly read: (text: string, slot: Slot, context: ColumnContext) => Result<Edit | null>;
  /** The edit that clears its value; absent: it always has one. */
  readonly clear?: (slot: Slot) => readonly SingleEdit[];
  /** Whether something in a week is not done as written. */
  readonly alert?: (planned: SlotPlan | undefined) => boolean;
  /** Lower is pasted first, for columns that depend on each other. */
  readonly pasteOrder: number;
}

/** A cell that shows its typed text. */
export function plain(shown: string, quiet = false): CellText {
  return { shown, typed: shown, quiet };
}

/** The edit that sets a field of a slot. */
export function setField<F extends Extract<Edit, { kind: 'slot/set' }>['field']>(
  slot: Slot,
  field: F,
  value: Slot[F],
): SingleEdit {
  // The value has the field's type: TypeScript cannot follow the pair.
  return { kind: 'slot/set', slot: slot.id, field, value } as SingleEdit;
}
