import type { Conventions } from '../conventions/conventions';
import { restOwed } from './rest-owed';

/** A slot for timing. Reps as low-high pairs. */
export interface TimedSlot {
  /** Seconds of one rep, one side. */
  readonly secondsPerRep: number;
  readonly sides: 1 | 2;
  readonly rest: number;
  /** Reps of each working set, at the short and the long end of its range. */
  readonly sets: readonly { readonly low: number; readonly high: number }[];
  /** Reps of each warm-up set. */
  readonly warmUps: readonly number[];
  /** Rounds of its sets, if it uses mini-sets; absent: each set is one. */
  readonly rounds?: number;
  /** Seconds of rest inside rounds, in total. */
  readonly inner?: number;
  /** Alternates with the previous slot. */
  readonly joined?: boolean;
  /** Seconds of the final stretch. */
  readonly stretch?: number;
  /** Seconds of a written break before it. */
  readonly breakBefore?: number;
  /** Seconds of its sets by the clock, in total, including rests inside them; `least` at the short end. */
  readonly clock?:
    | { readonly least: number; readonly seconds: number; readonly ends: 'by the clock' | 'when done' }
    | undefined;
  /** Seconds after each part of a round but its last, if the group alternates piece by piece. */
  readonly pauses?: readonly number[] | undefined;
}

/** Seconds; `low` and `high` are totals at both ends of the rep ranges, the rest is at the long end. */
export interface SessionTime {
  readonly work: number;
  readonly rest: number;
  readonly warmUp: number;
  readonly low: number;
  readonly high: number;
}

/** Seconds of one set: reps x tempo x sides. */
export function setSeconds(slot: Pick<TimedSlot, 'secondsPerRep' | 'sides'>, reps: number): number {
  return reps * slot.secondsPerRep * slot.sides;
}

/** Alternating slots, in order; a single slot is a group of one. Slots without sets are left out. */
function groups(slots: readonly TimedSlot[]): readonly (readonly TimedSlot[])[] {
  const made: TimedSlot[][] = [];
  for (const slot of slots) {
    if (slot.sets.length === 0) continue;
    const group = made.at(-1);
    if (slot.joined && group !== undefined) group.push(slot);
    else made.push([slot]);
  }
  return made;
}

const roundsOf = (slot: TimedSlot) => slot.rounds ?? slot.sets.length;

/** Seconds of a slot's sets at both ends of their ranges. */
export function workSeconds(slot: Pick<TimedSlot, 'secondsPerRep' | 'sides' | 'sets'>): {
  readonly least: number;
  readonly seconds: number;
} {
  let [least, seconds] = [0, 0];
  for (const { low, high } of slot.sets) {
    least += setSeconds(slot, low);
    seconds += setSeconds(slot, high);
  }
  return { least, seconds };
}

/** Slots of a group with a set in a round. */
const slotsInRound = (group: readonly TimedSlot[], round: number) =>
  group.filter((slot) => roundsOf(slot) >= round);

const roundsIn = (group: readonly TimedSlot[]) => Math.max(...group.map(roundsOf));

/** An end of the rep ranges. */
type End = 'low' | 'high';

/** Seconds of a slot's sets in one round, with the rests inside it. */
function roundSeconds(slot: TimedSlot, round: number, end: End): number {
  const rounds = roundsOf(slot);
  const of = ({ least, seconds }: { readonly least: number; readonly seconds: number }) =>
    (end === 'low' ? least : seconds) / rounds;
  if (slot.clock !== undefined) return of(slot.clock);
  const set = rounds === slot.sets.length ? slot.sets[round - 1] : undefined;
  return set === undefined ? of(workSeconds(slot)) + (slot.inner ?? 0) / rounds : setSeconds(slot, set[end]);
}

/** Rest after a round: the longest that any slot in it still needs, less what passed since its own set. */
function restAfter(group: readonly TimedSlot[], round: number, change: number, end: End): number {
  return restOwed(
    slotsInRound(group, round).map((slot) => ({ rest: slot.rest, seconds: roundSeconds(slot, round, end) })),
    change,
  );
}

/** Whether a group alternates piece by piece. */
const isDoneByPiece = (group: readonly TimedSlot[]) =>
  group.length > 1 && group.every(({ pauses }) => pauses !== undefined);

/**
 * Rest of a round that alternates piece by piece: changes between slots with a part, and after each turn the longest
 * pause that any of them still needs.
 */
