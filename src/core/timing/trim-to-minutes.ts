import { MUSCLES, type Muscle } from '../anatomy/muscle';
import { placeFor } from '../athlete/place';
import type { Session, Slot, WeekOverride } from '../block/block';
import type { SingleEdit } from '../block/edits/edit';
import { contribution, credits, type Exercise, primeMovers } from '../exercises/exercise';
import { asPlanned, type CheckInput } from '../findings/finding';
import { changeSets } from '../findings/slot-sets';
import { carriedWeight } from '../loading/carried';
import { loadGrid } from '../loading/grid';
import { Memo } from '../memo';
import type { SessionPlan } from '../plan/session';
import type { SlotPlan } from '../plan/slot';
import { isAtLeast } from '../rounding';
import { setCount } from '../techniques/registry';
import { sessionFigures } from '../unfold/session-figures';
import type { SlotTrim } from './slot-trim';

/** Shortest rest for isolation work, and the step of its cuts; seconds. */
const LEAST_REST = 45;
const REST_STEP = 15;
/** Share of a slot's sets that stays. */
const KEPT = 0.5;

/** How a session is shortened: every change, as edits of the block and, if only sets change, of one week. */
export interface TrimmedSession {
  readonly changes: readonly SlotTrim[];
  readonly edits: readonly SingleEdit[];
  /** The same for only this week; null if more than sets is changed. */
  readonly weekEdits: readonly SingleEdit[] | null;
  /** Seconds at the long end before and after. */
  readonly before: number;
  readonly after: number;
  readonly fits: boolean;
  /** Growing muscles that fall below their minimum because of it. */
  readonly belowFloor: readonly Muscle[];
}

export type FitInput = Pick<CheckInput, 'block' | 'athlete' | 'week' | 'exerciseOf' | 'conventions'>;

/** What shortening may do: everything in order, stop at the minimums, or only remove sets. */
export type FitMeans = 'everything' | 'floors kept' | 'sets alone, floors kept';

/** A slot as written and as planned, with its exercise. */
interface Line {
  readonly written: Slot;
  readonly planned: SlotPlan;
  readonly exercise: Exercise;
}

/**
 * What to cut so that a session fits, in this order: sets of maintained muscles, then where a muscle is furthest above
 * its minimum (or maintenance if maintained), as long as every growing muscle keeps its minimum and every slot half its
 * sets; supersets of neighbouring isolation work for different muscles; rests of isolation work; and last, if allowed,
 * sets below a minimum, down to half of each slot first. Sets of priority muscles go only when nothing else is left.
 * @param minutes the limit
 */
export function trimToMinutes(
  session: Session,
  minutes: number,
  input: FitInput,
  means: FitMeans = 'everything',
): TrimmedSession {
  const planned = input.week.sessions.find(({ sessionId }) => sessionId === session.id);
  const start = linesOf(session, planned, input);
  const length = sessionSeconds(session, start, input);
  const before = planned?.seconds.high ?? 0;
  const limit = minutes * 60;
  let lines = start;
  const cut = (next: (lines: readonly Line[]) => readonly Line[] | null) => {
    while (length(lines) > limit) {
      const shorter = next(lines);
      if (shorter === null) return;
      lines = shorter;
    }
  };
  if (before > limit) {
    cut((now) => dropSet(now, start, input, 'floors kept'));
    if (means !== 'sets alone, floors kept') {
      cut((now) => pairUp(now, length));
      cut(shortenRest);
    }
    if (means === 'everything') {
      cut((now) => dropSet(now, start, input, 'half kept'));
      cut((now) => dropSet(now, start, input, 'anything'));
    }
  }
  const after = before > limit ? length(lines) : before;
  const changes = lines.flatMap((line, at) => changeOf(line, start[at] as Line, lines[at - 1]));
  const onlySets = changes.every(({ rest, pairedWith }) => rest === null && pairedWith === null);
  return {
    changes,
    edits: lines.flatMap(({ written }, at) => editsOf(written, (start[at] as Line).written)),
    weekEdits: onlySets ? weekEdits(lines, start, input.week.week) : null,
    before,
    after,
    fits: after <= limit,
    belowFloor: MUSCLES.filter((muscle) => isBelow(muscle, setsLeft(muscle, lines, start, input), input)),
  };
}

function linesOf(session: Session, planned: SessionPlan | undefined, input: FitInput): readonly Line[] {
  return session.slots.flatMap((written): Line[] => {
    const slot = planned?.slots.find(({ slotId }) => slotId === written.id);
    return slot === undefined
      ? []
      : [{ written, planned: slot, exercise: input.exerciseOf(asPlanned(written)) }];
  });
}

