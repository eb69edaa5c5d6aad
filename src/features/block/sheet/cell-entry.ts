import {
  addDays,
  type Catalogue,
  CREDITING_SCHOOLS,
  type Edit,
  type Exercise,
  hundredths,
  isMakeable,
  LANDMARK_SCHOOLS,
  loadGrid,
  neighbours,
  ok,
  type Pause,
  type Place,
  type Result,
  refused,
  type Session,
  type SetTarget,
  type Slot,
  type SlotRir,
  setLimits,
  WEEKDAYS,
  weekdayOf,
  withSetCount,
} from '@/core';
import { readSet } from '@/ui/read-set';
import { readDeload } from '@/ui/words/deloads';

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
    return refused({
      code: 'out-of-range',
      path,
      field: 'sets',
      low: least,
      high: most,
      value: count.value,
      whole: true,
    });
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

/** `week`, `+1`, `week -1`, `2`, `=2`. */
function effort(text: string, path: string): Result<SlotRir> {
  const tidy = text.trim().toLowerCase().replace('−', '-');
  const offset = /^(?:week|wk)?\s*([+-]\s*\d+)?$/.exec(tidy);
  if (offset !== null) return ok({ kind: 'week', offset: Number((offset[1] ?? '0').replace(/\s/g, '')) });
  const fixed = number(tidy.replace(/^=/, ''), path);
  return fixed.ok ? ok({ kind: 'fixed', rir: fixed.value }) : fixed;
}

/** The slot's effort, then single sets' own behind commas: `week, 1 +1, last 0`. */
function rir(text: string, slot: Slot): Result<Edit> {
  const path = `slot/${slot.id}/rir`;
  const [first = '', ...others] = text.split(',');
  const whole = effort(first, path);
  if (!whole.ok) return whole;
  const setTargets: SetTarget[] = [];
  for (const other of others) {
    const parts = /^\s*(?:set\s+)?(last|\d+)\s*:?\s*(.+)$/i.exec(other);
    if (parts === null)
      return refused({ code: 'not-understood', path, text: other.trim(), example: 'week, last 0' });
    const own = effort(parts[2] as string, path);
    if (!own.ok) return own;
    const set = /^last$/i.test(parts[1] as string) ? 'last' : Number(parts[1]);
    setTargets.push({ set, rir: own.value });
  }
  return ok({
    kind: 'batch',
    edits: [
      { kind: 'slot/set', slot: slot.id, field: 'rir', value: whole.value },
      { kind: 'slot/set', slot: slot.id, field: 'setTargets', value: setTargets },
    ],
  });
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

/** The set from which the first load is found; it must be one that the session's place makes. */
function start(text: string, slot: Slot, exercise: Exercise, place: Place): Result<Edit> {
  const path = `slot/${slot.id}/start`;
  const grid = loadGrid(exercise.loading, place.loads);
  const set = readSet(text, exercise, grid.unit, path);
  if (!set.ok) return set;
  const value = set.value?.load.value ?? 0;
  if (set.value !== null && set.value.load.unit === grid.unit && !isMakeable(grid, hundredths(value))) {
    const { below, above } = neighbours(grid, hundredths(value));
    const decimal = (hundredth: number | undefined) => (hundredth === undefined ? null : hundredth / 100);
    return refused({
      code: 'load-not-makeable',
      path,
      load: value,
      unit: grid.unit,
      below: decimal(below),
      above: decimal(above),
    });
  }
  return slotEdit(slot, 'start', set.value);
}

/**
 * Reads what was typed into a slot's cell.
 * @returns the edit to make, or what is wrong with the text; whether the edit may stand is for the block to say
 */
export function slotEntry(
  column: EntryColumn,
  text: string,
  slot: Slot,
  known: { readonly catalogue: Catalogue; readonly place: Place },
): Result<Edit> {
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
      const exercise = known.catalogue.find(slot.exercise);
      if (exercise === undefined)
        return refused({ code: 'unknown-exercise', path: `slot/${slot.id}`, exercise: slot.exercise.id });
      return start(text, slot, exercise, known.place);
    }
  }
}

