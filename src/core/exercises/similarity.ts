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
  readonly payoff: number;
  readonly longLength: boolean;
  /** Used recently: a new exercise pays more for a while. */
  readonly lately: boolean;
}

const NONE: ReadonlySet<string> = new Set();

const WEIGHTS = { pattern: 0.3, joints: 0.4, payoff: 0.2, longLength: 0.1, lately: 0.15 };

/**
 * How well an exercise pays in this phase: payoff first while cutting, otherwise stimulus weighs more; stimulus for
 * novices.
 */
function worth(exercise: Exercise, athlete: Athlete, date: LocalDate): number {
  if (athlete.level === 'novice') return exercise.stimulus / 5;
  const cutting = phaseOn(athlete, date) === 'cutting';
  return cutting ? payoff(exercise) / 5 : (exercise.stimulus / 5 + payoff(exercise) / 5) / 2;
}

/**
 * Substitutes for an exercise, best first: by similar muscles, same pattern, irritated joints, payoff in the phase,
 * loading at long muscle length, and not used recently. Only what the place allows.
 */
export function swapCandidates(
  exercise: Exercise,
  list: readonly Exercise[],
  {
    athlete,
    place,
    date,
    lately = NONE,
  }: {
    readonly athlete: Athlete;
    readonly place: Place;
    readonly date: LocalDate;
    /** Exercises used recently, by id. */
    readonly lately?: ReadonlySet<string>;
  },
): readonly SwapScore[] {
  const irritated = new Set(athlete.joints.map(({ joint }) => joint));
  return list
    .filter((one) => one.id !== exercise.id && missingEquipment(one, place).length === 0)
    .map((one): SwapScore => {
      const alike = contributionSimilarity(exercise, one);
      const samePattern = one.pattern === exercise.pattern;
      const sparesJoints = !one.joints.some((joint) => irritated.has(joint));
      const pays = worth(one, athlete, date);
      const longLength = one.hardest === 'stretched';
      return {
        exercise: one,
        similarity: alike,
        samePattern,
        sparesJoints,
        payoff: pays,
        longLength,
        lately: lately.has(one.id),
        total:
          alike +
          (samePattern ? WEIGHTS.pattern : 0) +
          (sparesJoints ? WEIGHTS.joints : 0) +
          WEIGHTS.payoff * pays +
          (longLength ? WEIGHTS.longLength : 0) -
          (lately.has(one.id) ? WEIGHTS.lately : 0),
      };
    })
    .filter((one) => one.similarity > 0)
    .sort((a, b) => b.total - a.total || a.exercise.name.localeCompare(b.exercise.name));
}
