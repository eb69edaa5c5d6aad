import { MUSCLES, type Muscle } from '../anatomy/muscle';
import { credits, primeMovers } from '../exercises/exercise';
import { setCount } from '../techniques/registry';
import { setRoom } from '../volume/set-room';
import type { CheckInput, Fix } from './finding';
import { lowerRises, riseOf } from './lower-rises';
import {
  type Candidate,
  candidates,
  candidatesOf,
  EPSILON,
  keepsFloors,
  openWeeks,
  SetChanges,
  spareSets,
} from './set-changes';
import { changeSets, isAllHard, writtenSlot } from './slot-sets';

/** A fix as a list, empty if there is none. */
export const offered = (fix: Fix | undefined): readonly Fix[] => (fix === undefined ? [] : [fix]);

/** Whether a slot's next set can be completed and counts: constant reps leave less with every set. */
function canTakeAnother({ slot, exercise }: Candidate, added: number, input: CheckInput): boolean {
  const planned = writtenSlot(slot, input);
  if (planned === undefined || planned.sets.length === 0 || !isAllHard(planned)) return false;
  const { near, mends } = input;
  return setRoom({ slot, exercise, planned, near, lastStep: mends === 'likely' }) > added;
}

/** Whether another set stays within budget, time, maximums and the session cap. */
function mayAdd(one: Candidate, changes: SetChanges, input: CheckInput): boolean {
  const { near, week, athlete } = input;
  if (changeSets(one.slot, changes.of(one) + 1) === undefined) return false;
  if (!canTakeAnother(one, changes.of(one), input)) return false;
  changes.change(one, 1);
  const kept =
    changes.hardSets() <= week.budget + EPSILON &&
    changes.seconds(one.session) <= athlete.minutes * 60 &&
    credits(one.exercise).every(
      ([each]) =>
        changes.measured(each) <= week.muscles[each].landmarks.ceiling + EPSILON &&
        changes.credited(one.session, each) <= near.ofMuscle(each).sessionCap,
    );
  changes.change(one, -1);
  return kept;
}

/** Whether removing a set keeps every growing muscle at its minimum in every week that can still change. */
function mayDrop(one: Candidate, changes: SetChanges, input: CheckInput): boolean {
  if (changeSets(one.slot, changes.of(one) - 1) === undefined) return false;
  const planned = writtenSlot(one.slot, input);
  if (planned === undefined || !isAllHard(planned)) return false;
  changes.change(one, -1);
  const kept = [input.week, ...openWeeks(input)].every((week) => keepsFloors(one, changes, week));
  changes.change(one, 1);
  return kept;
}

/** Whether a muscle's direct work can give up a set without bringing a growing muscle below its minimum. */
export function canGiveSets(muscle: Muscle, input: CheckInput): boolean {
  const all = candidates(muscle, input);
  const changes = new SetChanges(all, input);
  return all.some((one) => mayDrop(one, changes, input));
}

/**
 * Sets added to direct work until a muscle reaches its minimum, one at a time where there are fewest, as long as no
 * maximum, session cap, budget or time limit that was met is exceeded.
 * @returns undefined if they cannot reach it
 */
