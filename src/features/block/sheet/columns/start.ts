import {
  type Athlete,
  type Exercise,
  hundredths,
  isMakeable,
  loadGrid,
  neighbours,
  ok,
  type Place,
  type Problem,
  refused,
  type Slot,
  valueIn,
} from '@/core';
import { readSet } from '@/ui/read-set';
import { count, figure, setText } from '@/ui/words/figures';
import * as screenWords from '@/ui/words/screens/sheet';
import { plain, type SheetColumn, setField } from './column';

/** The set behind the first load: the slot's own, or the athlete's best set. */
export const startColumn = {
  id: 'start',
  head: screenWords.basedOn,
  word: 'based on',
  label: screenWords.basedOn,
  width: 92,
  isNumber: false,
  editor: 'text',
  pasteOrder: 2,
  help: () => screenWords.theSetTheFirstLoad,
  show: (slot, { athlete, place }, exercise) => {
    if (slot.ofMax !== null) return plain(shareText(slot.ofMax));
    if (slot.alone) return plain(screenWords.bodyweightAlone);
    const { text, own } = startCell(slot, exercise, athlete, place);
    const shown = text === '' ? 'find' : text;
    const bands =
      slot.relief === null ? '' : `${screenWords.bandsLess(figure(valueIn(athlete.unit, slot.relief)))}, `;
    return { shown: `${bands}${shown}`, typed: own ? text : '', quiet: !own };
  },
  copy: (slot, { athlete, place }, exercise) => {
    if (slot.alone) return screenWords.bodyweightAlone;
    return slot.ofMax === null ? startCell(slot, exercise, athlete, place).text : shareText(slot.ofMax);
  },
  read: (text, slot, { athlete, catalogue, place }) => {
    const path = `slot/${slot.id}/start`;
    const exercise = catalogue.find(slot.exercise);
    if (exercise === undefined)
      return refused({ code: 'unknown-exercise', path, exercise: slot.exercise.id });
    // The athlete's own best set, copied with a slot, stays theirs.
    const had = startCell(slot, exercise, athlete, place);
    if (!had.own && text.trim() === had.text) return ok(null);
    if (ALONE.test(text.trim())) {
      return exercise.loading === 'bodyweight'
        ? ok({
            kind: 'batch',
            edits: [
              setField(slot, 'alone', true),
              ...(slot.ofMax === null ? [] : [setField(slot, 'ofMax', null)]),
            ],
          })
        : refused({ code: 'not-bodyweight', path, exercise: exercise.name });
    }
    const fitted = slot.alone ? [setField(slot, 'alone', false)] : [];
    const share = readShare(text);
    if (share !== undefined) return ok({ kind: 'batch', edits: [...fitted, setField(slot, 'ofMax', share)] });
    const grid = loadGrid(exercise.loading, place.loads);
    const set = readSet(text, exercise, grid.unit, path);
    if (!set.ok) return set;
    const { unit, value } = set.value?.load ?? { unit: null, value: 0 };
    if (unit === grid.unit && !isMakeable(grid, hundredths(value)))
      return refused(notMakeable(path, value, grid));
    const start = setField(slot, 'start', set.value);
    // A set replaces a percentage, and bodyweight alone.
    const replaced = [...fitted, ...(slot.ofMax === null ? [] : [setField(slot, 'ofMax', null)])];
    return ok(replaced.length === 0 ? start : { kind: 'batch', edits: [start, ...replaced] });
  },
  clear: (slot) => [
    ...(slot.start === null ? [] : [setField(slot, 'start', null)]),
    ...(slot.ofMax === null ? [] : [setField(slot, 'ofMax', null)]),
    ...(slot.alone ? [setField(slot, 'alone', false)] : []),
  ],
} as const satisfies SheetColumn;

/** `70 %` or `70 % +2.5`: a share of the one-rep max and its weekly step. */
function shareText({ share, weekly }: NonNullable<Slot['ofMax']>): string {
  const step = weekly === 0 ? '' : ` ${weekly > 0 ? '+' : '−'}${figure(Math.abs(weekly))}`;
  return `${figure(share)} %${step}`;
}

/** How bodyweight alone is typed. */
const ALONE = /^(?:bw|body ?weight(?: alone)?)$/i;

const SHARE = /^(\d{1,3}(?:[.,]\d+)?)\s*%(?:\s*([+\-−])\s*(\d+(?:[.,]\d+)?)\s*%?)?$/;

function readShare(text: string): Slot['ofMax'] | undefined {
  const found = SHARE.exec(text.trim());
  if (found === null) return undefined;
  const [, share = '', sign, step = '0'] = found;
  const decimal = (digits: string) => Number(digits.replace(',', '.'));
  return { share: decimal(share), weekly: decimal(step) * (sign === '+' || sign === undefined ? 1 : -1) };
}

/** A load that a place cannot make, with the nearest ones. */
export function notMakeable(path: string, value: number, grid: ReturnType<typeof loadGrid>): Problem {
  const { below, above } = neighbours(grid, hundredths(value));
  const decimal = (hundredth: number | undefined) => (hundredth === undefined ? null : hundredth / 100);
  return {
    code: 'load-not-makeable',
    path,
    load: value,
    unit: grid.unit,
    below: decimal(below),
    above: decimal(above),
  };
}

/** The set behind the first load: the slot's own, or the athlete's best set. */
function startCell(
  slot: Slot,
  exercise: Exercise | undefined,
  athlete: Athlete,
  place: Place,
): { text: string; own: boolean } {
  const set = slot.start ?? athlete.bestSets[slot.exercise.id];
  if (set === undefined || exercise === undefined) return { text: '', own: false };
  const { unit } = loadGrid(exercise.loading, place.loads);
  const text =
    set.load.unit === unit || exercise.loading === 'none'
      ? setText(set.load.value, set.reps, exercise)
      : `${figure(set.load.value)} ${set.load.unit} × ${count(set.reps, exercise)}`;
  return { text: `${text} @${figure(set.rir)}`, own: slot.start !== null };
}
