'use client';

import dynamic from 'next/dynamic';
import type { BlockSession } from '@/client/block-session';
import { isEasyWeek } from '@/core';
import type { JsonText } from '@/ui/json-text';
import { KeysHelp } from '@/ui/keys-help';
import { usePaletteScope } from '@/ui/palette-scope';
import { saveFile } from '@/ui/save-file';
import { useHydrated } from '@/ui/use-hydrated';
import { useJson } from '@/ui/use-json';
import { useStableCallback } from '@/ui/use-stable-callback';
import * as screenWords from '@/ui/words/screens/block';
import type { BlockState } from '../../client/block-state';
import classes from './block.module.css';
import { BlockBar } from './block-bar';
import { BlockLine } from './block-line';
import { BlockTab } from './block-tab';
import type { BlockActions, BlockData } from './contract';
import { Dialogs } from './dialogs/dialogs';
import { keyList } from './key-lists';
import { Rail } from './rail/rail';
import strip from './strip.module.css';
import { useBlock } from './use-block';
import { type BlockRuns, useBlockCommands } from './use-block-commands';
import { type BlockScreenUse, useBlockScreen } from './use-block-screen';
import { WeekActions } from './week-actions';

// The wording of reasons loads after the table.
const Why = dynamic(() => import('./why'), {
  ssr: false,
  loading: () => <section className={strip.strip} aria-label={screenWords.explanation} />,
});

/** Frames to wait for a part of a tab that was just opened. */
const MOST_FRAMES = 300;

/** Runs something with a part of the screen as soon as it is rendered. */
function whenThere(selector: string, run: (part: HTMLElement) => void, frames = MOST_FRAMES): void {
  const part = window.document.querySelector<HTMLElement>(selector);
  if (part !== null) run(part);
  else if (frames > 0) requestAnimationFrame(() => whenThere(selector, run, frames - 1));
}

interface BlockScreenProps {
  readonly data: JsonText<BlockData>;
  readonly actions: BlockActions;
}

/** The block: its Split, Sheet, Ladder or Review, with the side panel and the explanation of the focused figure. */
export function BlockScreen({ data: text, actions }: BlockScreenProps) {
  const data = useJson(text);
  const [session, state] = useBlock(data, actions);
  const screen = useBlockScreen(session, state, data);
  const { shown, table, sheet, face, show, weekState, setDialog, attempt, problem } = screen;
  const { block, athlete, catalogue, calls } = shown;
  const { training, isBusy } = state;
  const ready = useHydrated();
  const { row, editing } = table;
  const isSheet = face === 'Sheet';
  const isToRead = data.shared?.may === 'read';
  // Everything around the table renders again only when it changes.
  const onFace = useStableCallback(show);
  const onHistory = useStableCallback(() => setDialog('history'));
  const onConventions = useStableCallback(() => setDialog('conventions'));
  const onIssue = useStableCallback((week: number) => void session.issue(week));
  const onRecall = useStableCallback((week: number) => void session.recall(week));
  useBlockCommands(
    face,
    runsOf(session, state, screen),
    // Without focus, arrow keys go to the table.
    (event) =>
      isSheet &&
      editing === null &&
      event.target === window.document.body &&
      table.stepByKey(event.key, event.shiftKey),
  );
  const exerciseId = row?.kind === 'slot' ? row.slot.exercise.id : null;
  usePaletteScope({ athlete, catalogue, exerciseId, oneRepMax: maxOf(screen) });
  return (
    <div className={classes.page}>
      <BlockBar
        session={session}
        name={block.name}
        athlete={athlete}
        canUndo={state.document.history.past.length > 0}
        canRedo={state.document.history.future.length > 0}
        today={data.today}
        shared={data.shared}
        face={face}
        onFace={onFace}
        onHistory={onHistory}
      />
      <BlockLine
        block={block}
        onChange={session.change}
        onFocus={table.setFocus}
        onConventions={onConventions}
      >
        {problem === '' ? null : (
          <span role="alert" className={classes.alert}>
            {problem}
          </span>
        )}
        <WeekActions
          {...weekFacts(state, screen)}
          isToRead={isToRead}
          onIssue={onIssue}
          onRecall={onRecall}
        />
      </BlockLine>
      <main className={classes.work} data-ready={ready}>
        <BlockTab
          {...screen}
          training={training}
          today={data.today}
          activeRests={data.activeRests}
          actions={actions}
          onSaveTemplate={screen.saveTemplate}
          onCloseDetails={() => screen.setDetailed(false)}
          isBusy={isBusy || isToRead}
          onCloseWeek={(week, closed) => void session.close(week, closed)}
          onChanged={() => void session.reload()}
        />
        <Dialogs
          open={screen.dialog}
          block={block}
          athlete={athlete}
          catalogue={catalogue}
          blockPlan={shown.blockPlan}
          ownExercises={training.ownExercises}
          today={data.today}
          exerciseId={exerciseId ?? undefined}
          untilSaved={session.untilSaved}
          actions={actions}
          attempt={attempt}
          onReplace={sheet.edits.replace}
          onTemplate={screen.onTemplate}
          onClose={screen.closeDialog}
        />
        <Rail
          catalogue={catalogue}
          weekState={weekState}
          isEasy={weekState !== undefined && isEasyWeek(block, weekState.plan)}
          calls={calls}
          findings={shown.findings}
          dismissed={block.dismissed}
          findingsFirst={face === 'Split'}
          busy={isBusy || isToRead}
          onFocus={table.setFocus}
          onGoal={screen.onGoal}
          onFix={screen.onFix}
          onJump={screen.onJump}
          onDismissed={screen.onDismissed}
          onAnswer={screen.onAnswer}
        />
      </main>
      <Why screen={screen} />
      <KeysHelp of={face} keys={keyList(face)} />
    </div>
  );
}

