import {
  newSlot,
  ok,
  type Session,
  type SingleEdit,
  sessionsInOrder,
  setCount,
  setLimits,
  WEEKDAYS,
  withSetCount,
} from '@/core';
import { pickedExercise } from '@/ui/picked-exercise';
import { cellsOf, type Range, replaceExercise } from './clipboard';
import { setField } from './columns/column';
import type { Row } from './layout';
import { applyCellEdit, shortId, type Table } from './table';

/** Where a new slot goes: a session, and the slot it will follow. */
export interface Adding {
  readonly session: string;
  readonly after: string | null;
}

/** Replaces an exercise everywhere in the block. */
export function replaceEverywhere(table: Table, from: string, value: string): void {
  const { id, variant } = pickedExercise(value);
  const exercise = table.catalogue.newest(id);
  if (exercise === undefined) return;
  applyCellEdit(table, ok(replaceExercise(table, from, exercise, variant)));
}

/** Joins a slot to the one above, or separates them. */
export function joinRow({ attempt }: Table, row: Row): void {
  if (row.kind === 'slot' && row.at > 1) attempt(setField(row.slot, 'joined', !row.slot.joined));
}

/** Adds a working set to a slot, if its technique allows. */
export function addSet({ attempt }: Table, row: Row): void {
  if (row.kind !== 'slot') return;
  const { technique } = row.slot;
  const sets = setCount(technique) + 1;
  if (sets <= setLimits(technique).most)
    attempt(setField(row.slot, 'technique', withSetCount(technique, sets)));
}

/** Drops a dragged slot on another row. */
export function dropSlot({ rows, attempt }: Table, slotId: string, onto: string, below: boolean): void {
  const row = rows.find(({ id }) => id === onto);
  if (row === undefined || row.kind === 'weeks' || slotId === onto) return;
  const { session } = row;
  const others = session.slots.filter(({ id }) => id !== slotId);
  const at = row.kind === 'session' ? -1 : others.findIndex(({ id }) => id === onto);
  const after = row.kind === 'session' ? null : below ? onto : (others[at - 1]?.id ?? null);
  attempt({ kind: 'slot/move', slot: slotId, session: session.id, after });
}

/** Where a new slot after a row goes. */
export function addingBehind(row: Row | undefined): Adding | null {
  if (row?.kind === 'session')
    return { session: row.session.id, after: row.session.slots.at(-1)?.id ?? null };
  return row?.kind === 'slot' ? { session: row.session.id, after: row.slot.id } : null;
}

/** Adds a slot for a chosen exercise and moves to it. */
export function addSlot({ catalogue, athlete, attempt, move }: Table, adding: Adding, value: string): void {
  const { id, variant } = pickedExercise(value);
  const exercise = catalogue.newest(id);
  if (exercise === undefined) return;
  const slot = newSlot(shortId(), exercise, variant, athlete.ranges[id]);
  if (attempt({ kind: 'slot/add', ...adding, slot }).ok) move({ row: slot.id, column: 'sets' });
}

/** Adds a session on the athlete's first free day. @returns it, or undefined if none can be added */
export function addSession({ block, athlete, attempt }: Table): Session | undefined {
  const taken = new Set(block.sessions.map(({ day }) => day));
  const free = Array.from({ length: block.cycleDays }, (_, day) => day).filter((day) => !taken.has(day));
  const had =
    block.cycleDays === WEEKDAYS.length ? free.find((day) => athlete.days.includes(day)) : undefined;
  const session: Session = {
    id: shortId(),
    name: `Session ${block.sessions.length + 1}`,
    day: had ?? free[0] ?? 0,
    place: null,
    optional: false,
    weeks: [],
    slots: [],
  };
  const after = block.sessions.at(-1)?.id ?? null;
  return attempt({ kind: 'session/add', after, session }).ok ? session : undefined;
}

export function removeRow({ attempt }: Table, row: Row): void {
  if (row.kind === 'slot') attempt({ kind: 'slot/remove', slot: row.slot.id });
  if (row.kind === 'session') attempt({ kind: 'session/remove', session: row.session.id });
}

/** Removes every slot of a range, as one edit. */
export function removeSlots(table: Table, range: Range): void {
  const edits = cellsOf(range, table).rows.flatMap((row): SingleEdit[] =>
    row.kind === 'slot' ? [{ kind: 'slot/remove', slot: row.slot.id }] : [],
  );
  applyCellEdit(table, ok({ kind: 'batch', edits }));
}

/** Moves a slot up or down; at the end of its session into the previous or next one. */
export function shiftRow({ block, attempt }: Table, row: Row, by: -1 | 1): void {
  if (row.kind !== 'slot') return;
  const { slots, id } = row.session;
  const at = slots.findIndex((slot) => slot.id === row.slot.id);
  if (at + by < 0 || at + by >= slots.length) {
    const sessions = sessionsInOrder(block);
    const next = sessions[sessions.findIndex((session) => session.id === id) + by];
    if (next === undefined) return;
    const behind = by < 0 ? (next.slots.at(-1)?.id ?? null) : null;
    attempt({ kind: 'slot/move', slot: row.slot.id, session: next.id, after: behind });
    return;
  }
  const after = by < 0 ? (slots[at - 2]?.id ?? null) : (slots[at + 1]?.id ?? null);
  attempt({ kind: 'slot/move', slot: row.slot.id, session: id, after });
}