/** Computes the session's seconds with these slots, at the long end; unchanged slots are timed once. */
function sessionSeconds(
  session: Session,
  start: readonly Line[],
  input: FitInput,
): (lines: readonly Line[]) => number {
  const { loads } = placeFor(input.athlete, session.place);
  const facts = new Map(
    start.map(({ written, exercise }) => {
      const grid = loadGrid(exercise.loading, loads);
      return [written.id, { exercise, grid, carried: carriedWeight(exercise, input.athlete, grid.unit) }];
    }),
  );
  const mode = { time: input.block.time, conventions: input.conventions };
  const memo = new Memo();
  return (lines) =>
    sessionFigures(
      mode,
      { ...session, slots: lines.map(({ written }) => written) },
      facts,
      lines.map(({ planned }) => planned),
      memo,
    ).seconds.high;
}

/** Fractional weekly sets that each set of a slot gives a muscle. */
function perSet(muscle: Muscle, { exercise, planned }: Line, { block }: FitInput): number {
  const counted = planned.sets.some(({ credit }) => credit > 0);
  const share = contribution(exercise, muscle);
  const direct = block.landmarks === 'fixed dose' && share < 1;
  return counted && !direct ? (share * 7) / block.cycleDays : 0;
}

/** Weekly sets of a muscle after what was cut. */
function setsLeft(muscle: Muscle, lines: readonly Line[], start: readonly Line[], input: FitInput): number {
  return lines.reduce((sum, line, at) => {
    const gone = setCount((start[at] as Line).written.technique) - setCount(line.written.technique);
    return sum - gone * perSet(muscle, line, input);
  }, input.week.muscles[muscle].measured);
}

/** What a muscle must keep: its minimum, or maintenance if maintained. */
function leastSets(muscle: Muscle, { week }: FitInput): number {
  const { goal, landmarks } = week.muscles[muscle];
  return goal === 'hold' ? landmarks.hold : landmarks.floor;
}

/** Whether these weekly sets bring a growing muscle from its minimum to below it. */
function isBelow(muscle: Muscle, left: number, input: FitInput): boolean {
  const { goal, measured } = input.week.muscles[muscle];
  const least = leastSets(muscle, input);
  return goal !== 'hold' && isAtLeast(measured, least) && !isAtLeast(left, least);
}

/** Whose sets are cut first: maintained muscles, then others; priority muscles only if nothing else is left. */
const CUT_ORDER = ['maintained', 'growing', 'priority'] as const;

function cutRank({ exercise }: Line, { week }: FitInput): (typeof CUT_ORDER)[number] {
  const goals = primeMovers(exercise).map((muscle) => week.muscles[muscle].goal);
  if (goals.includes('priority')) return 'priority';
  return goals.length > 0 && goals.every((goal) => goal === 'hold') ? 'maintained' : 'growing';
}

/** Removes a set: of maintained muscles first, then from the slot whose prime mover with least to spare has most. */
function dropSet(
  lines: readonly Line[],
  start: readonly Line[],
  input: FitInput,
  keeps: 'floors kept' | 'half kept' | 'anything',
): readonly Line[] | null {
  const left = new Map(MUSCLES.map((muscle) => [muscle, setsLeft(muscle, lines, start, input)]));
  const spare = (line: Line) =>
    Math.min(
      ...credits(line.exercise)
        .filter(([, share]) => share === 1)
        .map(([muscle]) => (left.get(muscle) ?? 0) - leastSets(muscle, input)),
      Number.POSITIVE_INFINITY,
    );
  const order = lines
    .map((line, at) => ({ line, at, rank: cutRank(line, input), spare: spare(line) }))
    .filter(({ rank }) => keeps === 'anything' || rank !== 'priority')
    .sort((a, b) => CUT_ORDER.indexOf(a.rank) - CUT_ORDER.indexOf(b.rank) || b.spare - a.spare);
  for (const { line, at } of order) {
    const written = setCount((start[at] as Line).written.technique);
    const now = setCount(line.written.technique);
    const edit = changeSets(line.written, -1);
    if (edit?.kind !== 'slot/set' || (keeps !== 'anything' && now - 1 < written * KEPT)) continue;
    const last = line.planned.sets.filter(({ optional }) => !optional).at(-1)?.round;
    const shorter = {
      ...line,
      written: { ...line.written, [edit.field]: edit.value },
      planned: { ...line.planned, sets: line.planned.sets.filter(({ round }) => round !== last) },
    };
    const movers = credits(line.exercise).filter(([, share]) => share === 1);
    const breaks = (muscle: Muscle) =>
      isBelow(muscle, (left.get(muscle) ?? 0) - perSet(muscle, line, input), input) ||
      // A muscle already below its minimum gives up none of its direct work.
      (movers.some(([mover]) => mover === muscle) && spare(line) <= 0);
    if (keeps === 'floors kept' && credits(line.exercise).some(([muscle]) => breaks(muscle))) continue;
    return lines.map((one, k) => (k === at ? shorter : one));
  }
  return null;
}

