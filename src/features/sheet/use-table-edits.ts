import { useState } from 'react';
import {
  type Athlete,
  type Block,
  type Catalogue,
  type Edit,
  newSlot,
  type Problem,
  placeFor,
  type Result,
  type SingleEdit,
  WEEKDAYS,
} from '@/core';
import { pickedExercise } from '@/ui/exercise-choices';
import { newId } from '@/ui/new-id';
import { sessionEntry, slotEntry } from './cell-entry';
import { pickedTechnique, setsOf } from './choices';
import type { Cell, Row } from './layout';

/** Where a new slot goes: a session, and the slot it will stand behind. */
export interface Adding {
  readonly session: string;
  readonly after: string | null;
}

interface TableEdits {
  readonly block: Block;
  readonly athlete: Athlete;
  readonly catalogue: Catalogue;
  readonly rows: readonly Row[];
  readonly attempt: (edit: Edit) => Result<null>;
  readonly change: (edit: Edit) => Result<null>;
  readonly move: (cell: Cell) => void;
}

const shortId = () => newId().slice(0, 12);

/** What the table does to the block: each a single undoable edit. */
export function useTableEdits({ block, athlete, catalogue, rows, attempt, change, move }: TableEdits) {
  const [adding, setAdding] = useState<Adding | null>(null);
  const rowOf = (cell: Cell) => rows.find(({ id }) => id === cell.row);

  return {
    adding,
    stopAdding: () => setAdding(null),

    /** Puts typed text into a cell; answers with what is wrong with it. */
    type(cell: Cell, text: string): readonly Problem[] {
      const row = rowOf(cell);
      if (row === undefined || row.kind === 'weeks') return [];
      const entry =
        row.kind === 'session'
          ? sessionEntry(cell.column === 'slot' ? 'name' : 'day', text, row.session)
          : slotEntry(cell.column as Parameters<typeof slotEntry>[0], text, row.slot, {
              catalogue,
              place: placeFor(athlete, row.session.place),
            });
      const changed = entry.ok ? change(entry.value) : entry;
      return changed.ok ? [] : changed.problems;
    },

    /** Puts a picked exercise, technique or place into its slot or session. */
    pick(cell: Cell, value: string): void {
      const row = rowOf(cell);
      if (row?.kind === 'session') {
        // The usual place is what a session has that names none: it moves along when the athlete does.
        const place = value === athlete.places[0]?.id ? null : value;
        attempt({ kind: 'session/set', session: row.session.id, field: 'place', value: place });
        return;
      }
      if (row?.kind !== 'slot') return;
      const { slot } = row;
      if (cell.column === 'how') {
        const { technique, drift } = pickedTechnique(value, setsOf(slot));
        const edit: SingleEdit = { kind: 'slot/set', slot: slot.id, field: 'technique', value: technique };
        attempt(
          drift === slot.drift
            ? edit
            : {
                kind: 'batch',
                edits: [edit, { kind: 'slot/set', slot: slot.id, field: 'drift', value: drift }],
              },
        );
        return;
      }
      const { id, variant } = pickedExercise(value);
      const exercise = catalogue.newest(id);
      if (exercise === undefined) return;
      const ref = { id: exercise.id, revision: exercise.revision };
      const inVariant: SingleEdit = { kind: 'slot/set', slot: slot.id, field: 'variant', value: variant };
      if (exercise.id === slot.exercise.id) {
        if (variant !== slot.variant || ref.revision !== slot.exercise.revision)
          attempt({
            kind: 'batch',
            edits: [{ kind: 'slot/set', slot: slot.id, field: 'exercise', value: ref }, inVariant],
          });
        return;
      }
      const fresh = newSlot(slot.id, exercise);
      const before = catalogue.find(slot.exercise);
      attempt({
        kind: 'batch',
        edits: [
          { kind: 'slot/set', slot: slot.id, field: 'exercise', value: ref },
          inVariant,
          // A start set and a set-up note speak of the old exercise; seconds are no reps.
          { kind: 'slot/set', slot: slot.id, field: 'start', value: null },
          { kind: 'slot/set', slot: slot.id, field: 'tempo', value: fresh.tempo },
          { kind: 'slot/set', slot: slot.id, field: 'note', value: '' },
          ...(before?.measure === exercise.measure
            ? []
            : [{ kind: 'slot/set', slot: slot.id, field: 'range', value: fresh.range } as const]),
        ],
      });
    },

    /** Asks for the exercise of a new slot behind a row. */
    beginSlot(row: Row | undefined): void {
      if (row?.kind === 'session')
        setAdding({ session: row.session.id, after: row.session.slots.at(-1)?.id ?? null });
      else if (row?.kind === 'slot') setAdding({ session: row.session.id, after: row.slot.id });
    },

    addSlot(value: string): void {
      const { id, variant } = pickedExercise(value);
      const exercise = catalogue.newest(id);
      setAdding(null);
      if (exercise === undefined || adding === null) return;
      const slot = newSlot(shortId(), exercise, variant);
      if (attempt({ kind: 'slot/add', ...adding, slot }).ok) move({ row: slot.id, column: 'sets' });
    },

    /** Adds a session on the first free day that the athlete has, and may ask for its first exercise. */
    addSession(ask: boolean): string | undefined {
      const taken = new Set(block.sessions.map(({ day }) => day));
      const open = Array.from({ length: block.cycleDays }, (_, day) => day).filter((day) => !taken.has(day));
      const had =
        block.cycleDays === WEEKDAYS.length ? open.find((day) => athlete.days.includes(day)) : undefined;
      const free = had ?? open[0] ?? 0;
      const session = {
        id: shortId(),
        name: `Session ${block.sessions.length + 1}`,
        day: free,
        place: null,
        optional: false,
        slots: [],
      };
      if (!attempt({ kind: 'session/add', after: block.sessions.at(-1)?.id ?? null, session }).ok)
        return undefined;
      if (ask) {
        move({ row: session.id, column: 'slot' });
        setAdding({ session: session.id, after: null });
      }
      return session.id;
    },

    remove(row: Row): void {
      if (row.kind === 'slot') attempt({ kind: 'slot/remove', slot: row.slot.id });
      if (row.kind === 'session') attempt({ kind: 'session/remove', session: row.session.id });
    },

    /** Moves a slot one place up or down within its session. */
    shift(row: Row, by: -1 | 1): void {
      if (row.kind !== 'slot') return;
      const { slots, id } = row.session;
      const at = slots.findIndex((slot) => slot.id === row.slot.id);
      if (at + by < 0 || at + by >= slots.length) return;
      const after = by < 0 ? (slots[at - 2]?.id ?? null) : (slots[at + 1]?.id ?? null);
      attempt({ kind: 'slot/move', slot: row.slot.id, session: id, after });
    },

    clearStart(row: Row): void {
      if (row.kind === 'slot') attempt({ kind: 'slot/set', slot: row.slot.id, field: 'start', value: null });
    },
  };
}
