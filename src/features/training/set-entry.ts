import {
  asHundredths,
  decimal,
  hundredths,
  isMakeable,
  type LoadGrid,
  type LoggedMore,
  MOST_LEFT,
  neighbours,
} from '@/core';
import { figure } from '@/ui/words/figures';
import * as common from '@/ui/words/screens/common';
import * as screenWords from '@/ui/words/screens/training';

/** The text in the three fields. */
export interface SetEntry {
  readonly load: string;
  readonly reps: string;
  readonly rir: string;
}

export interface CheckedSet {
  readonly load: number;
  readonly reps: number;
  readonly rir: number;
  /** Further notes. */
  readonly more?: LoggedMore;
}

/** Problems by field; a load the equipment cannot make is only a hint, because the athlete did lift it. */
export interface EntryCheck {
  readonly value: CheckedSet | null;
  readonly problem: { readonly field: keyof SetEntry; readonly sentence: string } | null;
  readonly hint: string | null;
}

function read(text: string): number | null {
  const tidy = text.trim().replace(',', '.').replace('−', '-');
  return /^[+-]?\d+(\.\d{1,2})?$/.test(tidy) ? Number(tidy) : null;
}

/**
 * A whole set typed into one field: `105x5@2`, `105 x 5` or `x5@2`, with load and RIR from their fields if left out.
 * Null if it is not one.
 */
export function readWholeSet(text: string, now: SetEntry): SetEntry | null {
  const [, load = '', reps = '', rir] = /^([^x×*@]*)[x×*]\s*(\d+)\s*(?:@\s*(.+))?$/i.exec(text.trim()) ?? [];
  if (reps === '') return null;
  return {
    load: load.trim() === '' ? now.load : load.trim(),
    reps,
    rir: rir?.trim() ?? now.rir,
  };
}

const LIMITS = { load: [-500, 1500], reps: [0, 600], rir: [0, MOST_LEFT] } as const;
const NAMES = { load: common.load, reps: screenWords.reps, rir: screenWords.repsLeftText } as const;

/** Reads the three figures; reports the first that cannot be read or is implausible. */
export function checkEntry(entry: SetEntry, grid: LoadGrid): EntryCheck {
  const read3 = { load: read(entry.load), reps: read(entry.reps), rir: read(entry.rir) };
  for (const field of ['load', 'reps', 'rir'] as const) {
    const value = read3[field];
    const [low, high] = LIMITS[field];
    const whole = field !== 'reps' || Number.isInteger(value);
    if (value === null) return refuse(field, screenWords.mustBeANumberNot(NAMES[field], entry[field]));
    if (value < low || value > high || !whole)
      return refuse(
        field,
        screenWords.mustBeANumberBetween(NAMES[field], low, high, field === 'reps' ? ', whole' : ''),
      );
  }
  const value = read3 as CheckedSet;
  return { value, problem: null, hint: loadHint(value.load, grid) };
}

function refuse(field: keyof SetEntry, sentence: string): EntryCheck {
  return { value: null, problem: { field, sentence }, hint: null };
}

function loadHint(load: number, grid: LoadGrid): string | null {
  if (isMakeable(grid, hundredths(load))) return null;
  const { below, above } = neighbours(grid, hundredths(load));
  const near = [below, above].flatMap((value) => (value === undefined ? [] : [figure(decimal(value))]));
  return screenWords.theEquipmentHereGivesNot(near.join(' or '), grid.unit, figure(load));
}

/** The next makeable load up or down; unchanged at an end. */
export function stepLoad(load: number, by: 1 | -1, grid: LoadGrid): number {
  const at = hundredths(load);
  const { below, above } = neighbours(grid, by === 1 ? asHundredths(at + 1) : at);
  const next = by === 1 ? above : below;
  return decimal(next ?? at);
}
