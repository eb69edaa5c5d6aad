import { isDate, type LocalDate, type Problem, UNITS, type Unit } from '@/core';
import { text as textCell } from '../table/column';
import type { PastSet } from './past-blocks';

/** What a column of a log may contain. */
export const MEANINGS = [
  'date',
  'exercise',
  'sets',
  'reps',
  'load',
  'unit',
  'rir',
  'effort',
  'note',
] as const;
export type Meaning = (typeof MEANINGS)[number];
/** Required: without these a set is unknown. */
export const NEEDED: readonly Meaning[] = ['date', 'exercise', 'reps'];

export const DATE_ORDERS = ['year first', 'day first', 'month first'] as const;
export type DateOrder = (typeof DATE_ORDERS)[number];

/** How to read a log: the content of each column, and what its figures mean. */
export interface Understanding {
  readonly columns: Readonly<Partial<Record<Meaning, number>>>;
  readonly dates: DateOrder;
  /** For loads without a unit. */
  readonly unit: Unit;
  /** RIR of sets without one. */
  readonly reserve: number;
}

/** A line of the source with its number, from 1. */
export interface SourceLine {
  readonly line: number;
  readonly cells: readonly string[];
}

const HEADS: Readonly<Record<Meaning, RegExp>> = {
  date: /^(date|day|when|datum|performed( at| on)?|workout date|start( time)?|time)$/i,
  exercise: /^(exercise( name)?|lift|movement|name|übung)$/i,
  sets: /^(sets|number of sets|no\.? of sets)$/i,
  reps: /^(reps?|repetitions|wiederholungen|reps done)$/i,
  load: /^(load|weight( \(?(kg|lbs?)\)?)?|kg|lbs?|gewicht)$/i,
  unit: /^(unit|weight unit|einheit)$/i,
  rir: /^(rir|reps (left|in reserve)|reserve)$/i,
  effort: /^(rpe|effort|exertion)$/i,
  note: /^(notes?|comments?|remarks?)$/i,
};

/** A guess from a log's headings and first lines. */
export function guessReading(
  head: readonly string[],
  lines: readonly SourceLine[],
  unit: Unit,
): Understanding {
  const columns: Partial<Record<Meaning, number>> = {};
  for (const meaning of MEANINGS) {
    const at = head.findIndex(
      (cell, k) => HEADS[meaning].test(cell.trim()) && !Object.values(columns).includes(k),
    );
    if (at >= 0) columns[meaning] = at;
  }
  // A date is recognised by its form if no heading says so.
  const looks = head.findIndex(
    (_, at) => lines.length > 0 && lines.every(({ cells }) => DATE.test((cells[at] ?? '').trim())),
  );
  if (columns.date === undefined && looks >= 0) columns.date = looks;
  const loadHead = columns.load === undefined ? '' : (head[columns.load] ?? '');
  const said = /lb/i.test(loadHead) ? 'lb' : /kg/i.test(loadHead) ? 'kg' : unit;
  const at = columns.date;
  const dates = at === undefined ? [] : lines.map(({ cells }) => (cells[at] ?? '').trim());
  return { columns, dates: orderOf(dates), unit: said, reserve: 2 };
}

const DATE = /^(\d{1,4})[-/. ](\d{1,2}|[a-zäöü]{3,})[-/. ,]+(\d{2,4})(?:[T ,].*)?$/i;
const MONTHS = ['jan', 'feb', 'mar', 'apr', 'may', 'jun', 'jul', 'aug', 'sep', 'oct', 'nov', 'dec'];

/** The order that all dates allow, day first if several do. */
function orderOf(dates: readonly string[]): DateOrder {
  const given = dates.filter((text) => DATE.test(text));
  const isRead = (order: DateOrder) => given.every((text) => readDate(text, order) !== undefined);
  return DATE_ORDERS.find((order) => given.length > 0 && isRead(order)) ?? 'year first';
}

/** A date as people write it, ignoring a time after it. Undefined if it is not one. */
export function readDate(text: string, order: DateOrder): LocalDate | undefined {
  const [, first = '', second = '', third = ''] = DATE.exec(text.trim()) ?? [];
  if (first === '') return undefined;
  const month = MONTHS.indexOf(second.slice(0, 3).toLowerCase()) + 1;
  const isYearFirst = first.length === 4;
  if (isYearFirst !== (order === 'year first') && month === 0) return undefined;
  const parts = isYearFirst
    ? [first, month === 0 ? second : month, third]
    : month > 0 || order === 'day first'
      ? [third, month === 0 ? second : month, first]
      : [third, first, second];
  const [year, ofYear, day] = parts.map(Number);
  const full = (year ?? 0) < 100 ? 2000 + (year ?? 0) : year;
  const date = `${full}-${String(ofYear).padStart(2, '0')}-${String(day).padStart(2, '0')}`;
  return isDate(date) ? date : undefined;
}

/** A name in a log for look-up: lower case, single spaces. */
export function nameKey(text: string): string {
  return textCell.read(text.trim())?.replace(/\s+/g, ' ').toLowerCase() ?? '';
}