/** Reads what was typed into a session's name or day. Days are weekdays or numbers from 1. */
export function sessionEntry(column: 'name' | 'day', text: string, session: Session): Result<Edit> {
  if (column === 'name')
    return ok({ kind: 'session/set', session: session.id, field: 'name', value: text.trim() });
  const path = `session/${session.id}/day`;
  const tidy = text.trim().toLowerCase();
  const named = /^([a-z]{2,})(?:\s+([a-d]))?$/.exec(tidy);
  const weekday = WEEKDAYS.findIndex(
    (name) => named !== null && name.toLowerCase().startsWith((named[1] as string).slice(0, 3)),
  );
  if (weekday >= 0) {
    const week = named?.[2] === undefined ? 0 : named[2].charCodeAt(0) - 'a'.charCodeAt(0);
    return ok({ kind: 'session/set', session: session.id, field: 'day', value: 7 * week + weekday });
  }
  const day = number(tidy.replace(/^day\s*/, ''), path);
  if (!day.ok) return refused({ code: 'not-understood', path, text: text.trim(), example: 'Mon' });
  return ok({ kind: 'session/set', session: session.id, field: 'day', value: day.value - 1 });
}

export type SettingColumn =
  | 'block-name'
  | 'weeks'
  | 'cycle'
  | 'first'
  | 'last'
  | 'deload'
  | 'start-date'
  | 'pauses'
  | 'low-sets'
  | 'time'
  | 'crediting'
  | 'landmarks';

/** The word of a list that a text begins. */
function oneOf<T extends string>(text: string, words: readonly T[], path: string): Result<T> {
  const tidy = text.trim().toLowerCase();
  const found = words.find((word) => tidy !== '' && word.toLowerCase().startsWith(tidy));
  if (found !== undefined) return ok(found);
  const example = `${words.slice(0, -1).join(', ')} or ${words.at(-1)}`;
  return refused({ code: 'not-understood', path, text: text.trim(), example });
}

/** How pauses read, and are typed: `7 days after week 3`; several with commas. */
export function pausesText(pauses: readonly Pause[]): string {
  return pauses.length === 0
    ? 'none'
    : pauses.map(({ after, days }) => `${days} days after week ${after}`).join(', ');
}

function pausesOf(text: string): Result<readonly Pause[]> {
  if (/^\s*(no|none|–|)\s*$/i.test(text)) return ok([]);
  const pauses: Pause[] = [];
  for (const part of text.split(',')) {
    const found = /^\s*(\d+)\s*(?:d|days?)?\s*after\s*(?:w|week)?\s*(\d+)\s*$/i.exec(part);
    if (found === null)
      return refused({
        code: 'not-understood',
        path: 'block/pauses',
        text: part.trim(),
        example: '7 days after week 3',
      });
    pauses.push({ after: Number(found[2]), days: Number(found[1]) });
  }
  return ok(pauses);
}

/** Reads what was typed into the block line. */
export function settingEntry(
  column: SettingColumn,
  text: string,
  block: { readonly rir: { readonly first: number; readonly last: number } },
): Result<Edit> {
  if (column === 'block-name') return ok({ kind: 'block/set', field: 'name', value: text.trim() });
  if (column === 'time') {
    const time = oneOf(text, ['realistic', 'strict'] as const, 'block/time');
    return time.ok ? ok({ kind: 'block/set', field: 'time', value: time.value }) : time;
  }
  if (column === 'crediting') {
    const school = oneOf(text, CREDITING_SCHOOLS, 'block/crediting');
    return school.ok ? ok({ kind: 'block/set', field: 'crediting', value: school.value }) : school;
  }
  if (column === 'landmarks') {
    const school = oneOf(text, LANDMARK_SCHOOLS, 'block/landmarks');
    return school.ok ? ok({ kind: 'block/set', field: 'landmarks', value: school.value }) : school;
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
  if (column === 'deload') {
    const deload = readDeload(text, 'block/deload');
    return deload.ok ? ok({ kind: 'block/set', field: 'deload', value: deload.value }) : deload;
  }
  if (column === 'low-sets') {
    const answer = oneOf(text, ['yes', 'no'] as const, 'block/lowSets');
    return answer.ok ? ok({ kind: 'block/set', field: 'lowSets', value: answer.value === 'yes' }) : answer;
  }
  if (column === 'pauses') {
    const pauses = pausesOf(text);
    return pauses.ok ? ok({ kind: 'block/set', field: 'pauses', value: pauses.value }) : pauses;
  }
  const value = number(text.replace(/[×x*%]/g, ''), `block/${column}`);
  if (!value.ok) return value;
  switch (column) {
    case 'weeks':
      return ok({ kind: 'block/set', field: 'weeks', value: value.value });
    case 'cycle':
      return ok({ kind: 'block/set', field: 'cycleDays', value: value.value });
    case 'first':
      return ok({ kind: 'block/set', field: 'rir', value: { ...block.rir, first: value.value } });
    case 'last':
      return ok({ kind: 'block/set', field: 'rir', value: { ...block.rir, last: value.value } });
  }
}
