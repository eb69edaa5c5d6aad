import {
  type Athlete,
  addDays,
  type Edit,
  type Exercise,
  exerciseById,
  hundredths,
  isMakeable,
  loadGrid,
  neighbours,
  ok,
  type Problem,
  type Result,
  refused,
  type Session,
  type Slot,
  type SlotRir,
  setLimits,
  WEEKDAYS,
  weekdayOf,
  withSetCount,
} from '@/core';

/** Columns of a slot that take typed text. */
export type EntryColumn = 'sets' | 'range' | 'rir' | 'tempo' | 'rest' | 'start';

type SlotEdit = Extract<Edit, { kind: 'slot/set' }>;

function slotEdit<F extends SlotEdit['field']>(
  slot: Slot,
  field: F,
  value: Extract<SlotEdit, { field: F }>['value'],
): Result<Edit> {
  return ok({ kind: 'slot/set', slot: slot.id, field, value } as Edit);
}

/** A whole or decimal number, comma or point; the problem names the text otherwise. */
function number(text: string, path: string): Result<number> {
  const tidy = text.trim().replace(',', '.').replace('−', '-');
  return /^-?\d+(\.\d+)?$/.test(tidy)
    ? ok(Number(tidy))
    : refused({ code: 'not-a-number', path, text: text.trim() });
}

function sets(text: string, slot: Slot): Result<Edit> {
  const path = `slot/${slot.id}/technique`;
  const count = number(text, path);
  if (!count.ok) return count;
  const { least, most } = setLimits(slot.technique);
  if (!Number.isInteger(count.value) || count.value < least || count.value > most) {
    return refused({ code: 'out-of-range', path, field: 'sets', low: least, high: most, value: count.value });
  }
  return slotEdit(slot, 'technique', withSetCount(slot.technique, count.value));
}

function range(text: string, slot: Slot): Result<Edit> {
  const path = `slot/${slot.id}/range`;
  const parts = text.trim().split(/\s*(?:-|–|to|\.\.|\s)\s*/);
  const [low, high = low, ...more] = parts;
  if (low === undefined || high === undefined || more.length > 0) {
    return refused({ code: 'not-understood', path, text: text.trim(), example: '8-12' });
  }
  const from = number(low, path);
  const to = number(high, path);
  if (!from.ok) return from;
  if (!to.ok) return to;
  return slotEdit(slot, 'range', { low: from.value, high: to.value });
}

function rir(text: string, slot: Slot): Result<Edit> {
  const path = `slot/${slot.id}/rir`;
  const tidy = text.trim().toLowerCase().replace('−', '-');
  const offset = /^(?:week|wk)?\s*([+-]\s*\d+)?$/.exec(tidy);
  if (offset !== null) {
    const value: SlotRir = { kind: 'week', offset: Number((offset[1] ?? '0').replace(/\s/g, '')) };
    return slotEdit(slot, 'rir', value);
  }
  const fixed = number(tidy.replace(/^=/, ''), path);
  return fixed.ok ? slotEdit(slot, 'rir', { kind: 'fixed', rir: fixed.value }) : fixed;
}

function rest(text: string, slot: Slot): Result<Edit> {
  const path = `slot/${slot.id}/rest`;
  const clock = /^(\d+):(\d\d)$/.exec(text.trim());
  if (clock !== null) return slotEdit(slot, 'rest', Number(clock[1]) * 60 + Number(clock[2]));
  const minutes = /^(\d+(?:[.,]\d+)?)\s*m(?:in)?$/i.exec(text.trim());
  const seconds = number(minutes?.[1] ?? text.trim().replace(/\s*s(?:ec)?$/i, ''), path);
  return seconds.ok
    ? slotEdit(slot, 'rest', minutes === null ? seconds.value : Math.round(seconds.value * 60))
    : seconds;
}

function tempo(text: string, slot: Slot): Result<Edit> {
  const tidy = text.trim().toUpperCase();
  return slotEdit(slot, 'tempo', tidy === '' || tidy === '–' || tidy === '-' ? null : tidy);
}