export function addSets(muscle: Muscle, input: CheckInput): Fix | undefined {
  const all = candidates(muscle, input);
  const changes = new SetChanges(all, input);
  while (changes.measured(muscle) + EPSILON < input.week.muscles[muscle].landmarks.floor) {
    const sets = (one: Candidate) => setCount(one.slot.technique) + changes.of(one);
    const [next] = all.filter((one) => mayAdd(one, changes, input)).sort((a, b) => sets(a) - sets(b));
    if (next === undefined) return undefined;
    changes.change(next, 1);
  }
  return asFix('add sets', all, changes);
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
    const fix = lowerRises(all, (changes) => changes.measured(muscle) <= ceiling + EPSILON, week);
    if (fix !== undefined) return fix;
  }
  return dropUntil(all, (changes) => changes.measured(muscle) + most - now <= ceiling + EPSILON, input);
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
  const tryOut = (all: readonly Candidate[], by: 1 | -1): Fix | undefined => {
    const changes = new SetChanges(all, input);
    const sum = (muscles: readonly Muscle[]) =>
      muscles.reduce((total, muscle) => total + changes.measured(muscle), 0);
    const sets = (one: Candidate) => by * (setCount(one.slot.technique) + changes.of(one));
    while (!level(sum(short), sum(long))) {
      const gap = sum(short) / sum(long);
      const [next] = all
        .filter((one) => {
          if (!(by === 1 ? mayAdd(one, changes, input) : mayDrop(one, changes, input))) return false;
          changes.change(one, by);
          const narrows = sum(short) / sum(long) > gap;
          changes.change(one, by === 1 ? -1 : 1);
          return narrows;
        })
        .sort((a, b) => sets(a) - sets(b));
      if (next === undefined) return undefined;
      changes.change(next, by);
    }
    return asFix(by === 1 ? 'add sets' : 'drop sets', all, changes);
  };
  return tryOut(candidatesOf(short, input), 1) ?? tryOut(candidatesOf(long, input), -1);
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
    (changes) => changes.credited(first.session, muscle) <= input.near.ofMuscle(muscle).sessionCap + EPSILON,
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
  const done = (changes: SetChanges) => changes.hardSets() <= input.week.budget + EPSILON;
  return all.some((one) => riseOf(one, input) !== null)
    ? lowerRises(all, done, input)
    : dropUntil(all, done, input, (one, changes) => spareSets(one, changes, input));
}

/**
 * Sets of isolation work removed where a muscle is furthest above its minimum, or above maintenance if maintained,
 * until enough are.
 * @param isEnough whether this many sets are enough to remove
 * @returns undefined if no growing muscle could keep its minimum
 */
export function fewerIsolationSets(
  isEnough: (dropped: number) => boolean,
  input: CheckInput,
): Fix | undefined {
  const all = candidatesOf(MUSCLES, input).filter(({ exercise }) => exercise.kind === 'isolation');
  const dropped = (changes: SetChanges) => all.reduce((sum, one) => sum - changes.of(one), 0);
  const done = (changes: SetChanges) => isEnough(dropped(changes));
  return dropUntil(all, done, input, (one, changes) => spareSets(one, changes, input));
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
  const changes = new SetChanges(all, input);
  const left = (one: Candidate) =>
    primeMovers(one.exercise).some(
      (muscle) => muscles.includes(muscle) && !enough(muscle, changes.measured(muscle)),
    );
  for (;;) {
    const next = all.find((one) => left(one) && mayDrop(one, changes, input));
    if (next === undefined) break;
    changes.change(next, -1);
  }
  return asFix('drop sets', all, changes);
}

function dropUntil(
  all: readonly Candidate[],
  done: (changes: SetChanges) => boolean,
  input: CheckInput,
  first?: (one: Candidate, changes: SetChanges) => number,
): Fix | undefined {
  const inOrder = (changes: SetChanges) => {
    if (first === undefined) return all;
    const by = new Map(all.map((one) => [one, first(one, changes)]));
    return [...all].sort((a, b) => (by.get(b) ?? 0) - (by.get(a) ?? 0));
  };
  const changes = new SetChanges(all, input);
  while (!done(changes)) {
    const next = inOrder(changes).find((one) => mayDrop(one, changes, input));
    if (next === undefined) return undefined;
    changes.change(next, -1);
  }
  return asFix('drop sets', all, changes);
}

function asFix(
  does: 'add sets' | 'drop sets',
  all: readonly Candidate[],
  changes: SetChanges,
): Fix | undefined {
  const touched = all.filter((one) => changes.of(one) !== 0);
  const edits = touched.flatMap((one) => changeSets(one.slot, changes.of(one)) ?? []);
  const [first] = edits;
  if (first === undefined) return undefined;
  return {
    does,
    sets: touched.reduce((sum, one) => sum + Math.abs(changes.of(one)), 0),
    exerciseIds: [...new Set(touched.map(({ slot }) => slot.exercise.id))],
    edit: edits.length === 1 ? first : { kind: 'batch', edits },
  };
}
