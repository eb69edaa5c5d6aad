import {
  type Block,
  CREDITING_SCHOOLS,
  type Edit,
  easeInEdit,
  firstDay,
  LANDMARK_SCHOOLS,
  ok,
  type Pause,
  RANGE_BINDS,
  type Result,
  refused,
} from '@/core';
import { readDate } from '@/ui/read';
import { readDeload } from '@/ui/words/deloads';
import { figure } from '@/ui/words/figures';
import * as screenWords from '@/ui/words/screens/block-settings';
import { readNumber } from '../sheet/read-number';

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
  | 'range-binds'
  | 'phase-ranges'
  | 'load-shifts'
  | 'after-time-off'
  | 'crediting'
  | 'landmarks';

/** The word of a list that starts with a text. */
function oneOf<T extends string>(text: string, words: readonly T[], path: string): Result<T> {
  const tidy = text.trim().toLowerCase();
  const found = words.find((word) => tidy !== '' && word.toLowerCase().startsWith(tidy));
  if (found !== undefined) return ok(found);
  const example = screenWords.eitherOr(words.slice(0, -1).join(', '), words.at(-1) ?? '');
  return refused({ code: 'not-understood', path, text: text.trim(), example });
}

/** Pauses as shown and typed: `7 days after week 3`; several with commas. */
export function pausesText(pauses: readonly Pause[]): string {
  return pauses.length === 0
    ? 'none'
    : pauses.map(({ after, days }) => screenWords.daysAfterWeek(days, after)).join(', ');
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
        example: screenWords.breakExample,
      });
    pauses.push({ after: Number(found[2]), days: Number(found[1]) });
  }
  return ok(pauses);
}

/** Reads text typed into the block line. */
export function settingEntry(column: SettingColumn, text: string, block: Block): Result<Edit> {
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
    const read = readDate(text);
    if (!read.ok)
      return refused(...read.problems.map((problem) => ({ ...problem, path: 'block/startDate' })));
    const date = read.value;
    return ok({ kind: 'block/set', field: 'startDate', value: firstDay(date, block.cycleDays) });
  }
  if (column === 'deload') {
    const deload = readDeload(text, 'block/deload');
    return deload.ok ? ok({ kind: 'block/set', field: 'deload', value: deload.value }) : deload;
  }
  if (column === 'low-sets') {
    const answer = oneOf(text, ['yes', 'no'] as const, 'block/lowSets');
    return answer.ok ? ok({ kind: 'block/set', field: 'lowSets', value: answer.value === 'yes' }) : answer;
  }
  if (column === 'range-binds') {
    const bound = oneOf(text, RANGE_BINDS, 'block/rangeBinds');
    return bound.ok ? ok({ kind: 'block/set', field: 'rangeBinds', value: bound.value }) : bound;
  }
  if (column === 'phase-ranges') {
    const answer = oneOf(text, ['yes', 'no'] as const, 'block/phaseRanges');
    return answer.ok
      ? ok({ kind: 'block/set', field: 'phaseRanges', value: answer.value === 'yes' })
      : answer;
  }
  if (column === 'load-shifts') {
    const shifts = shiftsOf(text);
    return shifts.ok ? ok({ kind: 'block/set', field: 'loadShifts', value: shifts.value }) : shifts;
  }
  if (column === 'after-time-off') {
    const answer = oneOf(text, ['yes', 'no'] as const, 'block/afterReturn');
    return answer.ok ? ok(easeInEdit(block, answer.value === 'yes')) : answer;
  }
  if (column === 'pauses') {
    const pauses = pausesOf(text);
    return pauses.ok ? ok({ kind: 'block/set', field: 'pauses', value: pauses.value }) : pauses;
  }
  const value = readNumber(text.replace(/[×x*%]/g, ''), `block/${column}`);
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

/** `week 4 −5 %`, several joined; `none` for none. */
export function shiftsText(shifts: Block['loadShifts']): string {
  if (shifts.length === 0) return 'none';
  return shifts
    .map(({ week, percent }) => screenWords.week(week, percent < 0 ? '−' : '+', figure(Math.abs(percent))))
    .join(', ');
}

const SHIFT = /^(?:week|wk)?\s*(\d+)\s*:?\s*([+\-−])\s*(\d+(?:[.]\d+)?)\s*%?$/i;

function shiftsOf(text: string): Result<Block['loadShifts']> {
  if (/^(none|)$/i.test(text.trim())) return ok([]);
  const shifts: { week: number; percent: number }[] = [];
  for (const part of text.split(/[,;]/)) {
    const found = SHIFT.exec(part.trim());
    if (found === null)
      return refused({
        code: 'not-understood',
        path: 'block/loadShifts',
        text: part.trim(),
        example: 'week 4 -5 %',
      });
    const [, week, sign, percent] = found;
    shifts.push({ week: Number(week), percent: Number(percent) * (sign === '+' ? 1 : -1) });
  }
  return ok(shifts.sort((a, b) => a.week - b.week));
}
