import {
  type Edit,
  exchangeExercise,
  ok,
  type Problem,
  placeFor,
  type Result,
  refused,
  type Slot,
  type TechniqueParameters,
} from '@/core';
import { pickedExercise } from '@/ui/picked-exercise';
import { pasteTable } from './clipboard';
import { setField } from './columns/column';
import { prescriptionColumn } from './columns/registry';
import { type Cell, type Row, weekOf } from './layout';
import { sessionEntry } from './session-entry';
import { clipboardInput, rowAt, type Table, unissuedWeeks } from './table';

/** Puts typed text into a cell; returns what is wrong with it. */
export function typeInto(table: Table, cell: Cell, text: string): readonly Problem[] {
  const row = rowAt(table, cell);
  if (row === undefined || row.kind === 'weeks') return [];
  const entry = entryOf(table, cell, text, row);
  const changed = entry.ok && entry.value !== null ? table.change(entry.value) : entry;
  return changed.ok ? [] : changed.problems;
}

function entryOf(
  table: Table,
  cell: Cell,
  text: string,
  row: Exclude<Row, { kind: 'weeks' }>,
): Result<Edit | null> {
  if (row.kind === 'session') return sessionEntry(cell.column === 'slot' ? 'name' : 'day', text, row.session);
  if (weekOf(cell.column) !== null) {
    const free = unissuedWeeks(table, [cell.column]);
    return free.ok ? pasteTable([[text]], cell, clipboardInput(table)) : free;
  }
  const { athlete, catalogue } = table;
  const context = { athlete, catalogue, place: placeFor(athlete, row.session.place) };
  return prescriptionColumn(cell.column)?.read(text, row.slot, context) ?? ok(null);
}

/** Puts a chosen exercise or place into its slot or session. */
export function pickInto(table: Table, cell: Cell, value: string): void {
  const row = rowAt(table, cell);
  if (row?.kind === 'session') {
    // A session without a place uses the usual one, which changes with the athlete.
    const place = value === table.athlete.places[0]?.id ? null : value;
    table.attempt({ kind: 'session/set', session: row.session.id, field: 'place', value: place });
  }
  if (row?.kind === 'slot') pickExercise(table, row.slot, value);
}

function pickExercise({ catalogue, attempt }: Table, slot: Slot, value: string): void {
  const { id, variant } = pickedExercise(value);
  const exercise = catalogue.newest(id);
  if (exercise === undefined) return;
  if (exercise.id === slot.exercise.id) {
    const ref = { id, revision: exercise.revision };
    if (variant !== slot.variant || ref.revision !== slot.exercise.revision)
      attempt({
        kind: 'batch',
        edits: [setField(slot, 'exercise', ref), setField(slot, 'variant', variant)],
      });
    return;
  }
  attempt({
    kind: 'batch',
    edits: exchangeExercise(slot, catalogue.find(slot.exercise), exercise, variant),
  });
}

/** Puts a technique into a slot, with how later sets drop off and how failure is made safe. */
export function setTechnique(
  { block, change }: Table,
  slotId: string,
  technique: TechniqueParameters,
  drift: Slot['drift'],
  safety: string,
): readonly Problem[] {
  const slot = block.sessions.flatMap(({ slots }) => slots).find(({ id }) => id === slotId);
  const changed =
    slot === undefined
      ? refused({ code: 'unknown-id', path: `slot/${slotId}`, id: slotId })
      : change({
          kind: 'batch',
          edits: [
            setField(slot, 'technique', technique),
            setField(slot, 'drift', drift),
            setField(slot, 'safety', safety.trim()),
          ],
        });
  return changed.ok ? [] : changed.problems;
}
