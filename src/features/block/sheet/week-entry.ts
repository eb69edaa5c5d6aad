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
import { figure } from '@/ui/words/figures';
import { notMakeable } from './columns/start';

const NOTHING: Omit<WeekOverride, 'week'> = { sets: null, reps: null, load: null, rir: null };

/** What a week keeps of its own as it is typed: `4×8·60@2`, any part of it. */
export function overrideText({ sets, reps, load, rir }: WeekOverride): string {
  return [
    sets === null ? '' : `${sets}×`,
    reps === null ? '' : String(reps),
    load === null ? '' : `·${figure(load.value)}`,
    rir === null ? '' : `@${figure(rir)}`,
  ].join('');
}

const SHAPE =
  /^(?:(\d+)\s*[x×]\s*)?(\d+)?\s*s?\s*(?:(?:[·*]\s*|\s+(?=[+-]))([+-]?\d+(?:[.,]\d+)?|bw))?\s*(?:@\s*(\d+))?$/i;

/** A part with more sets than one, each with its reps, as cells show them: `12 11 10·45`; further parts behind it. */
const EACH =
  /^(\d+(?:\s+\d+)+)((?:\s*[·*]\s*|\s+(?=[+-]))[+-]?\d+(?:[.,]\d+)?)?(?:\s+\d[\d\s×·*.,]*)?(\s*@\s*\d+)?(?:\s+\d+)*$/;
/** The first of several parts: `10·107.5 12 12·95`. Those behind it follow by their rules. */
const FIRST = /^(?:\d+\s*[x×]\s*)?(\d+\s*[·*]\s*\d+(?:[.,]\d+)?)\s+\d[\d\s×·*.,@]*$/i;

/** What a cell shows, set by set, as it is typed: sets, reps of the first, load. */
function asTyped(text: string): string {
  const first = FIRST.exec(text)?.[1] ?? text;
  const [, each, load = '', rir = ''] = EACH.exec(first) ?? [];
  if (each === undefined) return first;
  const reps = each.split(/\s+/);
  return `${reps.length}×${reps[0]}${load}${rir}`;
}

function withWeek(slot: Slot, own: WeekOverride | null, week: number): Edit {
  const others = slot.weeks.filter((one) => one.week !== week);
  const value = own === null ? others : [...others, own].sort((a, b) => a.week - b.week);
  return { kind: 'slot/set', slot: slot.id, field: 'weeks', value };
}

/**
 * Reads what was typed into a week of a slot: sets, reps, load and RIR of that week alone. What is as the rules have it
 * already is left to them; an empty cell goes back to the rules altogether.
 */
export function weekEntry(
  text: string,
  slot: Slot,
  week: number,
  planned: SlotPlan | undefined,
  context: { readonly exercise: Exercise; readonly place: Place },
): Result<Edit> {
  const path = `slot/${slot.id}/weeks`;
  const tidy = text.trim().replace('−', '-');
  if (tidy === '' || tidy === '–') return ok(withWeek(slot, null, week));
  const parts = SHAPE.exec(asTyped(tidy));
  if (parts === null) return refused({ code: 'not-understood', path, text: tidy, example: '4×8·60@2' });
  const [, sets, reps, load, rir] = parts;
  const grid = loadGrid(context.exercise.loading, context.place.loads);
  const before = slot.weeks.find((one) => one.week === week) ?? { week, ...NOTHING };
  const own = { ...before };
  const [first] = planned?.sets ?? [];
  if (sets !== undefined && (before.sets !== null || Number(sets) !== workingSets(planned ?? { sets: [] })))
    own.sets = Number(sets);
  if (reps !== undefined && (before.reps !== null || Number(reps) !== first?.reps)) own.reps = Number(reps);
  if (rir !== undefined && (before.rir !== null || Number(rir) !== first?.rir)) own.rir = Number(rir);
  if (load !== undefined) {
    const value = load.toLowerCase() === 'bw' ? 0 : Number(load.replace(',', '.'));
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
