'use client';

import dynamic from 'next/dynamic';
import { useEffect, useMemo, useState } from 'react';
import {
  type Block,
  catalogueWith,
  check,
  cutsIssued,
  type Edit,
  type Finding,
  type Fix,
  type Goal,
  Memo,
  type Muscle,
  nextToIssue,
  type Problem,
  phaseOn,
  refused,
  unfold,
} from '@/core';
import { isTyping } from '@/ui/is-typing';
import { KeysHelp } from '@/ui/keys-help';
import { usePaletteScope } from '@/ui/palette-scope';
import { Bar, barClasses } from '@/ui/shell/bar';
import { Tabs } from '@/ui/shell/tabs';
import { useLater } from '@/ui/use-later';
import { useReady } from '@/ui/use-ready';
import { useStable } from '@/ui/use-stable';
import { problemSentence } from '@/ui/words/problems';
import classes from './block.module.css';
import { BlockLine } from './block-line';
import type { SheetActions, SheetData } from './contract';
import { type DialogName, Dialogs } from './dialogs/dialogs';
import { say } from './focus';
import { Rail } from './rail/rail';
import { SavingNote } from './saving-note';
import type { Leave } from './sheet/editor';
import { Grid } from './sheet/grid';
import { type Cell, columnsOf, rowsOf, weekColumn, weekOf } from './sheet/layout';
import { FRAME_KEYS, LADDER_KEYS, SHEET_KEYS } from './sheet/sheet-keys';
import { useCursor } from './sheet/use-cursor';
import { useTableEdits } from './sheet/use-table-edits';
import { rangeOf, tableKeys } from './sheet/use-table-keys';
import { useCommands } from './use-commands';
import { useDocument } from './use-document';
import { useTraining } from './use-training';
import { WeekActions } from './week-actions';
import { WhyStrip } from './why-strip';

const Frame = dynamic(() => import('./frame/frame'), { ssr: false });
const LadderFace = dynamic(() => import('./ladder/ladder-face'), { ssr: false });
const SlotDetails = dynamic(() => import('./sheet/slot-details'), { ssr: false });

/** Ways of looking at one block. */
const FACES = ['Frame', 'Sheet', 'Ladder'] as const;
type Face = (typeof FACES)[number];

