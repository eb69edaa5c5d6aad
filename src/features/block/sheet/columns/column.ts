import type { Athlete, Catalogue, Edit, Exercise, Place, Result, SingleEdit, Slot, SlotPlan } from '@/core';
import type { LikelyExercise } from '@/ui/likely-exercise';
import type { Word } from '@/ui/words/glossary';

/** An exercise that was guessed from a pasted name. */
export interface Guess {
  readonly slotId: string;
  readonly exerciseId: string;
  readonly text: string;
}

/** What a column may look at beside the slot. */
export interface ColumnContext {
  /** Finds everyday and similar names of exercises; absent: only exact ones are read. */
  readonly likely?: LikelyExercise | undefined;
  readonly onGuess?: ((guess: Guess) => void) | undefined;
  readonly athlete: Athlete;
  readonly catalogue: Catalogue;
  /** Where the slot's session is trained. */
  readonly place: Place;
  /** The slot in the week in hand; absent where only the text is wanted. */
  readonly planned?: SlotPlan | undefined;
}

/** What a cell shows, and how it reads when it is opened for typing. */
export interface CellText {
  readonly shown: string;
  readonly typed: string;
  /** As most slots have it: set softly. */
  readonly quiet: boolean;
}

/** What a cell is edited with: plain text, or a list of exercises or techniques. */
export type ColumnEditor = 'text' | 'exercises' | 'techniques';

/** A column of the prescription. One object, one file, one line in the registry. */
export interface SheetColumn<Id extends string = string> {
  readonly id: Id;
  /** Over the column. */
  readonly head: string;
  /** What of its head is explained. */
  readonly word?: Word;
  /** Its name for those who do not see the head; absent: its id. */
  readonly label?: string;
  /** Least width in px. */
  readonly width: number;
  /** Figures, set flush right. */
  readonly isNumber: boolean;
  readonly editor: ColumnEditor;
  /** What the why strip says of it. */
  readonly help: (slot: Slot) => string;
  readonly show: (slot: Slot, context: ColumnContext, exercise: Exercise | undefined) => CellText;
  /** How it goes to a spreadsheet, where that is not how it is typed. */
  readonly copy?: (slot: Slot, context: ColumnContext, exercise: Exercise | undefined) => string;
  /**
   * Reads a text that was typed or pasted; null: it says nothing.
   * @returns the edit to make, or what is wrong with the text; whether the edit may stand is for the block to say
   */
  readonly read: (text: string, slot: Slot, context: ColumnContext) => Result<Edit | null>;
  /** What takes its value away; absent: it always has one. */
  readonly clear?: (slot: Slot) => readonly SingleEdit[];
  /** Whether something here is not done as written in a week. */
  readonly alert?: (planned: SlotPlan | undefined) => boolean;
  /** Lower goes first where several are pasted: one may lean on the other. */
  readonly pasteOrder: number;
}

/** A cell that shows what is typed. */
export function plain(shown: string, quiet = false): CellText {
  return { shown, typed: shown, quiet };
}

/** The edit that sets one field of a slot. */
export function setField<F extends Extract<Edit, { kind: 'slot/set' }>['field']>(
  slot: Slot,
  field: F,
  value: Slot[F],
): SingleEdit {
  // The value is the field's own: TypeScript cannot follow the pair.
  return { kind: 'slot/set', slot: slot.id, field, value } as SingleEdit;
}
