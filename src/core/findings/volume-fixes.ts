import { MUSCLES, type Muscle } from '../anatomy/muscle';
import { findSlot, type Session, type Slot } from '../block/block';
import type { SingleEdit } from '../block/edits/edit';
import { averageFirstRir } from '../effort/drift';
import { contribution, credits, type Exercise, primeMovers } from '../exercises/exercise';
import type { SlotPlan } from '../plan/slot';
import type { WeekPlan } from '../plan/week';
import { totalCredit } from '../plan/working-sets';
import { isAtLeast, isAtMost, roundHalfUp } from '../rounding';
import { setCount } from '../techniques/registry';
import { setCost } from '../timing/set-cost';
import { plannedRise } from '../unfold/plan-slot/target';
import { asPlanned, type CheckInput, type Fix } from './finding';
import { changeSets, isAllHard, slotsFor, writtenSlot } from './slot-sets';

const EPSILON = 1e-9;

/** A fix as a list, empty if there is none. */
export const offered = (fix: Fix | undefined): readonly Fix[] => (fix === undefined ? [] : [fix]);

interface Candidate {
  readonly slot: Slot;
  readonly session: Session;
  readonly exercise: Exercise;
}

/** Direct slots of a muscle in counted sessions, best payoff first. */
function candidates(muscle: Muscle, input: CheckInput): readonly Candidate[] {
  return slotsFor(muscle, input).flatMap((slot): Candidate[] => {
    const session = findSlot(input.block, slot.id)?.session;
    if (session === undefined || session.optional) return [];
    return [{ slot, session, exercise: input.exerciseOf(asPlanned(slot)) }];
  });
}

/**
 * Changed sets so far and their effect on each muscle, session and the whole week: an estimate based on the planned
 * week.
 */
class Reckoning {
  private readonly changed = new Map<string, number>();
  /** The effect of the changes on a week, updated as they are made, because one fix asks for it a thousand times. */
  private readonly moved = new Map<Muscle, number>();
  private sets = 0;
  private readonly perWeek: number;

  constructor(
    private readonly all: readonly Candidate[],
    private readonly input: CheckInput,
  ) {
    this.perWeek = 7 / input.block.cycleDays;
  }

  of({ slot }: Candidate): number {
    return this.changed.get(slot.id) ?? 0;
  }

  change(one: Candidate, by: 1 | -1): void {
    this.changed.set(one.slot.id, this.of(one) + by);
    this.sets += by;
    for (const [muscle, share] of credits(one.exercise))
      if (share === 1 || this.input.block.landmarks !== 'fixed dose')
        this.moved.set(muscle, (this.moved.get(muscle) ?? 0) + by * share);
  }

  /** Weekly sets of a muscle as its volume range counts them. */
  measured(muscle: Muscle): number {
    return this.input.week.muscles[muscle].measured + this.difference(muscle);
  }

  /** Weekly sets by which the changes move a muscle. */
  difference(muscle: Muscle): number {
    return (this.moved.get(muscle) ?? 0) * this.perWeek;
  }

  hardSets(): number {
    return this.input.week.hardSets + this.sets * this.perWeek;
  }

  credited(session: Session, muscle: Muscle): number {
    const planned = this.input.week.sessions.find(({ sessionId }) => sessionId === session.id);
    const now = (planned?.slots ?? []).reduce(
      (sum, slot) => sum + totalCredit(slot.sets) * contribution(this.input.exerciseOf(slot), muscle),
      0,
    );
    return this.all
      .filter((one) => one.session.id === session.id)
      .reduce((sum, one) => sum + this.of(one) * contribution(one.exercise, muscle), now);
  }

  seconds(session: Session): number {
    const planned = this.input.week.sessions.find(({ sessionId }) => sessionId === session.id);
    return this.all
      .filter((one) => one.session.id === session.id)
      .reduce(
        (sum, one) => sum + this.of(one) * setCost(one.slot, one.exercise, this.input.conventions),
        planned?.seconds.high ?? 0,
      );
  }
}

/** Whether a slot's next set can be completed and counts: constant reps leave less with every set. */
function canTakeAnother({ slot }: Candidate, added: number, input: CheckInput): boolean {
  const planned = writtenSlot(slot, input);
  const last = planned?.sets.at(-1);
  if (planned === undefined || last === undefined || !isAllHard(planned)) return false;
  const { reps } = planned.why;
  if (reps.code !== 'reps/drift') return true;
  if (slot.drift === 'hold RIR') return hasRoom(slot, planned, reps.perSet, added + 1);
  const sets = planned.sets.filter(({ optional }) => !optional);
  if (slot.drift === 'hold reps, first set')
    return isAtLeast((sets.at(-1)?.rir ?? 0) - (added + 1) * reps.perSet, 0);
  // With the RIR met on average, more sets make the first ones easier, until they no longer count.
  const asked = sets.reduce((sum, { rir }) => sum + rir, 0) / sets.length;
  const firstRir = averageFirstRir(asked, reps.perSet, sets.length + added + 1);
  return isAtMost(firstRir + input.conventions.fitTolerance, input.conventions.hardSetRir);
}