/** The block: its Frame, its Sheet or its Ladder, with the rail and the why strip that stand by both. */
export function Sheet({ data, actions }: { readonly data: SheetData; readonly actions: SheetActions }) {
  const document = useDocument(data, actions.save);
  const { state, change, undo, redo } = document;
  const { block } = state;
  const { training, busy, message, setMessage, answer, issue, recall } = useTraining(data, actions, document);
  const { athlete, ownExercises, issued, log, answers } = training;
  const catalogue = useMemo(() => catalogueWith(ownExercises), [ownExercises]);

  const [memory] = useState(() => new Memo());
  const blockPlan = useMemo(
    () => unfold({ block, athlete, issued, log, answers, exercises: catalogue.find }, memory),
    [block, athlete, issued, log, answers, catalogue, memory],
  );
  // What is wrong with it may follow a paint later than the figures themselves.
  const judged = useLater(useMemo(() => ({ block, athlete, blockPlan }), [block, athlete, blockPlan]));
  const findings = useMemo(() => check({ ...judged, exercises: catalogue.find }), [judged, catalogue]);
  const rows = useMemo(() => rowsOf(block), [block]);
  const weeks = blockPlan.weeks.length;
  // biome-ignore lint/correctness/useExhaustiveDependencies: the columns follow the number of weeks alone
  const columns = useMemo(() => columnsOf(blockPlan), [weeks]);
  const calls = blockPlan.proposals;
  const callCells = useMemo(
    () => new Set(calls.flatMap((call) => ('slotId' in call ? [`${call.week}/${call.slotId}`] : []))),
    [calls],
  );
  const next = nextToIssue(blockPlan);

  const attempt = (edit: Edit) => {
    const changed = change(edit);
    setMessage(changed.ok ? null : changed.problems.map(problemSentence).join(' '));
    return changed;
  };

  const tell = (outcome: { readonly ok: boolean; readonly problems?: readonly Problem[] }) =>
    setMessage(outcome.ok ? null : (outcome.problems ?? []).map(problemSentence).join(' '));

  const lastBuilding =
    issued.filter(({ plan: handedOut }) => handedOut.kind === 'building').at(-1)?.week ?? 0;
  const changeSetting = (edit: Edit) => {
    const cuts =
      edit.kind === 'block/set' && edit.field === 'weeks'
        ? cutsIssued({ weeks: edit.value }, lastBuilding)
        : [];
    return cuts.length > 0 ? refused(...cuts) : change(edit);
  };

  const start: Cell = { row: data.block.sessions[0]?.slots[0]?.id ?? 'weeks', column: 'slot' };
  const table = useCursor(start, rows, columns);
  const { cursor, focus, setFocus, editing, row } = table;
  const [face, setFace] = useState<Face>('Sheet');
  const ready = useReady();
  const [details, setDetails] = useState(false);
  const [dialog, setDialog] = useState<DialogName | null>(null);
  useEffect(() => {
    const asked = FACES.find((name) => window.location.hash === `#${name.toLowerCase()}`);
    if (asked === undefined || asked === 'Sheet') return;
    setFace(asked);
    setFocus(null);
  }, [setFocus]);
  const show = (next: Face) => {
    setFace(next);
    if (next !== 'Sheet') setFocus(null);
    window.history.replaceState(null, '', `#${next.toLowerCase()}`);
  };
  const edits = useTableEdits({
    block,
    athlete,
    catalogue,
    blockPlan,
    rows,
    columns,
    attempt,
    change,
    move: table.move,
  });
  const week = focus?.kind === 'cell' ? weekOf(focus.cell.column) : null;
  // The Frame is about what can still be laid otherwise; the Sheet shows the week the cursor is in.
  const open = blockPlan.weeks.find(({ issued: handedOut }) => handedOut === null);
  const shown = blockPlan.weeks.find(({ plan }) => plan.week === (week ?? blockPlan.currentWeek));
  const weekState = (face === 'Frame' ? (open ?? shown) : shown) ?? blockPlan.weeks[0];

  const commit = (cell: Cell, text: string, leave: Leave) => {
    const problems = edits.type(cell, text);
    if (problems.length === 0) table.leave(cell, leave);
    return problems;
  };
  const focused = row?.kind === 'slot' ? row.slot : null;
  const planned = weekState?.plan.sessions
    .flatMap(({ slots }) => slots)
    .find(({ slotId }) => slotId === focused?.id);
  const openSlot = open?.plan.sessions
    .flatMap(({ slots }) => slots)
    .find(({ slotId }) => slotId === focused?.id);
  usePaletteScope({
    athlete,
    catalogue,
    exerciseId: focused?.exercise.id ?? null,
    oneRepMax: planned?.oneRepMax ?? null,
  });
  const waiting = calls.filter(
    (call) => call.kind === 'load' && call.slotId === cursor.row && call.week === weekOf(cursor.column),
  );

  const onTableKey = tableKeys(
    {
      table,
      edits,
      waiting,
      onAnswer: (which, outcome) => void answer(which, outcome, null),
      onOutcome: tell,
    },
    rows,
  );
  const onKey = (event: React.KeyboardEvent) => {
    if (editing !== null || edits.adding !== null) return;
    setMessage(null);
    if (onTableKey(event)) event.preventDefault();
  };

  // The table is drawn again only for what it shows: what it calls stays the same.
  const gridKey = useStable(onKey);
  const openCell = useStable((cell: Cell) => table.open(cell));
  const commitCell = useStable(commit);
  const pickCell = useStable((cell: Cell, value: string) => {
    table.close();
    edits.pick(cell, value);
  });
  const takeTechnique = useStable((...given: Parameters<typeof edits.technique>) => {
    const problems = edits.technique(...given);
    if (problems.length === 0) table.close();
    return problems;
  });
  const dropSlot = useStable(edits.drop);
  const addSlot = useStable(edits.addSlot);
  const closeEditors = useStable(() => {
    table.close();
    edits.stopAdding();
  });

  const openRow = (row: string) => {
    show('Sheet');
    table.move({ row, column: 'slot' });
  };
  const jump = ({ place }: Finding) => {
    const row = place.slotId ?? place.sessionId;
    if (row !== undefined) openRow(row);
    else if (place.muscle !== undefined)
      window.document.querySelector<HTMLElement>(`[data-muscle="${place.muscle}"]`)?.focus();
  };
  const saveTemplate = async () => {
    await document.settled();
    const answer = await actions.saveTemplate().catch(() => ({ status: 'unavailable' as const }));
    setFocus({
      kind: 'said',
      title: block.name,
      text:
        answer.status === 'kept'
          ? 'Kept as a template of your own; a new block can start from it.'
          : 'The server does not answer just now; it was not kept. Please try again in a moment.',
    });
  };

  const print = () => window.open(`/blocks/${data.blockId}/print/${weekState?.plan.week ?? 1}`, '_blank');
  const onSheet = face === 'Sheet';
  useCommands(
    [
      ...FACES.map((name, at) => ({
        name: `Show the ${name}`,
        keys: `Alt ${at + 1}`,
        run: () => show(name),
      })),
      { name: 'Undo', keys: 'Ctrl Z', run: undo },
      { name: 'Redo', keys: 'Ctrl Y, Ctrl Shift Z', run: redo },
      { name: 'History of the block', keys: 'Alt H', run: () => setDialog('history') },
      { name: 'Fill open slots and rebalance', keys: 'Alt B', run: () => setDialog('balance') },
      { name: 'Conventions: the numbers behind it', keys: 'Alt C', run: () => setDialog('conventions') },
      { name: 'Add a session', keys: 'Alt S', run: () => void edits.addSession(onSheet) },
      ...(onSheet
        ? [
            { name: 'Replace an exercise everywhere', keys: 'Alt R', run: () => setDialog('replace') },
            { name: 'All of the slot', keys: 'Alt D', run: () => setDetails((open) => !open) },
            {
              name: 'Choose the slot’s technique',
              keys: 'Enter on how',
              run: () => table.open({ row: cursor.row, column: 'how' }),
            },
            { name: 'Add a slot', keys: 'Alt N', run: () => edits.beginSlot(row) },
          ]
        : []),
      { name: 'Accept all calls', keys: 'Alt A', run: () => void answer(calls, 'accepted', null) },
      { name: 'Print the week’s session sheets', keys: '', run: print },
      ...(next === undefined
        ? []
        : [{ name: `Issue week ${next}`, keys: 'Alt I', run: () => void issue(next) }]),
    ],
    // With the focus nowhere the arrows go into the table.
    (event) =>
      onSheet &&
      editing === null &&
      event.target === window.document.body &&
      table.stepByKey(event.key, event.shiftKey),
  );

  const said = useMemo(
    () => say(focus, { training, block, athlete, catalogue, blockPlan, findings, rows, weekState }),
    [focus, training, block, athlete, catalogue, blockPlan, findings, rows, weekState],
  );

  const setGoal = (muscle: Muscle, goal: Goal) =>
    attempt({ kind: 'block/set', field: 'goals', value: { ...block.goals, [muscle]: goal } });
  // The rail is drawn again only for what it shows, too.
  const goal = useStable(setGoal);
  const mend = useStable((fix: Fix) => attempt(fix.edit));
  const jumpTo = useStable(jump);
  const putAside = useStable((dismissed: Block['dismissed']) =>
    attempt({ kind: 'block/set', field: 'dismissed', value: dismissed }),
  );
  const answerCalls = useStable(answer);
  const last = issued.at(-1);
  const logged = new Set(log.sets.map(({ workoutId }) => workoutId));
  const recallable =
    last !== undefined && !log.workouts.some((one) => one.week === last.week && logged.has(one.id));
  const problem = message ?? state.problems.map(problemSentence).join(' ');
  const deload = blockPlan.weeks.find(({ plan }) => plan.week === next)?.plan.kind === 'deload';

  return (
    <div className={classes.page}>
      <Bar
        title={athlete.name}
        href={`/athletes/${athlete.id}`}
        about={`${athlete.level}, ${phaseOn(athlete, data.today)}, ${athlete.unit}`}
      >
        <Tabs label="Faces of the block" names={FACES} now={face} onChoose={show} />
        <button
          type="button"
          className={barClasses.quiet}
          onClick={undo}
          disabled={state.history.past.length === 0}
          title="Ctrl Z"
        >
          Undo
        </button>
        <button
          type="button"
          className={barClasses.quiet}
          onClick={redo}
          disabled={state.history.future.length === 0}
          title="Ctrl Y"
        >
          Redo
        </button>
        <button type="button" className={barClasses.quiet} onClick={() => setDialog('history')} title="Alt H">
          History
        </button>
        <SavingNote state={state} onSettle={document.settle} />
      </Bar>
      <BlockLine
        block={block}
        onChange={changeSetting}
        onFocus={setFocus}
        onConventions={() => setDialog('conventions')}
      >
        {problem === '' ? null : (
          <span role="alert" className={classes.alert}>
            {problem}
          </span>
        )}
        <WeekActions
          blockId={data.blockId}
          shownWeek={block.sessions.length === 0 ? null : (weekState?.plan.week ?? null)}
          last={last?.week ?? null}
          recallable={recallable}
          next={next ?? null}
          deload={deload}
          busy={busy}
          onIssue={issue}
          onRecall={recall}
        />
      </BlockLine>
      <main className={classes.work} data-ready={ready}>
        <div className={classes.pane}>
          <div
            className={classes.scroll}
            onCopy={(event) => {
              if (face !== 'Sheet' || isTyping(event.target)) return;
              event.clipboardData.setData('text/plain', edits.copy(rangeOf(table.range, cursor)));
              event.preventDefault();
            }}
            onPaste={(event) => {
              if (face !== 'Sheet' || isTyping(event.target)) return;
              event.preventDefault();
              tell(edits.paste(event.clipboardData.getData('text/plain'), cursor));
            }}
          >
            {face === 'Frame' && weekState !== undefined ? (
              <Frame
                block={block}
                athlete={athlete}
                catalogue={catalogue}
                blockPlan={blockPlan}
                weekState={weekState}
                attempt={attempt}
                onOpenSession={openRow}
                onAddSession={() => edits.addSession(false)}
                onGoal={setGoal}
                onSay={(title, text) => setFocus({ kind: 'said', title, text })}
                onSaveTemplate={block.sessions.length === 0 ? null : () => void saveTemplate()}
              />
            ) : face === 'Ladder' && block.sessions.length > 0 ? (
              <LadderFace
                block={block}
                athlete={athlete}
                catalogue={catalogue}
                training={training}
                blockPlan={blockPlan}
                actions={actions}
                attempt={attempt}
                onFocusMuscle={(muscle) => setFocus({ kind: 'muscle', muscle })}
                onCell={(row, week) => {
                  show('Sheet');
                  table.move({ row, column: weekColumn(week) });
                }}
              />
            ) : block.sessions.length === 0 ? (
              <EmptyBlock onAdd={() => edits.addSession(true)} />
            ) : (
              <>
                <Grid
                  block={block}
                  athlete={athlete}
                  catalogue={catalogue}
                  blockPlan={blockPlan}
                  rows={rows}
                  columns={columns}
                  cursor={cursor}
                  moved={table.moved}
                  editing={editing}
                  calls={callCells}
                  adding={edits.adding}
                  range={table.range}
                  onMove={table.move}
                  onKey={gridKey}
                  onOpen={openCell}
                  onCommit={commitCell}
                  onPick={pickCell}
                  onTechnique={takeTechnique}
                  onDrop={dropSlot}
                  onAdd={addSlot}
                  onClose={closeEditors}
                />
                <div className={classes.add}>
                  <button
                    type="button"
                    className={classes.quietButton}
                    onClick={() => edits.beginSlot(row)}
                    title="Alt N"
                  >
                    Add a slot
                  </button>
                  <button
                    type="button"
                    className={classes.quietButton}
                    onClick={() => edits.addSession(true)}
                    title="Alt S"
                  >
                    Add a session
                  </button>
                </div>
              </>
            )}
          </div>
          {face === 'Sheet' && details && row?.kind === 'slot' ? (
            <SlotDetails
              row={row}
              athlete={athlete}
              catalogue={catalogue}
              planned={openSlot}
              today={data.today}
              attempt={attempt}
              onClose={() => setDetails(false)}
            />
          ) : null}
        </div>
        <Dialogs
          open={dialog}
          block={block}
          athlete={athlete}
          catalogue={catalogue}
          exerciseId={focused?.exercise.id}
          settled={document.settled}
          actions={actions}
          attempt={attempt}
          onReplace={edits.replace}
          onClose={() => setDialog(null)}
        />
        <Rail
          catalogue={catalogue}
          weekState={weekState}
          calls={calls}
          findings={findings}
          dismissed={block.dismissed}
          findingsFirst={face === 'Frame'}
          busy={busy}
          onFocus={setFocus}
          onGoal={goal}
          onFix={mend}
          onJump={jumpTo}
          onDismissed={putAside}
          onAnswer={answerCalls}
        />
      </main>
      <WhyStrip said={said} />
      <KeysHelp
        of={`the ${face}`}
        keys={{ Frame: FRAME_KEYS, Sheet: SHEET_KEYS, Ladder: LADDER_KEYS }[face]}
      />
    </div>
  );
}

function EmptyBlock({ onAdd }: { readonly onAdd: () => void }) {
  return (
    <div className={classes.empty}>
      <h2>No sessions yet</h2>
      <p>
        A block is made of sessions, and a session of slots: one exercise each, with its sets, reps and rest.
        Loads, minutes and the weeks ahead follow by themselves.
      </p>
      <button type="button" className={classes.linkButton} onClick={onAdd} title="Alt S">
        Add the first session
      </button>
    </div>
  );
}
