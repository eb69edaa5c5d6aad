'use client';

import Link from 'next/link';
import { useCallback, useEffect, useMemo, useState } from 'react';
import {
  check,
  type Edit,
  exerciseById,
  type Fix,
  type Goal,
  type Muscle,
  nextToIssue,
  type Problem,
  type Proposal,
  phaseOn,
  unfold,
} from '@/core';
import { newId } from '@/ui/new-id';
import { Bar, barClasses } from '@/ui/shell/bar';
import { problemSentence, refusalSentence } from '@/ui/words/problems';
import { BlockLine } from './block-line';
import { sessionEntry, slotEntry } from './cell-entry';
import { newSlot, setsOf, techniqueOf } from './choices';
import type { CallAnswer, SheetActions, SheetData, Training, Unanswered } from './contract';
import type { Leave } from './editor';
import { type Focus, say } from './focus';
import { type Editing, Grid } from './grid';
import { KeysHelp } from './keys-help';
import { type Cell, columnsOf, nearestColumn, type Row, rowsOf, usedColumns, weekOf } from './layout';
import { Rail } from './rail';
import { SavingNote } from './saving-note';
import classes from './sheet.module.css';
import { useDocument } from './use-document';
import { WhyStrip } from './why-strip';

const lookup = (ref: { readonly id: string }) => exerciseById(ref.id);

function sentenceFor(answer: Unanswered | { readonly status: 'gone' }): string {
  switch (answer.status) {
    case 'unavailable':
      return 'The database does not answer just now. Please try again in a moment.';
    case 'signed out':
      return 'You are signed out. Sign in again in another tab, then try again.';
    case 'malformed':
    case 'gone':
      return 'This is no longer there. Reload the page.';
  }
}

