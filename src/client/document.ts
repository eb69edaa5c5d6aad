import type { Problem, Result, SentStep, StandingStep } from '@/core';
import { afterStep, applyEdit, type Block, type Edit, type History, redoEdit, undoEdit } from '@/core';

/** The block as this page sees it: the confirmed version with its unsaved steps. */
export interface DocumentState {
  /** The block at `revision`, as the server has it. */
  readonly confirmed: Block;
  readonly revision: number;
  readonly block: Block;
  readonly history: History;
  /** Others' steps were merged by the last save or reload. */
  readonly tookIn: boolean;
  /** Why the server refused a step of this page. */
  readonly problems: readonly Problem[];
}

/** Applies a step on this page. */
export function applyStep(state: DocumentState, step: SentStep): Result<DocumentState> {
  const applied = applyEdit(state.block, step.edit);
  if (!applied.ok) return applied;
  const { block, inverse } = applied.value;
  const history = afterStep(state.history, { action: step.action, edit: step.edit, inverse });
  return { ok: true, value: { ...state, block, history, tookIn: false, problems: [] } };
}

/** The edit of an undo or redo, if there is one. */
export function historyEdit({ history }: DocumentState, action: 'undo' | 'redo'): Edit | undefined {
  return action === 'undo' ? undoEdit(history) : redoEdit(history);
}

/**
 * The state after the server has accepted steps.
 * @param mine this page's steps by id: the server does not return their edits
 * @param waiting this page's steps that are still unsaved afterwards
 * @returns undefined if the steps do not fit the confirmed block: then the whole must be loaded
 */
export function afterAccepted(
  state: DocumentState,
  revision: number,
  steps: readonly StandingStep[],
  mine: ReadonlyMap<string, Edit>,
  waiting: readonly SentStep[],
): DocumentState | undefined {
  if (steps.length === 0) return { ...state, revision };
  let confirmed = state.confirmed;
  let others = 0;
  for (const { id, edit } of steps) {
    const own = mine.get(id);
    if (own === undefined) others++;
    const given = edit ?? own;
    const applied = given === undefined ? undefined : applyEdit(confirmed, given);
    if (applied?.ok !== true) return undefined;
    confirmed = applied.value.block;
  }
  if (others === 0) return { ...state, confirmed, revision };
  return { ...state, confirmed, revision, block: withSteps(confirmed, waiting), tookIn: true };
}

/** A block with steps applied; a step that no longer fits is skipped, as the server will refuse it. */
export function withSteps(block: Block, steps: readonly SentStep[]): Block {
  return steps.reduce((before, { edit }) => {
    const applied = applyEdit(before, edit);
    return applied.ok ? applied.value.block : before;
  }, block);
}

/** The state without steps that were refused: the confirmed block with the steps still waiting. */
export function withoutSteps(
  state: DocumentState,
  dropped: number,
  waiting: readonly SentStep[],
  problems: readonly Problem[],
): DocumentState {
  const { past } = state.history;
  return {
    ...state,
    block: withSteps(state.confirmed, waiting),
    history: dropped === 0 ? state.history : { past: past.slice(0, -dropped), future: [] },
    problems,
  };
}

/** Whether an edit changes the overrides of single weeks. */
export function changesOverrides(edit: Edit): boolean {
  if (edit.kind === 'batch') return edit.edits.some(changesOverrides);
  return (edit.kind === 'session/set' || edit.kind === 'slot/set') && edit.field === 'weeks';
}
