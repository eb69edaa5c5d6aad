import { type Athlete, phaseOn } from '../athlete/athlete';
import { missingEquipment, type Place } from '../athlete/place';
import type { LocalDate } from '../calendar';
import { credits, type Exercise, payoff } from './exercise';

/**
 * Cosine of the angle between two exercises' contributions: 1 for the same muscles in the same proportions, 0 if none
 * are shared.
 */
export function contributionSimilarity(a: Exercise, b: Exercise): number {
  const other = new Map(credits(b));
  let dot = 0;
  for (const [muscle, share] of credits(a)) dot += share * (other.get(muscle) ?? 0);
  const length = (exercise: Exercise) => Math.hypot(...credits(exercise).map(([, share]) => share));
  const lengths = length(a) * length(b);
  return lengths === 0 ? 0 : dot / lengths;
}

/** Parts of the score that ranks substitutes. */
export interface SwapScore {
  readonly exercise: Exercise;
  readonly total: number;
  readonly similarity: number;
  readonly samePattern: boolean;
  /** Does not stress irritated joints. */
  readonly sparesJoints: boolean;
  /** Stimulus divided by fatigue, as everywhere. */
  readonly payoff: number;
  readonly longLength: boolean;
  /** Used recently: a new exercise pays more for a while. */
  readonly lately: boolean;
  /** Same pattern and implement as the lift that stalled. */
  readonly nearTwin: boolean;
}

/** Why an exercise is exchanged. */
export type ExchangeReason = 'stalled' | 'tired' | 'other';

const NONE: ReadonlySet<string> = new Set();

const WEIGHTS = { pattern: 0.3, joints: 0.4, worth: 0.2, longLength: 0.1, lately: 0.15, nearTwin: 0.6 };

/** A payoff that ranks as full: isolation lifts pay more only because they cost little. */
const FULL_PAYOFF = 2.5;

/**
 * What an exercise is worth to the athlete, added to its likeness: stimulus for novices; for others payoff, which
 * weighs as much as likeness for the advanced, in a cut, and where a lift is tiring or has stalled. A cheap lift that
 * gives less than the old one counts only for that share: a bodyweight squat is no hack squat.
 */
function worth(
  exercise: Exercise,
  from: Exercise,
  athlete: Athlete,
  date: LocalDate,
  reason: ExchangeReason,
): number {
  const stimulus = exercise.stimulus / 5;
  if (athlete.level === 'novice' && reason !== 'tired') return WEIGHTS.worth * stimulus;
  const kept = Math.min(1, exercise.stimulus / from.stimulus);
  const pays = kept * Math.min(1, payoff(exercise) / FULL_PAYOFF);
  const isFirst =
    athlete.level === 'advanced' ||
    phaseOn(athlete, date) === 'cutting' ||
    reason === 'tired' ||
    reason === 'stalled';
  return isFirst ? pays : (WEIGHTS.worth * (stimulus + pays)) / 2;
}

/**
 * Substitutes for an exercise, best first: by similar muscles, same pattern, irritated joints, payoff in the phase,
 * loading at long muscle length, and not used recently; a near twin of what stalled comes last. Only what the place
 * allows.
 */
export function swapCandidates(
  exercise: Exercise,
  list: readonly Exercise[],
  {
    athlete,
    place,
    date,
    lately = NONE,
    reason = 'other',
  }: {
    readonly athlete: Athlete;
    readonly place: Place;
    readonly date: LocalDate;
    /** Exercises used recently, by id. */
    readonly lately?: ReadonlySet<string>;
    readonly reason?: ExchangeReason;
  },
): readonly SwapScore[] {
  const irritated = new Set(athlete.joints.map(({ joint }) => joint));
  return list
    .filter((one) => one.id !== exercise.id && missingEquipment(one, place).length === 0)
    .map((one): SwapScore => {
      const alike = contributionSimilarity(exercise, one);
      const samePattern = one.pattern === exercise.pattern;
      const sparesJoints = !one.joints.some((joint) => irritated.has(joint));
      const nearTwin = reason === 'stalled' && samePattern && one.loading === exercise.loading;
      const longLength = one.hardest === 'stretched';
      return {
        exercise: one,
        similarity: alike,
        samePattern,
        sparesJoints,
        payoff: payoff(one),
        longLength,
        lately: lately.has(one.id),
        nearTwin,
        total:
          alike +
          (samePattern ? WEIGHTS.pattern : 0) +
          (sparesJoints ? WEIGHTS.joints : 0) +
          worth(one, exercise, athlete, date, reason) +
          (longLength ? WEIGHTS.longLength : 0) -
          (lately.has(one.id) ? WEIGHTS.lately : 0) -
          (nearTwin ? WEIGHTS.nearTwin : 0),
      };
    })
    .filter((one) => one.similarity > 0)
    .sort((a, b) => b.total - a.total || a.exercise.name.localeCompare(b.exercise.name));
}
