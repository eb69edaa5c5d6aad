import { useEffect, useState } from 'react';
import type { BlockSession } from '@/client/block-session';
import type { Edit, Finding, Goal, Muscle, Problem, Proposal, SentAnswer } from '@/core';
import { useStableCallback } from '@/ui/use-stable-callback';
import { outcomeSentence } from '@/ui/words/outcomes';
import { problemSentence } from '@/ui/words/problems';
import * as screenWords from '@/ui/words/screens/block';
import type { BlockState } from '../../client/block-state';
import type { BlockData } from './contract';
import { type Cell, type ColumnId, usedColumns, weekOf } from './sheet/layout';
import { useCursor } from './sheet/use-cursor';
import { useSheet } from './sheet/use-sheet';
import { panelWeek, useBlockFigures } from './use-block-figures';
import { useTab } from './use-tab';

/** The state of a block's screen besides the block: tab, cursor, open dialog, and the last refusal. */
export function useBlockScreen(session: BlockSession, state: BlockState, data: BlockData) {
  const shown = useBlockFigures(session, state);
  const { block } = shown;
  const [message, setMessage] = useState<string | null>(null);
  const [isDetailed, setDetailed] = useState(false);
  const start: Cell = {
    row: data.training.block.sessions[0]?.slots[0]?.id ?? 'weeks',
    column: 'slot',
  };
  const table = useCursor(start, shown.rows, shown.columns);
  const { focus, setFocus } = table;
  const { face, show, dialog, setDialog } = useTab({
    cursor: table.cursor,
    // A link may name something that no longer exists.
    onCell: (cell) => {
      const row = shown.rows.find(({ id }) => id === cell.row);
      if (row !== undefined && usedColumns(row, shown.columns).includes(cell.column)) table.move(cell);
    },
    onLeaveSheet: () => setFocus(null),
  });

  const tell = (outcome: { readonly ok: boolean; readonly problems?: readonly Problem[] }) =>
    setMessage(outcome.ok ? null : (outcome.problems ?? []).map(problemSentence).join(' '));
  const attempt = (edit: Edit) => {
    const changed = session.change(edit);
    tell(changed);
    return changed;
  };
  const answer = (
    calls: readonly Proposal[],
    outcome: 'accepted' | 'declined',
    choice: SentAnswer['choice'] = null,
  ) => {
    setMessage(null);
    void session.answer(calls, outcome, choice);
  };
  const sheet = useSheet({
    session,
    shown,
    table,
    attempt,
    tell,
    onAnswer: answer,
    onKey: () => {
      setMessage(null);
      session.dismiss();
    },
  });

  const week = focus?.kind === 'cell' ? weekOf(focus.cell.column) : null;
  // A goal changes unsent weeks, so their figures are shown with it.
  const isGoal = focus?.kind === 'muscle' || focus?.kind === 'total';
  const weekState = panelWeek(shown, face === 'Split' || isGoal, week);
  // The reasons of a finished week load when one of its figures is viewed.
  const asked = week ?? (focus?.kind === 'muscle' || focus?.kind === 'total' ? weekState?.plan.week : null);
  useEffect(() => {
    if (asked != null) void session.fetchReasons(asked);
  }, [session, asked]);

  const onCell = (row: string, column: ColumnId = 'slot') => {
    show('Sheet');
    table.move({ row, column });
  };
  const jump = ({ subject }: Finding) => {
    const row = subject.slotId ?? subject.sessionId;
    if (row !== undefined) onCell(row);
    else if (subject.muscle !== undefined)
      window.document.querySelector<HTMLElement>(`[data-muscle="${subject.muscle}"]`)?.focus();
  };
  const onTemplate = (name: string) => {
    setDialog(null);
    setFocus({
      kind: 'said',
      title: name,
      text: screenWords.savedAsYourOwnTemplate,
    });
  };
  const setGoal = (muscle: Muscle, goal: Goal) =>
    attempt({ kind: 'block/set', field: 'goals', value: { ...block.goals, [muscle]: goal } });
  const notice = state.notice === null ? '' : outcomeSentence(state.notice);
  return {
    shown,
    table,
    sheet,
    face,
    show,
    dialog,
    setDialog,
    /** Closes the dialog and returns focus to the cursor. */
    closeDialog: () => {
      setDialog(null);
      requestAnimationFrame(() => {
        if (window.document.activeElement === window.document.body)
          window.document.querySelector<HTMLElement>('[data-row][tabindex="0"]')?.focus();
      });
    },
    isDetailed,
    setDetailed,
    attempt,
    tell,
    weekState,
    problem: message ?? (notice === '' ? state.document.problems.map(problemSentence).join(' ') : notice),
    onCell,
    onTemplate,
    saveTemplate: () => setDialog('template'),
    // Stable callbacks, so that the side panel only renders for what it shows.
    onGoal: useStableCallback(setGoal),
    onJump: useStableCallback(jump),
    onFix: useStableCallback(({ edit }: { readonly edit: Edit }) => attempt(edit)),
    onAnswer: useStableCallback(answer),
    onDismissed: useStableCallback((dismissed: typeof block.dismissed) =>
      attempt({ kind: 'block/set', field: 'dismissed', value: dismissed }),
    ),
  };
}

export type BlockScreenUse = ReturnType<typeof useBlockScreen>;