/** `60x10@3`, `60 10 3`, `60 kg × 10`, `bw x 8 @2`. */
function start(text: string, slot: Slot, exercise: Exercise, athlete: Athlete): Result<Edit> {
  const path = `slot/${slot.id}/start`;
  const tidy = text.trim().toLowerCase().replace('−', '-').replace(/,/g, '.');
  if (tidy === '' || tidy === '–') return slotEdit(slot, 'start', null);
  const parts =
    /^(bw|[+-]?\d+(?:\.\d+)?)\s*(?:kg|lb)?\s*(?:x|×|\*|\s)\s*(\d+)(?:\s*(?:@|\s)\s*(\d+(?:\.\d+)?))?$/.exec(
      tidy,
    );
  if (parts === null) return refused({ code: 'not-understood', path, text: text.trim(), example: '60x10@3' });
  const grid = loadGrid(exercise.loading, athlete.equipment);
  const value = parts[1] === 'bw' ? 0 : Number(parts[1]);
  if (!isMakeable(grid, hundredths(value))) {
    const { below, above } = neighbours(grid, hundredths(value));
    const decimal = (hundredth: number | undefined) => (hundredth === undefined ? null : hundredth / 100);
    const problem: Problem = {
      code: 'load-not-makeable',
      path,
      load: value,
      unit: grid.unit,
      below: decimal(below),
      above: decimal(above),
    };
    return refused(problem);
  }
  return slotEdit(slot, 'start', {
    load: { value, unit: grid.unit },
    reps: Number(parts[2]),
    rir: Number(parts[3] ?? 2),
  });
}

/**
 * Reads what was typed into a slot's cell.
 * @returns the edit to make, or what is wrong with the text; whether the edit may stand is for the block to say
 */
export function slotEntry(column: EntryColumn, text: string, slot: Slot, athlete: Athlete): Result<Edit> {
  switch (column) {
    case 'sets':
      return sets(text, slot);
    case 'range':
      return range(text, slot);
    case 'rir':
      return rir(text, slot);
    case 'tempo':
      return tempo(text, slot);
    case 'rest':
      return rest(text, slot);
    case 'start': {
      const exercise = exerciseById(slot.exercise.id);
      if (exercise === undefined)
        return refused({ code: 'unknown-exercise', path: `slot/${slot.id}`, exercise: slot.exercise.id });
      return start(text, slot, exercise, athlete);
    }
  }
}

/** Reads what was typed into a session's name or day. Days are weekdays or numbers from 1. */
export function sessionEntry(column: 'name' | 'day', text: string, session: Session): Result<Edit> {
  if (column === 'name')
    return ok({ kind: 'session/set', session: session.id, field: 'name', value: text.trim() });
  const path = `session/${session.id}/day`;
  const weekday = WEEKDAYS.findIndex(
    (name) => text.trim().length >= 2 && name.toLowerCase().startsWith(text.trim().toLowerCase().slice(0, 3)),
  );
  if (weekday >= 0) return ok({ kind: 'session/set', session: session.id, field: 'day', value: weekday });
  const day = number(text, path);
  if (!day.ok) return refused({ code: 'not-understood', path, text: text.trim(), example: 'Mon' });
  return ok({ kind: 'session/set', session: session.id, field: 'day', value: day.value - 1 });
}

export type SettingColumn = 'block-name' | 'weeks' | 'first' | 'last' | 'deload' | 'start-date' | 'time';

/** Reads what was typed into the block line. */
export function settingEntry(
  column: SettingColumn,
  text: string,
  block: { readonly rir: { readonly first: number; readonly last: number } },
): Result<Edit> {
  if (column === 'block-name') return ok({ kind: 'block/set', field: 'name', value: text.trim() });
  if (column === 'time') {
    const time = (['realistic', 'strict'] as const).find(
      (one) => text.trim() !== '' && one.startsWith(text.trim().toLowerCase()),
    );
    if (time === undefined)
      return refused({
        code: 'not-understood',
        path: 'block/time',
        text: text.trim(),
        example: 'realistic or strict',
      });
    return ok({ kind: 'block/set', field: 'time', value: time });
  }
  if (column === 'start-date') {
    const date = /^\d{4}-\d{2}-\d{2}$/.test(text.trim()) ? addDays(text.trim(), 0) : '';
    if (date !== text.trim())
      return refused({
        code: 'not-understood',
        path: 'block/startDate',
        text: text.trim(),
        example: '2026-11-30',
      });
    return ok({ kind: 'block/set', field: 'startDate', value: addDays(date, -weekdayOf(date)) });
  }
  if (column === 'deload' && /^(no|none|off|–|)$/i.test(text.trim()))
    return ok({ kind: 'block/set', field: 'deload', value: null });
  const value = number(text.replace(/[×x*%]/g, ''), `block/${column}`);
  if (!value.ok) return value;
  switch (column) {
    case 'weeks':
      return ok({ kind: 'block/set', field: 'weeks', value: value.value });
    case 'first':
      return ok({ kind: 'block/set', field: 'rir', value: { ...block.rir, first: value.value } });
    case 'last':
      return ok({ kind: 'block/set', field: 'rir', value: { ...block.rir, last: value.value } });
    case 'deload': {
      const share = /%/.test(text) ? value.value / 100 : value.value;
      return ok({ kind: 'block/set', field: 'deload', value: { kind: 'fewer sets', sets: share } });
    }
  }
}
