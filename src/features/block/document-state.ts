import type { SaveOutcome, SentStep, Unanswered } from '@/core';
import {
  afterStep,
  applyEdit,
  type Block,
  type Edit,
  type History,
  type Problem,
  type Result,
  redoEdit,
  undoEdit,
} from '@/core';

/** How the document stands towards the server. */
export type Saving =
  | { readonly status: 'saved'; readonly at: string | null }
  | { readonly status: 'saving' }
  | { readonly status: 'waiting'; readonly because: 'unavailable' | 'signed out' | 'unreachable' }
  | { readonly status: 'collision'; readonly theirs: Block; readonly revision: number }
  | { readonly status: 'gone' };

/** The block as this tab sees it: confirmed up to `revision`, with the steps that are still on their way. */
export interface DocumentState {
  readonly block: Block;
  readonly history: History;
  readonly revision: number;
  readonly pending: readonly SentStep[];
  readonly saving: Saving;
  /** Said once about the last save, for instance that another tab's changes were taken in. */
  readonly notice: string | null;
  readonly problems: readonly Problem[];
}

/** Takes a step in this tab. */
export function takeStep(state: DocumentState, step: SentStep): Result<DocumentState> {
  const applied = applyEdit(state.block, step.edit);
  if (!applied.ok) return applied;
  const { block, inverse } = applied.value;
  return {
    ok: true,
    value: {
      ...state,
      block,
      history: afterStep(state.history, { action: step.action, edit: step.edit, inverse }),
      pending: [...state.pending, step],
      notice: null,
      problems: [],
    },
  };
}

/** The edit behind an undo or a redo, if there is anything to take back or do again. */
export function historyEdit(state: DocumentState, action: 'undo' | 'redo'): Edit | undefined {
  return action === 'undo' ? undoEdit(state.history) : redoEdit(state.history);
}

/** Steps taken again on another block; those that no longer fit are left out. */
function replay(block: Block, steps: readonly SentStep[]): { block: Block; kept: readonly SentStep[] } {
  let current = block;
  const kept = steps.filter((step) => {
    const applied = applyEdit(current, step.edit);
    if (applied.ok) current = applied.value.block;
    return applied.ok;
  });
  return { block: current, kept };
}

/** The history without its last steps, which did not come to stand after all. */
function withoutLast(history: History, steps: number): History {
  return steps === 0 ? history : { past: history.past.slice(0, -steps), future: [] };
}

/**
 * The state after the server's answer to a save of `sent`.
 * @param at clock time for "saved at"
 */
export function afterSave(
  state: DocumentState,
  sent: readonly SentStep[],
  answer: SaveOutcome | Unanswered,
  at: string,
): DocumentState {
  const later = state.pending.filter((step) => !sent.includes(step));
  switch (answer.status) {
    case 'saved': {
      const saving: Saving = { status: 'saved', at };
      if (answer.merged === null) return { ...state, revision: answer.revision, pending: later, saving };
      const { block, kept } = replay(answer.merged, later);
      const notice = 'Changes made elsewhere were taken in.';
      return { ...state, block, revision: answer.revision, pending: kept, saving, notice };
    }
    case 'collision':
      return {
        ...state,
        pending: state.pending.slice(answer.saved),
        saving: { status: 'collision', theirs: answer.theirs, revision: answer.revision },
      };
    case 'refused': {
      const { block, kept } = replay(answer.theirs, later);
      return {
        ...state,
        block,
        history: withoutLast(state.history, state.pending.length - answer.saved - kept.length),
        revision: answer.revision,
        pending: kept,
        saving: { status: 'saved', at },
        problems: answer.problems,
      };
    }
    case 'gone':
      return { ...state, saving: { status: 'gone' } };
    case 'malformed':
    case 'unavailable':
      return { ...state, saving: { status: 'waiting', because: 'unavailable' } };
    case 'signed out':
      return { ...state, saving: { status: 'waiting', because: 'signed out' } };
  }
}

/** Settles a collision: send my steps again on top of theirs, or drop them. */
export function settle(state: DocumentState, keep: 'mine' | 'theirs'): DocumentState {
  if (state.saving.status !== 'collision') return state;
  const { theirs, revision } = state.saving;
  const steps = keep === 'mine' ? state.pending : [];
  const { block, kept } = replay(theirs, steps);
  return {
    ...state,
    block,
    history: withoutLast(state.history, state.pending.length - kept.length),
    revision,
    pending: kept,
    saving: { status: 'saved', at: null },
    notice: null,
  };
}

/** Takes in a newer block from the server when nothing of this tab is on its way. */
export function refreshed(state: DocumentState, block: Block, revision: number): DocumentState {
  if (state.pending.length > 0 || revision <= state.revision) return state;
  return { ...state, block, revision, notice: 'Changes made elsewhere were taken in.' };
}
