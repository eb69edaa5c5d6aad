import type { Muscle } from '../anatomy/muscle';
import { isInGroup } from '../anatomy/roll-up';
import { contribution, credits, type Exercise, primeMovers } from '../exercises/exercise';
import type { SessionPlan } from '../plan/session';
import type { SlotPlan } from '../plan/slot';
import type { WeekPlan } from '../plan/week';
import { totalCredit } from '../plan/working-sets';
import type { CheckInput } from './finding';

/**
 * A planned slot with its exercise and its counted sets: a round of mini-sets counts by its credit, not as whole
 * sets.
 */
export interface SeenSlot {
  readonly slot: SlotPlan;
  readonly exercise: Exercise;
  readonly hard: number;
}

/** A session of the cycle as the calendar checks see it. */
export interface SeenSession {
  readonly session: SessionPlan;
  readonly slots: readonly SeenSlot[];
  /** Hard sets per muscle, fractional. */
  readonly credit: ReadonlyMap<Muscle, number>;
  /** The half of the body that most of its direct hard sets train. */
  readonly half: 'upper' | 'lower' | 'whole';
}

/** Share of a session's sets from which it counts as an upper or lower session. */
const HALF_SHARE = 0.7;

type Seen = Omit<SeenSession, 'session'>;
/** Memoised by slots and their exercises, on which everything here depends. */
const seen = new WeakMap<CheckInput['exerciseOf'], WeakMap<SessionPlan['slots'], Seen>>();

/** Sessions that count, by day; two on one day in training order. */
export function sessionsOf(input: CheckInput): readonly SeenSession[] {
  const cached = seen.get(input.exerciseOf) ?? new WeakMap<SessionPlan['slots'], Seen>();
  seen.set(input.exerciseOf, cached);
  return input.week.sessions
    .filter(({ optional }) => !optional)
    .map((session) => {
      const found = cached.get(session.slots) ?? sessionView(session.slots, input);
      cached.set(session.slots, found);
      return { session, ...found };
    });
}

function sessionView(planned: SessionPlan['slots'], input: CheckInput): Seen {
  const slots = planned.map((slot) => ({
    slot,
    exercise: input.exerciseOf(slot),
    hard: totalCredit(slot.sets),
  }));
  const credit = new Map<Muscle, number>();
  let [upper, lower] = [0, 0];
  for (const { exercise, hard } of slots) {
    for (const [muscle, share] of credits(exercise))
      credit.set(muscle, (credit.get(muscle) ?? 0) + hard * share);
    const movers = primeMovers(exercise);
    if (movers.some((muscle) => isInGroup('upper', muscle))) upper += hard;
    if (movers.some((muscle) => isInGroup('lower', muscle))) lower += hard;
  }
  const all = upper + lower;
  const half =
    all > 0 && upper / all >= HALF_SHARE ? 'upper' : all > 0 && lower / all >= HALF_SHARE ? 'lower' : 'whole';
  return { slots, credit, half };
}

/** A session and another on the following day. */
export interface DayPair {
  readonly first: SeenSession;
  readonly second: SeenSession;
}

/** Sessions on consecutive days, around the end of the cycle. */
export function dayPairs(input: CheckInput): readonly DayPair[] {
  const { cycleDays } = input.block;
  const sessions = sessionsOf(input);
  return sessions.flatMap((first) =>
    sessions
      .filter((second) => (second.session.day - first.session.day + cycleDays) % cycleDays === 1)
      .map((second) => ({ first, second })),
  );
}

/** Direct hard sets of a muscle in a session. */
export function directSets({ slots }: SeenSession, muscle: Muscle): number {
  return slots.reduce(
    (sum, { exercise, hard }) => sum + (primeMovers(exercise).includes(muscle) ? hard : 0),
    0,
  );
}

/** Hard sets without those of technical skills, which may be trained on most days. */
export function fatiguingSets({ slots }: SeenSession): ReadonlyMap<Muscle, number> {
  const credit = new Map<Muscle, number>();
  for (const { exercise, hard } of slots) {
    if (exercise.skill === 'technical') continue;
    for (const [muscle, share] of credits(exercise))
      credit.set(muscle, (credit.get(muscle) ?? 0) + hard * share);
  }
  return credit;
}

/** Weekly sets of a muscle that come from technical skills, as its volume range counts them. */
export function skillSets(muscle: Muscle, week: WeekPlan, { block, exerciseOf }: CheckInput): number {
  let sets = 0;
  for (const { optional, slots } of week.sessions) {
    if (optional) continue;
    for (const slot of slots) {
      const exercise = exerciseOf(slot);
      if (exercise.skill !== 'technical') continue;
      const share = contribution(exercise, muscle);
      if (share === 1 || block.landmarks !== 'fixed dose') sets += totalCredit(slot.sets) * share;
    }
  }
  return (sets * 7) / block.cycleDays;
}