/**
 * Whether the range has room for this many more sets, each with fewer reps than the one before, and leaves set 1 a
 * choice.
 */
function hasRoom({ range }: Slot, { sets }: SlotPlan, perSet: number, more: number): boolean {
  const all = sets.filter(({ optional }) => !optional).length + more;
  return range.low + roundHalfUp(perSet * (all - 1)) < range.high;
}

/** Whether another set stays within budget, time, maximums and the session cap. */
function mayAdd(one: Candidate, reckoning: Reckoning, input: CheckInput): boolean {
  const { near, week, athlete } = input;
  if (changeSets(one.slot, reckoning.of(one) + 1) === undefined) return false;
  if (!canTakeAnother(one, reckoning.of(one), input)) return false;
  reckoning.change(one, 1);
  const kept =
    reckoning.hardSets() <= week.budget + EPSILON &&
    reckoning.seconds(one.session) <= athlete.minutes * 60 &&
    credits(one.exercise).every(
      ([each]) =>
        reckoning.measured(each) <= week.muscles[each].landmarks.ceiling + EPSILON &&
        reckoning.credited(one.session, each) <= near.ofMuscle(each).sessionCap,
    );
  reckoning.change(one, -1);
  return kept;
}

/** Whether removing a set keeps every growing muscle at its minimum in every week that can still change. */
function mayDrop(one: Candidate, reckoning: Reckoning, input: CheckInput): boolean {
  if (changeSets(one.slot, reckoning.of(one) - 1) === undefined) return false;
  const planned = writtenSlot(one.slot, input);
  if (planned === undefined || !isAllHard(planned)) return false;
  reckoning.change(one, -1);
  const kept = [input.week, ...openWeeks(input)].every((week) => keepsFloors(one, reckoning, week));
  reckoning.change(one, 1);
  return kept;
}

/** Building weeks that are not sent yet. */
function openWeeks({ blockPlan }: CheckInput): readonly WeekPlan[] {
  return blockPlan.weeks.flatMap(({ plan, issued }) =>
    issued === null && plan.kind === 'building' ? [plan] : [],
  );
}

/** Whether the growing muscles of an exercise that reach their minimum in a week still do. */
function keepsFloors(one: Candidate, reckoning: Reckoning, week: WeekPlan): boolean {
  return credits(one.exercise).every(([each]) => {
    const { goal, landmarks, measured } = week.muscles[each];
    if (goal === 'hold' || measured < landmarks.floor) return true;
    return measured + reckoning.difference(each) + EPSILON >= landmarks.floor;
  });
}

/**
 * Sets added to direct work until a muscle reaches its minimum, one at a time where there are fewest, as long as no
 * maximum, session cap, budget or time limit that was met is exceeded.
 * @returns undefined if they cannot reach it
 */
export function addSets(muscle: Muscle, input: CheckInput): Fix | undefined {
  const all = candidates(muscle, input);
  const reckoning = new Reckoning(all, input);
  while (reckoning.measured(muscle) + EPSILON < input.week.muscles[muscle].landmarks.floor) {
    const sets = (one: Candidate) => setCount(one.slot.technique) + reckoning.of(one);
    const [next] = all.filter((one) => mayAdd(one, reckoning, input)).sort((a, b) => sets(a) - sets(b));
    if (next === undefined) return undefined;
    reckoning.change(next, 1);
  }
  return asFix('add sets', all, reckoning);
}

/**
 * Sets removed from direct work until a muscle is within its maximum in every week that can still change, worst
 * payoff first; no growing muscle falls below its minimum.
 * @returns undefined if they cannot
 */
export function dropSets(muscle: Muscle, input: CheckInput): Fix | undefined {
  const all = [...candidates(muscle, input)].reverse();
  const now = input.week.muscles[muscle].measured;
  const { ceiling } = input.week.muscles[muscle].landmarks;
  const ahead = input.blockPlan.weeks.flatMap(({ plan }) =>
    plan.week >= input.week.week && plan.kind === 'building' ? [plan] : [],
  );
  const most = Math.max(...ahead.map(({ muscles }) => muscles[muscle].measured));
  const fullest = ahead.find(({ muscles }) => muscles[muscle].measured === most);
  if (now <= ceiling + EPSILON && fullest !== undefined) {
    const week = { ...input, week: fullest };
    const fix = lowerRises(all, (reckoning) => reckoning.measured(muscle) <= ceiling + EPSILON, week);
    if (fix !== undefined) return fix;
  }
  return dropUntil(all, (reckoning) => reckoning.measured(muscle) + most - now <= ceiling + EPSILON, input);
}