/** The two neighbouring isolation exercises for different muscles that save most as a superset. */
function pairUp(lines: readonly Line[], length: (lines: readonly Line[]) => number): readonly Line[] | null {
  const now = length(lines);
  let best: { readonly lines: readonly Line[]; readonly seconds: number } | null = null;
  for (let at = 1; at < lines.length; at++) {
    const [first, second] = [lines[at - 1] as Line, lines[at] as Line];
    if (!canPair(first, second) || lines[at + 1]?.written.joined) continue;
    const joined = lines.map((line, k) =>
      k === at
        ? {
            ...line,
            written: { ...line.written, joined: true },
            planned: { ...line.planned, joined: true },
          }
        : line,
    );
    const seconds = length(joined);
    if (seconds < now && (best === null || seconds < best.seconds)) best = { lines: joined, seconds };
  }
  return best?.lines ?? null;
}

/** Whether two slots may become a superset: both single, isolation work, without a clearly shared muscle. */
function canPair(first: Line, second: Line): boolean {
  if (first.written.joined || second.written.joined) return false;
  if (first.exercise.kind !== 'isolation' || second.exercise.kind !== 'isolation') return false;
  return credits(first.exercise).every(
    ([muscle, share]) => share < 0.5 || contribution(second.exercise, muscle) < 0.5,
  );
}

/** Shortens the longest rest of isolation work by a step. */
function shortenRest(lines: readonly Line[]): readonly Line[] | null {
  const [longest] = lines
    .filter(
      ({ exercise, written }) => exercise.kind === 'isolation' && written.rest - REST_STEP >= LEAST_REST,
    )
    .sort((a, b) => b.written.rest - a.written.rest);
  if (longest === undefined) return null;
  const rest = longest.written.rest - REST_STEP;
  return lines.map((line) =>
    line === longest
      ? { ...line, written: { ...line.written, rest }, planned: { ...line.planned, rest } }
      : line,
  );
}

function changeOf(now: Line, was: Line, before: Line | undefined): readonly SlotTrim[] {
  const sets = { from: setCount(was.written.technique), to: setCount(now.written.technique) };
  const rest = { from: was.written.rest, to: now.written.rest };
  const isPaired = now.written.joined && !was.written.joined;
  if (sets.from === sets.to && rest.from === rest.to && !isPaired) return [];
  return [
    {
      slotId: now.written.id,
      exerciseId: now.written.exercise.id,
      sets: sets.from === sets.to ? null : sets,
      rest: rest.from === rest.to ? null : rest,
      pairedWith: isPaired ? (before?.written.exercise.id ?? null) : null,
    },
  ];
}

function editsOf(now: Slot, was: Slot): readonly SingleEdit[] {
  const fields = ['technique', 'rest', 'joined'] as const;
  return fields.flatMap((field): SingleEdit[] =>
    now[field] === was[field]
      ? []
      : [{ kind: 'slot/set', slot: now.id, field, value: now[field] } as SingleEdit],
  );
}

/** The number of sets as overrides of one week. */
function weekEdits(lines: readonly Line[], start: readonly Line[], week: number): readonly SingleEdit[] {
  return lines.flatMap(({ written }, at): SingleEdit[] => {
    const was = (start[at] as Line).written;
    const sets = setCount(written.technique);
    if (sets === setCount(was.technique)) return [];
    const own: WeekOverride = was.weeks.find((one) => one.week === week) ?? {
      week,
      sets: null,
      reps: null,
      load: null,
      rir: null,
    };
    const weeks = [...was.weeks.filter((one) => one.week !== week), { ...own, sets }];
    return [
      {
        kind: 'slot/set',
        slot: written.id,
        field: 'weeks',
        value: weeks.sort((a, b) => a.week - b.week),
      },
    ];
  });
}
