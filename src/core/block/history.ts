import type { Edit } from './edits/edit';

/** One change in a block's life, for a list. */
export interface RevisionLine {
  readonly revision: number;
  readonly action: 'do' | 'undo' | 'redo';
  readonly edit: Edit;
  /** ISO 8601. */
  readonly at: string;
  /** The coach who made it; null: not known. */
  readonly by: string | null;
}

/** A step in the life of a block. Undoing and redoing are steps too: nothing is ever erased. */
export interface HistoryStep {
  readonly action: 'do' | 'undo' | 'redo';
  readonly edit: Edit;
  readonly inverse: Edit;
}

/** What can be taken back and what can be done again; the last of each is next. */
export interface History {
  readonly past: readonly HistoryStep[];
  readonly future: readonly HistoryStep[];
}

export const NO_HISTORY: History = { past: [], future: [] };

/** The history after one more step. A new edit ends what could be redone. */
export function afterStep(history: History, step: HistoryStep): History {
  switch (step.action) {
    case 'do':
      return { past: [...history.past, step], future: [] };
    case 'undo':
      return { past: history.past.slice(0, -1), future: [...history.future, step] };
    case 'redo':
      return { past: [...history.past, step], future: history.future.slice(0, -1) };
  }
}

/** The history that a list of steps, oldest first, leads to: how undo survives a reload. */
export function historyOf(steps: readonly HistoryStep[]): History {
  return steps.reduce(afterStep, NO_HISTORY);
}

/** The edit that undo would apply, if any. */
export function undoEdit(history: History): Edit | undefined {
  return history.past.at(-1)?.inverse;
}

/** The edit that redo would apply, if any: the inverse of the last undo. */
export function redoEdit(history: History): Edit | undefined {
  return history.future.at(-1)?.inverse;
}