/**
 * Sets that balance two sides: added to direct work of the short side within addSets' limits, otherwise removed from
 * the long side as long as every growing muscle keeps its minimum.
 * @param short muscles of the side with too few sets, and of the other
 * @param level whether the sides are balanced with these sets
 * @returns undefined if neither balances them
 */
export function balanceSides(
  short: readonly Muscle[],
  long: readonly Muscle[],
  level: (short: number, long: number) => boolean,
  input: CheckInput,
): Fix | undefined {
  const once = (muscles: readonly Muscle[]) => {
    const seen = new Map<string, Candidate>();
    for (const muscle of muscles) for (const one of candidates(muscle, input)) seen.set(one.slot.id, one);
    return [...seen.values()];
  };
  const tryOut = (all: readonly Candidate[], by: 1 | -1): Fix | undefined => {
    const reckoning = new Reckoning(all, input);
    const sum = (muscles: readonly Muscle[]) =>
      muscles.reduce((total, muscle) => total + reckoning.measured(muscle), 0);
    const sets = (one: Candidate) => by * (setCount(one.slot.technique) + reckoning.of(one));
    while (!level(sum(short), sum(long))) {
      const gap = sum(short) / sum(long);
      const [next] = all
        .filter((one) => {
          if (!(by === 1 ? mayAdd(one, reckoning, input) : mayDrop(one, reckoning, input))) return false;
          reckoning.change(one, by);
          const narrows = sum(short) / sum(long) > gap;
          reckoning.change(one, by === 1 ? -1 : 1);
          return narrows;
        })
        .sort((a, b) => sets(a) - sets(b));
      if (next === undefined) return undefined;
      reckoning.change(next, by);
    }
    return asFix(by === 1 ? 'add sets' : 'drop sets', all, reckoning);
  };
  return tryOut(once(short), 1) ?? tryOut(once(long), -1);
}

/**
 * Sets removed from a session until a muscle is within the session cap, worst payoff first; no growing muscle falls
 * below its minimum.
 * @returns undefined if they cannot
 */
export function easeSession(muscle: Muscle, sessionId: string, input: CheckInput): Fix | undefined {
  const all = [...candidates(muscle, input)].reverse().filter(({ session }) => session.id === sessionId);
  const [first] = all;
  if (first === undefined) return undefined;
  return dropUntil(
    all,
    (reckoning) =>
      reckoning.credited(first.session, muscle) <= input.near.ofMuscle(muscle).sessionCap + EPSILON,
    input,
  );
}

/**
 * Sets removed where a muscle is furthest above its minimum, or above maintenance if maintained, until the week is
 * within its budget; of planned rises of sets only their ends.
 * @returns undefined if no growing muscle could keep its minimum
 */
export function withinBudget(input: CheckInput): Fix | undefined {
  const all = candidatesOf(MUSCLES, input);
  const done = (reckoning: Reckoning) => reckoning.hardSets() <= input.week.budget + EPSILON;
  return risesIn(input)
    ? lowerRises(all, done, input)
    : dropUntil(all, done, input, (one, reckoning) => spareSets(one, reckoning, input));
}

/** Direct slots of some muscles, each once. */
function candidatesOf(muscles: readonly Muscle[], input: CheckInput): readonly Candidate[] {
  const seen = new Map<string, Candidate>();
  for (const muscle of muscles) for (const one of candidates(muscle, input)) seen.set(one.slot.id, one);
  return [...seen.values()];
}

/** Weekly sets by which the prime mover with the least to spare is above what it needs. */
function spareSets(one: Candidate, reckoning: Reckoning, input: CheckInput): number {
  return Math.min(
    ...primeMovers(one.exercise).map((muscle) => {
      const { goal, landmarks } = input.week.muscles[muscle];
      return reckoning.measured(muscle) - (goal === 'hold' ? landmarks.hold : landmarks.floor);
    }),
  );
}

/** The planned rise of a slot's sets in a week; null if it does not rise. */
function riseOf({ slot }: Candidate, input: CheckInput) {
  const why = writtenSlot(slot, input)?.why.sets;
  const ramp = why?.code === 'sets/prescribed' ? why.ramp : undefined;
  return ramp !== undefined && ramp.to > ramp.from ? ramp : null;
}

/** Whether any slot's sets are planned to rise, so that the week differs from the first. */
function risesIn(input: CheckInput): boolean {
  return candidatesOf(MUSCLES, input).some((one) => riseOf(one, input) !== null);
}

/**
 * Ends of planned rises lowered a set at a time, where there is most to spare, until the week is as wanted; no growing
 * muscle falls below its minimum.
 * @returns undefined if level rises are not enough
 */