/** Exercise names in a log, most frequent first. */
export function namesIn(lines: readonly SourceLine[], { columns }: Understanding): readonly string[] {
  const at = columns.exercise;
  if (at === undefined) return [];
  const counts = new Map<string, number>();
  for (const { cells } of lines) {
    const name = nameKey(cells[at] ?? '');
    if (name !== '') counts.set(name, (counts.get(name) ?? 0) + 1);
  }
  return [...counts].sort(([, a], [, b]) => b - a).map(([name]) => name);
}

/** The result of reading a log: every set of every line, or what is wrong with a line. */
export interface Reading {
  readonly sets: readonly PastSet[];
  readonly problems: readonly Problem[];
  /** Lines whose exercise is left out. */
  readonly left: number;
}

const FIGURE = /^[+-]?\d+(?:[.,]\d+)?$/;
const figureIn = (text: string) => (FIGURE.test(text) ? Number(text.replace(',', '.')) : undefined);
const LOAD = /^([+-]?\d+(?:[.,]\d+)?)\s*(kg|lbs?)?$/i;

/** Limits: sets per line, reps per set, length of a note. */
const MOST = { sets: 20, reps: 1000, load: 1500, note: 200 } as const;

/**
 * Reads the lines of a log with the given columns.
 * @param exercises the exercise of a name, by `nameKey`; null: its lines are left out
 */
export function readLog(
  lines: readonly SourceLine[],
  understood: Understanding,
  exercises: ReadonlyMap<string, string | null>,
): Reading {
  const problems: Problem[] = [];
  let left = 0;
  const sets = lines.flatMap(({ line, cells }): readonly PastSet[] => {
    const { columns, dates, unit, reserve } = understood;
    const cell = (meaning: Meaning) => {
      const at = columns[meaning];
      return at === undefined ? '' : (cells[at] ?? '').trim();
    };
    const wrong = (meaning: Meaning, example: string): readonly PastSet[] => {
      problems.push({
        code: 'not-understood',
        path: `line/${line}/${meaning}`,
        text: cell(meaning),
        example,
      });
      return [];
    };
    const exerciseId = exercises.get(nameKey(cell('exercise')));
    if (exerciseId === null) {
      left++;
      return [];
    }
    if (exerciseId === undefined) return wrong('exercise', 'an exercise of the library');
    const date = readDate(cell('date'), dates);
    if (date === undefined) return wrong('date', '2026-11-09');
    const reps = repsIn(cell('reps'));
    if (reps === undefined) return wrong('reps', '8');
    const [, value = '0', said = ''] =
      cell('load') === '' ? [] : (LOAD.exec(cell('load')) ?? [undefined, 'x']);
    const load = figureIn(value);
    if (load === undefined || Math.abs(load) > MOST.load) return wrong('load', '62.5');
    const own = (said || cell('unit')).toLowerCase().replace(/s$/, '');
    const of = own === '' ? unit : UNITS.find((one) => one === own);
    if (of === undefined) return wrong('unit', 'kg');
    const rir = reserveIn(cell('rir'), cell('effort'), reserve);
    if (rir === undefined) return wrong(cell('rir') === '' ? 'effort' : 'rir', '2');
    const many = cell('sets') === '' ? 1 : figureIn(cell('sets'));
    if (many === undefined || !Number.isInteger(many) || many < 1 || many > MOST.sets)
      return wrong('sets', '3');
    const note = (textCell.read(cell('note')) ?? '').slice(0, MOST.note);
    const each = reps.length > 1 ? reps : Array.from({ length: many }, () => reps[0] ?? 0);
    return each.map((one) => ({
      date,
      exerciseId,
      load: { value: Math.round(100 * load) / 100, unit: of },
      reps: one,
      rir,
      note,
    }));
  });
  return { sets, problems, left };
}

/** `8`, or a line's sets one by one: `8, 8, 7` and `3x8`. */
function repsIn(text: string): readonly number[] | undefined {
  const [, many, each] = /^(\d{1,2})\s*[x×]\s*(\d{1,4})$/i.exec(text) ?? [];
  const list =
    many === undefined
      ? text.split(/\s*[,;/]\s*|\s+/).map((one) => (/^\d{1,4}$/.test(one) ? Number(one) : Number.NaN))
      : Array.from({ length: Number(many) }, () => Number(each));
  const isRead =
    list.length > 0 && list.length <= MOST.sets && list.every((reps) => reps >= 1 && reps <= MOST.reps);
  return isRead ? list : undefined;
}

/** RIR as given, or from an effort out of ten; the default if neither is given. */
function reserveIn(rir: string, effort: string, assumed: number): number | undefined {
  if (rir === '' && effort === '') return assumed;
  const said = figureIn(rir === '' ? effort : rir);
  const left = said === undefined || rir !== '' ? said : 10 - said;
  return left === undefined || left < 0 || left > 10 ? undefined : Math.round(2 * left) / 2;
}
