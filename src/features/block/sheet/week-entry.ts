import {
  type Edit,
  type Exercise,
  hundredths,
  isMakeable,
  loadGrid,
  ok,
  type Place,
  type Result,
  refused,
  type Slot,
  type SlotPlan,
  type WeekOverride,
  workingSets,
} from '@/core';
import { readSets } from '@/ui/sets-text';
import { figure } from '@/ui/words/figures';
import { notMakeable } from './columns/start';

const EXAMPLE = '60 × 8 @2';

const NOTHING: Omit<WeekOverride, 'week'> = { sets: null, reps: null, load: null, rir: null };

/** A week's override as typed: `4 × 8 at 60 @2`, or any part of it. */
export function overrideText({ sets, reps, load, rir }: WeekOverride): string {
  const at = load === null ? '' : figure(load.value);
  const effort = rir === null ? '' : ` @${figure(rir)}`;
  const body =
    sets === null
      ? reps === null
        ? at && `at ${at}`
        : `${at === '' ? '' : `${at} × `}${reps}`
      : `${sets} ${reps === null ? 'sets' : `× ${reps}`}${at === '' ? '' : ` at ${at}`}`;
  return `${body}${effort}`.trim();
}

/** Largest number that may be a number of sets where it could also be a load. */
const MOST_SETS = 10;

function withWeek(slot: Slot, own: WeekOverride | null, week: number): Edit {
  const others = slot.weeks.filter((one) => one.week !== week);
  const value = own === null ? others : [...others, own].sort((a, b) => a.week - b.week);
  return { kind: 'slot/set', slot: slot.id, field: 'weeks', value };
}

/**
 * Reads text typed into a slot's week: sets, reps, load and RIR of that week only. Values equal to the plan are not
 * stored; an empty cell returns the week to the rules.
 */
export function weekEntry(
  text: string,
  slot: Slot,
  week: number,
  planned: SlotPlan | undefined,
  context: { readonly exercise: Exercise; readonly place: Place },
): Result<Edit> {
  const path = `slot/${slot.id}/weeks`;
  const tidy = text.trim();
  if (tidy === '' || tidy === '–') return ok(withWeek(slot, null, week));
  const grid = loadGrid(context.exercise.loading, context.place.loads);
  const [first] = planned?.sets ?? [];
  // `4 × 8` means sets if 4 cannot be the load, or is far below the planned one.
  const isSets = (number: number) =>
    Number.isInteger(number) &&
    number <= MOST_SETS &&
    (context.exercise.loading === 'none' ||
      !isMakeable(grid, hundredths(number)) ||
      (first?.load != null && Math.abs(first.load) >= 3 * number));
  const typed = readSets(tidy, isSets);
  if (typed === undefined) return refused({ code: 'not-understood', path, text: tidy, example: EXAMPLE });
  const { sets, reps, load: value, rir } = typed;
  const before = slot.weeks.find((one) => one.week === week) ?? { week, ...NOTHING };
  const own = { ...before };
  if (sets !== undefined && (before.sets !== null || sets !== workingSets(planned ?? { sets: [] })))
    own.sets = sets;
  if (reps !== undefined && (before.reps !== null || reps !== first?.reps)) own.reps = reps;
  if (rir !== undefined && (before.rir !== null || rir !== first?.rir)) own.rir = rir;
  if (value !== undefined) {
    if (!isMakeable(grid, hundredths(value))) return refused(notMakeable(path, value, grid));
    if (before.load !== null || value !== first?.load) own.load = { value, unit: grid.unit };
  }
  const none =
    own.sets === null &&
    own.reps === null &&
    own.load === null &&
    own.rir === null &&
    own.exercise === undefined;
  return ok(withWeek(slot, none ? null : own, week));
}