function lowerRises(
  all: readonly Candidate[],
  done: (reckoning: Reckoning) => boolean,
  input: CheckInput,
): Fix | undefined {
  const reckoning = new Reckoning(all, input);
  const ends = new Map<Candidate, number>();
  const rises = all.flatMap((one) => {
    const rise = riseOf(one, input);
    return rise === null ? [] : [{ one, rise }];
  });
  const endOf = ({ one, rise }: (typeof rises)[number]) => ends.get(one) ?? rise.to;
  /** Sets of this week that go with the next lower end. */
  const saved = (of: (typeof rises)[number]) =>
    plannedRise(of.rise.from, endOf(of), of.rise) - plannedRise(of.rise.from, endOf(of) - 1, of.rise);
  const mayLower = (of: (typeof rises)[number]) => {
    if (endOf(of) <= of.rise.from) return false;
    const by = saved(of);
    if (by > 0) reckoning.change(of.one, -1);
    const kept = keepsFloors(of.one, reckoning, input.week);
    if (by > 0) reckoning.change(of.one, 1);
    return kept;
  };
  while (!done(reckoning)) {
    const [next] = rises
      .filter(mayLower)
      .sort(
        (a, b) =>
          spareSets(b.one, reckoning, input) - spareSets(a.one, reckoning, input) || endOf(b) - endOf(a),
      );
    if (next === undefined) return undefined;
    if (saved(next) > 0) reckoning.change(next.one, -1);
    ends.set(next.one, endOf(next) - 1);
  }
  const edits = [...ends].map(([{ slot }, to]): SingleEdit => {
    const isLevel = to <= setCount(slot.technique);
    return { kind: 'slot/set', slot: slot.id, field: 'rampTo', value: isLevel ? null : to };
  });
  const [first] = edits;
  if (first === undefined) return undefined;
  return {
    does: 'lower rises',
    week: input.week.week,
    sets: [...ends.keys()].reduce((sum, one) => sum - reckoning.of(one), 0),
    exerciseIds: [...new Set([...ends.keys()].map(({ slot }) => slot.exercise.id))],
    edit: edits.length === 1 ? first : { kind: 'batch', edits },
  };
}

/**
 * Sets removed from direct work of some muscles, worst payoff first, until each is low enough; no growing muscle
 * falls below its minimum.
 * @param enough whether a muscle may stay at this many weekly sets
 * @returns undefined if nothing can be removed
 */
export function trimTo(
  muscles: readonly Muscle[],
  enough: (muscle: Muscle, sets: number) => boolean,
  input: CheckInput,
): Fix | undefined {
  const seen = new Map<string, Candidate>();
  for (const muscle of muscles)
    for (const one of [...candidates(muscle, input)].reverse()) seen.set(one.slot.id, one);
  const all = [...seen.values()];
  const reckoning = new Reckoning(all, input);
  const left = (one: Candidate) =>
    primeMovers(one.exercise).some(
      (muscle) => muscles.includes(muscle) && !enough(muscle, reckoning.measured(muscle)),
    );
  for (;;) {
    const next = all.find((one) => left(one) && mayDrop(one, reckoning, input));
    if (next === undefined) break;
    reckoning.change(next, -1);
  }
  return asFix('drop sets', all, reckoning);
}

function dropUntil(
  all: readonly Candidate[],
  done: (reckoning: Reckoning) => boolean,
  input: CheckInput,
  first?: (one: Candidate, reckoning: Reckoning) => number,
): Fix | undefined {
  const inOrder = (reckoning: Reckoning) => {
    if (first === undefined) return all;
    const by = new Map(all.map((one) => [one, first(one, reckoning)]));
    return [...all].sort((a, b) => (by.get(b) ?? 0) - (by.get(a) ?? 0));
  };
  const reckoning = new Reckoning(all, input);
  while (!done(reckoning)) {
    const next = inOrder(reckoning).find((one) => mayDrop(one, reckoning, input));
    if (next === undefined) return undefined;
    reckoning.change(next, -1);
  }
  return asFix('drop sets', all, reckoning);
}

function asFix(
  does: 'add sets' | 'drop sets',
  all: readonly Candidate[],
  reckoning: Reckoning,
): Fix | undefined {
  const touched = all.filter((one) => reckoning.of(one) !== 0);
  const edits = touched.flatMap((one) => changeSets(one.slot, reckoning.of(one)) ?? []);
  const [first] = edits;
  if (first === undefined) return undefined;
  return {
    does,
    sets: touched.reduce((sum, one) => sum + Math.abs(reckoning.of(one)), 0),
    exerciseIds: [...new Set(touched.map(({ slot }) => slot.exercise.id))],
    edit: edits.length === 1 ? first : { kind: 'batch', edits },
  };
}