/** The action of each command; null: not available now. */
function runsOf(session: BlockSession, { training }: BlockState, screen: BlockScreenUse): BlockRuns {
  const { shown, table, sheet, face, show, weekState, setDialog } = screen;
  const { block, calls } = shown;
  const { row } = table;
  const isSheet = face === 'Sheet';
  return {
    split: () => show('Split'),
    sheet: () => show('Sheet'),
    ladder: () => show('Ladder'),
    review: () => show('Review'),
    undo: session.undo,
    redo: session.redo,
    history: () => setDialog('history'),
    balance: () => setDialog('balance'),
    simulate: () => setDialog('simulation'),
    rules: () => setDialog('conventions'),
    'add session': () => void sheet.edits.addSession(isSheet),
    replace: () => setDialog('replace'),
    details: () => screen.setDetailed((open) => !open),
    technique: () => table.edit({ row: table.cursor.row, column: 'technique' }),
    'add slot': () => sheet.edits.beginSlot(row),
    'accept all': calls.length === 0 ? null : () => screen.onAnswer(calls, 'accepted'),
    deload: () => {
      show('Ladder');
      whenThere('[data-part="deload"]', (part) => part.scrollIntoView());
    },
    goals: () => {
      show('Split');
      whenThere('[data-goal]', (part) => part.focus());
    },
    progression: () => screen.setDetailed(true),
    superset: () => (row === undefined ? undefined : sheet.edits.join(row)),
    'add set': () => (row === undefined ? undefined : sheet.edits.addSet(row)),
    missed: () => {
      show('Split');
      whenThere('[data-part="this week"]', (part) => part.scrollIntoView());
    },
    log: () => window.open(`/training/${training.blockId}`, '_blank'),
    template: screen.saveTemplate,
    export: () => saveFile(`${block.name}.json`, JSON.stringify(block, null, 2)),
    spreadsheet: () => setDialog('spreadsheet'),
    print: () => window.open(`/blocks/${training.blockId}/print/${weekState?.plan.week ?? 1}`, '_blank'),
    issue: shown.next === undefined ? null : () => void session.issue(shown.next ?? 0),
  };
}

/** The one-rep max behind the focused slot's loads in the visible week. */
function maxOf({ table: { row }, weekState }: BlockScreenUse): number | null {
  if (row?.kind !== 'slot') return null;
  const slots = weekState?.plan.sessions.flatMap((session) => session.slots) ?? [];
  return slots.find(({ slotId }) => slotId === row.slot.id)?.oneRepMax ?? null;
}

/** Actions on whole weeks that are available now. */
function weekFacts({ training, isBusy }: BlockState, { shown, weekState }: BlockScreenUse) {
  const { issued, log } = training;
  const last = issued.at(-1);
  const logged = new Set(log.sets.map(({ workoutId }) => workoutId));
  const { next } = shown;
  return {
    blockId: training.blockId,
    shownWeek: shown.block.sessions.length === 0 ? null : (weekState?.plan.week ?? null),
    last: last?.week ?? null,
    recallable:
      last !== undefined && !log.workouts.some((one) => one.week === last.week && logged.has(one.id)),
    next: next ?? null,
    deload: shown.blockPlan.weeks.find(({ plan }) => plan.week === next)?.plan.kind === 'deload',
    busy: isBusy,
  };
}
