import type { Athlete, BestSet } from '../athlete/athlete';
import type { LocalDate } from '../calendar';
import type { Exercise } from '../exercises/exercise';
import { carriedWeight } from '../loading/carried';
import { valueIn, type Weight } from '../loading/weight';
import type { WeekPlan } from '../plan/week';
import { isEasy } from './easy';
import { e1rm } from './rep-max';

/** The logged first set of an exercise in a session. */
export interface LoggedFirst {
  readonly load: Weight;
  readonly reps: number;
  readonly rir: number;
  readonly date: LocalDate;
}

/** A stored logged set, with its week as sent. */
export interface StoredSet extends LoggedFirst {
  readonly id: string;
  readonly exerciseId: string;
  readonly setId: string;
  readonly supersedes: string | null;
  readonly measuresStrength: boolean;
  readonly kind: WeekPlan['kind'];
  /** Whether a poor night made its session lighter or shorter. */
  readonly rescued: boolean;
}

/** Ids of the first sets of each slot. */
export const FIRSTS: readonly string[] = ['work-1', 'top-1'];

/**
 * First sets by exercise that show strength: in building weeks, on days as planned, done in a way that measures
 * strength and not far from failure, in their corrected form.
 * @param sets newest first
 */
export function loggedFirstSets(sets: readonly StoredSet[]): ReadonlyMap<string, readonly LoggedFirst[]> {
  const replaced = new Set(sets.map(({ supersedes }) => supersedes));
  const found = new Map<string, LoggedFirst[]>();
  for (const { id, exerciseId, setId, measuresStrength, kind, rescued, load, reps, rir, date } of sets) {
    const isPlain = measuresStrength && !isEasy(rir) && kind === 'building' && !rescued;
    if (replaced.has(id) || !isPlain || !FIRSTS.includes(setId)) continue;
    const before = found.get(exerciseId) ?? [];
    before.push({ load, reps, rir, date });
    found.set(exerciseId, before);
  }
  return found;
}

/**
 * The logged set from which an exercise starts in a block without a log of it: the better of the last two by e1RM, or
 * the later one if it was harder. A best set typed after both wins.
 * @param logged first sets of the exercise in other blocks, newest first
 * @param typed the profile's best set, if any
 */
export function lastingBest(
  logged: readonly LoggedFirst[],
  typed: BestSet | undefined,
  exercise: Exercise,
  athlete: Pick<Athlete, 'bodyweight' | 'unit'>,
): BestSet | undefined {
  const [last, before] = logged;
  if (last === undefined || (typed?.date != null && typed.date > last.date)) return typed;
  const carried = carriedWeight(exercise, athlete, athlete.unit);
  const strength = ({ load, reps, rir }: LoggedFirst) =>
    e1rm(Math.max(0, carried + valueIn(athlete.unit, load)), reps + rir);
  const isLast = before === undefined || last.rir < before.rir || strength(last) >= strength(before);
  return isLast ? last : before;
}