/** The Sheet: the whole block as one table, its rail and its why strip. */
export function Sheet({ data, actions }: { readonly data: SheetData; readonly actions: SheetActions }) {
  const document = useDocument(data, actions.save);
  const { state, change, undo, redo, refresh, settled } = document;
  const { block } = state;
  const [training, setTraining] = useState<Training>(data);
  const [cursor, setCursor] = useState<Cell>({
    row: data.block.sessions[0]?.slots[0]?.id ?? 'weeks',
    column: 'slot',
  });
  const [focus, setFocus] = useState<Focus | null>({ kind: 'cell', cell: cursor });
  const [editing, setEditing] = useState<Editing | null>(null);
  const [adding, setAdding] = useState<{ session: string; after: string | null } | null>(null);
  const [message, setMessage] = useState<string | null>(null);
  const [busy, setBusy] = useState(false);
  const [help, setHelp] = useState(false);

  const { athlete, issued, log, answers } = training;
  const ladder = useMemo(
    () => unfold({ block, athlete, issued, log, answers, exercises: lookup }),
    [block, athlete, issued, log, answers],
  );
  const findings = useMemo(
    () => check({ block, athlete, ladder, exercises: lookup }),
    [block, athlete, ladder],
  );
  const rows = useMemo(() => rowsOf(block), [block]);
  const columns = useMemo(() => columnsOf(ladder), [ladder]);
  const calls = ladder.proposals;
  const callCells = useMemo(
    () => new Set(calls.flatMap((call) => (call.kind === 'recover' ? [] : [`${call.week}/${call.slotId}`]))),
    [calls],
  );
  const week = focus?.kind === 'cell' ? weekOf(focus.cell.column) : null;
  const rung = ladder.rungs.find(({ plan }) => plan.week === (week ?? ladder.currentWeek)) ?? ladder.rungs[0];
  const next = nextToIssue(ladder);

  const take = useCallback(
    (answer: Training) => {
      setTraining(answer);
      refresh(answer.block, answer.revision);
    },
    [refresh],
  );

  // What the athlete logged while this page was in the background is taken in when it comes forward.
  useEffect(() => {
    const look = async () => {
      if (window.document.visibilityState !== 'visible') return;
      const answer = await actions.reload().catch(() => undefined);
      if (answer?.status === 'answered') take(answer.training);
    };
    window.addEventListener('focus', look);
    return () => window.removeEventListener('focus', look);
  }, [actions, take]);

  const move = useCallback((cell: Cell) => {
    setCursor(cell);
    setFocus({ kind: 'cell', cell });
    setMessage(null);
  }, []);

  const tell = (problems: readonly Problem[]) => setMessage(problems.map(problemSentence).join(' '));
  const attempt = (edit: Edit) => {
    const changed = change(edit);
    if (!changed.ok) tell(changed.problems);
    else setMessage(null);
    return changed;
  };

  const rowAt = (cell: Cell) => rows.find(({ id }) => id === cell.row);

  const step = (cell: Cell, across: number, down: number) => {
    const at = rows.findIndex(({ id }) => id === cell.row);
    if (across !== 0) {
      const row = rows[at];
      if (row === undefined) return;
      const used = usedColumns(row, columns);
      const to = used[Math.max(0, Math.min(used.length - 1, used.indexOf(cell.column) + across))];
      if (to !== undefined) move({ row: row.id, column: to });
      return;
    }
    for (let to = at + down; to >= 0 && to < rows.length; to += Math.sign(down)) {
      const row = rows[to] as Row;
      const column = nearestColumn(row, cell.column, columns);
      if (column !== undefined && (row.kind !== 'weeks' || weekOf(cell.column) !== null)) {
        move({ row: row.id, column });
        return;
      }
    }
  };

  const leaveTo = (cell: Cell, leave: Leave) => {
    setEditing(null);
    const [across, down] = { stay: [0, 0], down: [0, 1], up: [0, -1], right: [1, 0], left: [-1, 0] }[
      leave
    ] as [number, number];
    if (leave === 'stay') return;
    step(cell, across, down);
  };

  const commit = (cell: Cell, text: string, leave: Leave): readonly Problem[] => {
    const row = rowAt(cell);
    if (row === undefined || row.kind === 'weeks') return [];
    const entry =
      row.kind === 'session'
        ? sessionEntry(cell.column === 'slot' ? 'name' : 'day', text, row.session)
        : slotEntry(cell.column as Parameters<typeof slotEntry>[0], text, row.slot, athlete);
    if (!entry.ok) return entry.problems;
    const changed = change(entry.value);
    if (!changed.ok) return changed.problems;
    leaveTo(cell, leave);
    return [];
  };

  const pick = (cell: Cell, value: string) => {
    const row = rowAt(cell);
    setEditing(null);
    if (row?.kind !== 'slot') return;
    const { slot } = row;
    if (cell.column === 'how') {
      attempt({
        kind: 'slot/set',
        slot: slot.id,
        field: 'technique',
        value: techniqueOf(value as 'straight', setsOf(slot)),
      });
      return;
    }
    const exercise = exerciseById(value);
    if (exercise === undefined || exercise.id === slot.exercise.id) return;
    attempt({
      kind: 'batch',
      edits: [
        {
          kind: 'slot/set',
          slot: slot.id,
          field: 'exercise',
          value: { id: exercise.id, revision: exercise.revision },
        },
        // A start set and a set-up note speak of the old exercise.
        { kind: 'slot/set', slot: slot.id, field: 'start', value: null },
        { kind: 'slot/set', slot: slot.id, field: 'tempo', value: exercise.tempo },
        { kind: 'slot/set', slot: slot.id, field: 'note', value: '' },
      ],
    });
  };

  const addSlot = (id: string) => {
    const exercise = exerciseById(id);
    const place = adding;
    setAdding(null);
    if (exercise === undefined || place === null) return;
    const slot = newSlot(newId().slice(0, 12), exercise);
    if (attempt({ kind: 'slot/add', session: place.session, after: place.after, slot }).ok)
      move({ row: slot.id, column: 'sets' });
  };

  const beginSlot = () => {
    const row = rowAt(cursor);
    if (row?.kind === 'session')
      setAdding({ session: row.session.id, after: row.session.slots.at(-1)?.id ?? null });
    else if (row?.kind === 'slot') setAdding({ session: row.session.id, after: row.slot.id });
  };

  const addSession = () => {
    const taken = new Set(block.sessions.map(({ day }) => day));
    const free = Array.from({ length: block.cycleDays }, (_, day) => day).find((day) => !taken.has(day)) ?? 0;
    const session = {
      id: newId().slice(0, 12),
      name: `Session ${block.sessions.length + 1}`,
      day: free,
      slots: [],
    };
    if (attempt({ kind: 'session/add', after: block.sessions.at(-1)?.id ?? null, session }).ok) {
      move({ row: session.id, column: 'slot' });
      setAdding({ session: session.id, after: null });
    }
  };

  const remove = (row: Row) => {
    step(cursor, 0, row.kind === 'slot' && row.at === 1 ? -1 : 1);
    if (row.kind === 'slot') attempt({ kind: 'slot/remove', slot: row.slot.id });
    if (row.kind === 'session') attempt({ kind: 'session/remove', session: row.session.id });
  };

  const shift = (row: Extract<Row, { kind: 'slot' }>, by: -1 | 1) => {
    const { slots, id } = row.session;
    const at = slots.findIndex((slot) => slot.id === row.slot.id);
    if (at + by < 0 || at + by >= slots.length) return;
    const after = by < 0 ? (slots[at - 2]?.id ?? null) : (slots[at + 1]?.id ?? null);
    attempt({ kind: 'slot/move', slot: row.slot.id, session: id, after });
  };

  const answer = async (
    proposals: readonly Proposal[],
    outcome: 'accepted' | 'declined',
    choice: { load: number; reps: number } | null,
  ) => {
    if (proposals.length === 0 || busy) return;
    setBusy(true);
    setMessage(null);
    const sent = proposals.map(
      ({ id }): CallAnswer => ({ id, outcome: choice === null ? outcome : 'changed', choice }),
    );
    // Calls are filed from the saved block: what is still on its way goes first.
    await settled();
    const said = await actions.answer(sent).catch((): Unanswered => ({ status: 'unavailable' }));
    setBusy(false);
    if (said.status === 'answered') take(said.training);
    else setMessage(sentenceFor(said));
  };

  const issue = async () => {
    if (next === undefined || busy) return;
    setBusy(true);
    setMessage(null);
    const revision = await settled();
    const said = await actions.issue(next, revision).catch((): Unanswered => ({ status: 'unavailable' }));
    setBusy(false);
    if (said.status === 'issued')
      setTraining((before) => ({ ...before, issued: [...before.issued, said.week] }));
    else if (said.status === 'refused') setMessage(refusalSentence(said.refusal));
    else if (said.status === 'stale')
      setMessage('The block was changed elsewhere in the meantime. Reload to see it, then issue the week.');
    else setMessage(sentenceFor(said));
  };

  const recall = async (recalled: number) => {
    setBusy(true);
    const said = await actions.recall(recalled).catch((): Unanswered => ({ status: 'unavailable' }));
    setBusy(false);
    if (said.status === 'recalled')
      setTraining((before) => ({ ...before, issued: before.issued.filter((one) => one.week !== recalled) }));
    else if (said.status === 'already logged')
      setMessage('The athlete has logged a set of this week: it stays issued.');
    else if (said.status === 'later week issued') setMessage('A later week is issued: recall that first.');
    else setMessage(sentenceFor(said));
  };

  const callsAt = (cell: Cell) =>
    calls.filter(
      (call) => call.kind === 'load' && call.slotId === cell.row && call.week === weekOf(cell.column),
    );

  const open = (cell: Cell, text: string | null = null) => {
    const row = rowAt(cell);
    if (row === undefined || row.kind === 'weeks' || weekOf(cell.column) !== null) return;
    setFocus({ kind: 'cell', cell });
    setCursor(cell);
    setEditing({ cell, text });
  };

  const onKey = (event: React.KeyboardEvent) => {
    if (editing !== null || adding !== null || event.ctrlKey || event.metaKey) return;
    const row = rowAt(cursor);
    if (row === undefined) return;
    const arrows: Record<string, [number, number]> = {
      ArrowLeft: [-1, 0],
      ArrowRight: [1, 0],
      ArrowUp: [0, -1],
      ArrowDown: [0, 1],
    };
    const arrow = arrows[event.key];
    if (event.altKey) {
      if ((event.key === 'ArrowUp' || event.key === 'ArrowDown') && row.kind === 'slot')
        shift(row, event.key === 'ArrowUp' ? -1 : 1);
      else return;
    } else if (arrow !== undefined) step(cursor, arrow[0], arrow[1]);
    else if (event.key === 'Home')
      move({ row: row.id, column: usedColumns(row, columns)[0] ?? cursor.column });
    else if (event.key === 'End')
      move({ row: row.id, column: usedColumns(row, columns).at(-1) ?? cursor.column });
    else if (event.key === 'PageDown' || event.key === 'PageUp')
      step(cursor, 0, event.key === 'PageDown' ? 10 : -10);
    else if (event.key === 'Enter' || event.key === 'F2') {
      const waiting = callsAt(cursor);
      if (waiting.length > 0) void answer(waiting, 'accepted', null);
      else open(cursor);
    } else if (event.key === 'Delete' || event.key === 'Backspace') {
      const waiting = callsAt(cursor);
      if (waiting.length > 0) void answer(waiting, 'declined', null);
      else if (cursor.column === 'slot' && event.key === 'Delete') remove(row);
      else if (cursor.column === 'start' && row.kind === 'slot')
        attempt({ kind: 'slot/set', slot: row.slot.id, field: 'start', value: null });
    } else if (event.key.length === 1 && event.key !== ' ' && event.key !== '?') open(cursor, event.key);
    else return;
    event.preventDefault();
  };

  const onPageKey = (event: React.KeyboardEvent) => {
    const key = event.key.toLowerCase();
    const control = event.ctrlKey || event.metaKey;
    const typing = event.target instanceof HTMLInputElement;
    if (control && !typing && (key === 'z' || key === 'y')) {
      if (key === 'y' || event.shiftKey) redo();
      else undo();
    } else if (event.altKey && !typing && key === 'n') beginSlot();
    else if (event.altKey && !typing && key === 's') addSession();
    else if (event.altKey && !typing && key === 'a') void answer(calls, 'accepted', null);
    else if (event.altKey && !typing && key === 'i') void issue();
    else if (event.key === '?' && !typing) setHelp(true);
    else return;
    event.preventDefault();
  };

  const setGoal = (muscle: Muscle, goal: Goal) =>
    attempt({ kind: 'block/set', field: 'goals', value: { ...block.goals, [muscle]: goal } });
  const lastIssued = issued.at(-1);
  const recallable =
    lastIssued !== undefined &&
    !log.workouts.some(
      (workout) => workout.week === lastIssued.week && log.sets.some((set) => set.workoutId === workout.id),
    );
  const said = say(focus, { block, athlete, ladder, findings, rows, rung });

  return (
    // biome-ignore lint/a11y/noStaticElementInteractions: keys that work anywhere on the screen
    <div className={classes.page} onKeyDown={onPageKey}>
      <Bar title={athlete.name} about={`${athlete.level}, ${phaseOn(athlete, data.today)}, ${athlete.unit}`}>
        <nav className={classes.tabs} aria-label="Faces of the block">
          <span className={classes.tab} aria-current="page">
            Sheet
          </span>
        </nav>
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
        <SavingNote state={state} onSettle={document.settle} />
      </Bar>
      <BlockLine block={block} onChange={change} onFocus={setFocus}>
        {message === null && state.problems.length === 0 ? null : (
          <span role="alert" style={{ color: 'var(--oxide)', fontWeight: 600 }}>
            {message ?? state.problems.map(problemSentence).join(' ')}
          </span>
        )}
        {lastIssued === undefined ? null : (
          <Link className={barClasses.quiet} href={`/floor/${data.blockId}`} prefetch={false}>
            Floor
          </Link>
        )}
        {lastIssued !== undefined && recallable ? (
          <button
            type="button"
            className={classes.linkButton}
            disabled={busy}
            onClick={() => recall(lastIssued.week)}
          >
            Recall week {lastIssued.week}
          </button>
        ) : null}
        {next === undefined ? null : (
          <button type="button" className={classes.linkButton} disabled={busy} onClick={issue} title="Alt I">
            Issue {next > block.weeks ? 'the deload' : `week ${next}`}
          </button>
        )}
      </BlockLine>
      <div className={classes.work}>
        <div className={classes.scroll}>
          {block.sessions.length === 0 ? (
            <EmptyBlock onAdd={addSession} />
          ) : (
            <>
              <Grid
                block={block}
                athlete={athlete}
                ladder={ladder}
                rows={rows}
                columns={columns}
                cursor={
                  rows.some(({ id }) => id === cursor.row)
                    ? cursor
                    : { row: 'weeks', column: columns.at(8) ?? 'slot' }
                }
                editing={editing}
                calls={callCells}
                adding={adding}
                onMove={move}
                onKey={onKey}
                onOpen={open}
                onCommit={commit}
                onPick={pick}
                onAdd={addSlot}
                onClose={() => {
                  setEditing(null);
                  setAdding(null);
                }}
              />
              <div className={classes.add}>
                <button type="button" className={classes.quietButton} onClick={beginSlot}>
                  Add a slot
                </button>
                <button type="button" className={classes.quietButton} onClick={addSession}>
                  Add a session
                </button>
              </div>
            </>
          )}
        </div>
        <Rail
          rung={rung}
          calls={calls}
          findings={findings}
          busy={busy}
          onFocus={setFocus}
          onGoal={setGoal}
          onFix={(fix: Fix) => attempt(fix.edit)}
          onAnswer={answer}
        />
      </div>
      <WhyStrip said={said} />
      <KeysHelp open={help} onClose={() => setHelp(false)} />
    </div>
  );
}

function EmptyBlock({ onAdd }: { readonly onAdd: () => void }) {
  return (
    <div className={classes.empty}>
      <h2 style={{ fontSize: 16 }}>No sessions yet</h2>
      <p>
        A block is made of sessions, and a session of slots: one exercise each, with its sets, reps and rest.
        Loads, minutes and the weeks ahead follow by themselves.
      </p>
      <button type="button" className={classes.linkButton} onClick={onAdd}>
        Add the first session
      </button>
    </div>
  );
}
