import type { Edit } from './edits/edit';

/** A change of a block, for the history list. */
export interface RevisionLine {
  readonly revision: number;
  readonly action: 'do' | 'undo' | 'redo';
  readonly edit: Edit;
  /** ISO 8601. */
  readonly at: string;
  /** The coach who made it; null if unknown. */
  readonly by: string | null;
}

/** A step in a block's life. Undo and redo are steps too: nothing is ever erased. */
export interface HistoryStep {
  readonly action: 'do' | 'undo' | 'redo';
  readonly edit: Edit;
  readonly inverse: Edit;
}

/** Steps that can be undone and redone; the last of each is next. */
export interface History {
  readonly past: readonly HistoryStep[];
  readonly future: readonly HistoryStep[];
}

export const NO_HISTORY: History = { past: [], future: [] };

/** The history after another step. A new edit clears redo. */
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

/** The history after a list of steps, oldest first: how undo survives a reload. */
export function replayHistory(steps: readonly HistoryStep[]): History {
  return steps.reduce(afterStep, NO_HISTORY);
}

/** The edit of the next undo, if any. */
export function undoEdit(history: History): Edit | undefined {
  return history.past.at(-1)?.inverse;
}

/** The edit of the next redo, if any: the inverse of the last undo. */
export function redoEdit(history: History): Edit | undefined {
  return history.future.at(-1)?.inverse;
}