function pieceByPieceRest(members: readonly TimedSlot[], change: number): number {
  // Every-minute slots each have their own minute, including rests and changes.
  const paced = members.filter(({ clock }) => clock?.ends !== 'by the clock');
  const pieces = Math.max(0, ...paced.map(({ pauses = [] }) => pauses.length + 1));
  let rest = 0;
  for (let piece = 1; piece <= pieces; piece++) {
    const here = paced.filter(({ pauses = [] }) => pauses.length + 1 >= piece);
    rest += change * (here.length - 1);
    if (piece === pieces) continue;
    rest += restOwed(
      here.map((slot) => ({ rest: slot.pauses?.[piece - 1] ?? 0, seconds: pieceSeconds(slot) })),
      change,
    );
  }
  return rest;
}

/** Seconds of one part of a slot that alternates piece by piece. */
function pieceSeconds(slot: TimedSlot): number {
  return workSeconds(slot).seconds / ((slot.pauses?.length ?? 0) + 1) / roundsOf(slot);
}

/** Work of a piece-by-piece group against the clock: until it is done, at most the longest time limit. */
function pieceByPieceWork(
  group: readonly TimedSlot[],
  rest: number,
): { readonly least: number; readonly seconds: number } {
  const cap = Math.max(0, ...group.map(({ clock }) => (clock?.ends === 'when done' ? clock.seconds : 0)));
  let [least, seconds] = [0, 0];
  for (const slot of group) {
    const own = slot.clock?.ends === 'by the clock' ? slot.clock : workSeconds(slot);
    least += own.least;
    seconds += own.seconds;
  }
  if (cap === 0) return { least, seconds };
  return { least: Math.max(0, Math.min(cap, least + rest) - rest), seconds: Math.max(0, cap - rest) };
}

/** Rest within a group: after every round but its last, and between its slots. */
function restIn(group: readonly TimedSlot[], change: number, end: End): number {
  const rounds = roundsIn(group);
  const [only, ...others] = group;
  if (only !== undefined && others.length === 0) return only.rest * Math.max(0, rounds - 1);
  let rest = 0;
  const pieced = isDoneByPiece(group);
  for (let round = 1; round <= rounds; round++) {
    const here = slotsInRound(group, round);
    rest += pieced ? pieceByPieceRest(here, change) : change * Math.max(0, here.length - 1);
    if (round < rounds) rest += restAfter(group, round, change, end);
  }
  return rest;
}

/**
 * Length of a session: all sets and the rest after every set but the last; groups rest after each round until none of
 * their slots needs more, or alternate
 * piece by piece under one clock. Realistic adds warm-up sets with a pause after each, uses the longer of rest and
 * transition between exercises, and adds the changes within a group.
 */
export function sessionTime(
  slots: readonly TimedSlot[],
  mode: 'strict' | 'realistic',
  conventions: Conventions,
): SessionTime {
  let workLow = 0;
  let work = 0;
  let restLow = 0;
  let rest = 0;
  let warmUp = 0;
  const both = (seconds: number) => {
    restLow += seconds;
    rest += seconds;
  };
  const all = groups(slots);
  all.forEach((group, at) => {
    const change = mode === 'strict' ? 0 : conventions.groupChange;
    const within = restIn(group, change, 'high');
    const across = isDoneByPiece(group) ? pieceByPieceWork(group, within) : null;
    rest += within;
    restLow += restIn(group, change, 'low');
    workLow += across?.least ?? 0;
    work += across?.seconds ?? 0;
    // A written break includes the rest before it.
    const next = all[at + 1]?.[0];
    const least = Math.max(next?.breakBefore ?? 0, mode === 'strict' ? 0 : conventions.changeOver);
    if (next !== undefined) {
      rest += Math.max(restAfter(group, roundsIn(group), change, 'high'), least);
      restLow += Math.max(restAfter(group, roundsIn(group), change, 'low'), least);
    }
    for (const slot of group) {
      if (across === null) {
        const own = slot.clock ?? workSeconds(slot);
        workLow += own.least;
        work += own.seconds;
        both(slot.clock === undefined ? (slot.inner ?? 0) : 0);
      }
      both(slot.stretch ?? 0);
      if (mode === 'realistic') {
        for (const reps of slot.warmUps) warmUp += setSeconds(slot, reps) + conventions.warmUpPause;
      }
    }
  });
  return { work, rest, warmUp, low: workLow + restLow + warmUp, high: work + rest + warmUp };
}
