import type { Athlete } from '../athlete/athlete';
import { missingEquipment } from '../athlete/place';
import type { LocalDate } from '../calendar';
import { chosenCurve } from '../effort/curves';
import { e1rm } from '../effort/rep-max';
import type { Exercise, Loading } from '../exercises/exercise';
import { contributionSimilarity, swapCandidates } from '../exercises/similarity';
import { isUnfilled } from '../exercises/unfilled-exercise';
import { carriedWeight } from '../loading/carried';
import { valueIn } from '../loading/weight';
import { currentSets } from '../log/current-sets';
import type { Training } from '../training/training';
import { dayEasing } from './session-note';

/** The strength from which an exercise starts. */
export interface StartStrength {
  /** As moved, including bodyweight, in the athlete's unit. */
  readonly oneRepMax: number;
  /** The exercise it was shown in; from another exercise it is a guess. */
  readonly from: string;
}

/** A substitute for an exercise. */
export interface Instead {
  readonly exerciseId: string;
  /** Ids of the athlete's places with its equipment. */
  readonly places: readonly string[];
  /** Whether the coach listed it as a substitute. */
  readonly written: boolean;
  /** Overlap of muscles, 0-1. */
  readonly alike: number;
  readonly start: StartStrength | null;
}

/** Most substitutes offered per place. */
const MOST = 6;
/** Least similarity for one exercise's load to say anything about another's. */
const LEAST_ALIKE = 0.7;
/** Share of a similar exercise's strength expected from one never done. */
const MARGIN = 0.85;
/** Load per hand relative to a barbell. */
const PER_HAND = 0.4;

/** Strength by exercise: the block's last log, without deloads and days made easier, otherwise the best known set. */
export function strengthByExercise(
  athlete: Athlete,
  { log, issued }: Pick<Training, 'log' | 'issued'>,
  newest: (id: string) => Exercise | undefined,
): ReadonlyMap<string, number> {
  const curve = chosenCurve(athlete.effort);
  const found = new Map<string, number>();
  const take = (id: string, value: number, unit: 'kg' | 'lb', n: number) => {
    const exercise = newest(id);
    if (exercise === undefined || exercise.measure === 'seconds') return;
    const moved = carriedWeight(exercise, athlete, athlete.unit) + valueIn(athlete.unit, { value, unit });
    if (moved > 0) found.set(id, e1rm(moved, n, curve));
  };
  for (const [id, { load, reps, rir }] of Object.entries(athlete.bestSets))
    take(id, load.value, load.unit, reps + rir);
  const light = new Set(issued.flatMap(({ week, plan }) => (plan.kind === 'deload' ? [week] : [])));
  const measuring = new Set(
    log.workouts.flatMap(({ id, week, notes }) => (light.has(week) || dayEasing(notes) !== null ? [] : [id])),
  );
  for (const [workoutId, places] of currentSets(log.sets)) {
    if (!measuring.has(workoutId)) continue;
    // An exercise's first set shows most.
    const seen = new Set<string>();
    for (const { set } of places.values()) {
      if (seen.has(set.exerciseId)) continue;
      seen.add(set.exerciseId);
      take(set.exerciseId, set.load.value, set.load.unit, set.reps + set.rir);
    }
  }
  return found;
}

/**
 * Substitutes for an exercise, the coach's own first, then by rank; for an open slot everything of its pattern. Each
 * with its starting strength: its own, or a cautious share of the most similar exercise's.
 */
export function insteadOf(
  exercise: Exercise,
  written: readonly string[],
  list: readonly Exercise[],
  strengths: ReadonlyMap<string, number>,
  athlete: Athlete,
  date: LocalDate,
): readonly Instead[] {
  const of = (one: Exercise): Instead => ({
    exerciseId: one.id,
    places: athlete.places.filter((place) => missingEquipment(one, place).length === 0).map(({ id }) => id),
    written: written.includes(one.id),
    alike: isUnfilled(exercise) ? 1 : contributionSimilarity(exercise, one),
    start: startingStrength(one, list, strengths),
  });
  const ranked = athlete.places.flatMap((place) =>
    substitutesAt(place, exercise, list, athlete, date).slice(0, MOST),
  );
  const own = list.filter(({ id }) => written.includes(id));
  return [...new Set([...own, ...ranked])].map(of);
}

function substitutesAt(
  place: Athlete['places'][number],
  exercise: Exercise,
  list: readonly Exercise[],
  athlete: Athlete,
  date: LocalDate,
): readonly Exercise[] {
  if (isUnfilled(exercise))
    return list
      .filter((one) => one.pattern === exercise.pattern && missingEquipment(one, place).length === 0)
      .sort((a, b) => b.stimulus - a.stimulus || a.name.localeCompare(b.name));
  const alike = list.filter(({ measure }) => (measure === 'seconds') === (exercise.measure === 'seconds'));
  return swapCandidates(exercise, alike, { athlete, place, date }).map((one) => one.exercise);
}

/** Starting share of a load from another kind of machine or a bar. */
const OTHER_MACHINE = 0.8;
const MACHINES: readonly Loading[] = ['stack', 'cable', 'heavy stack', 'plate-loaded'];

/**
 * Exercises whose loads are comparable: loaded the same way, by bar and by dumbbells, or by two kinds of machine at a
 * reduced share.
 */
function transferShare(of: Loading, from: Loading): number | null {
  if (of === from) return 1;
  if (MACHINES.includes(of) && MACHINES.includes(from)) return OTHER_MACHINE;
  if (of === 'plate-loaded' && from === 'barbell') return OTHER_MACHINE;
  if (of === 'dumbbell' && from === 'barbell') return PER_HAND;
  return of === 'barbell' && from === 'dumbbell' ? 1 / PER_HAND : null;
}

function startingStrength(
  exercise: Exercise,
  list: readonly Exercise[],
  strengths: ReadonlyMap<string, number>,
): StartStrength | null {
  const own = strengths.get(exercise.id);
  if (own !== undefined) return { oneRepMax: own, from: exercise.id };
  const relatives = list.flatMap((one) => {
    const strength = strengths.get(one.id);
    const share = transferShare(exercise.loading, one.loading);
    const isNear = one.pattern === exercise.pattern && one.sides === exercise.sides;
    const alike = contributionSimilarity(exercise, one);
    return strength === undefined || share === null || !isNear || alike < LEAST_ALIKE
      ? []
      : [{ from: one.id, oneRepMax: strength * share * MARGIN, alike }];
  });
  const [nearest] = relatives.sort((a, b) => b.alike - a.alike || a.oneRepMax - b.oneRepMax);
  return nearest === undefined ? null : { oneRepMax: nearest.oneRepMax, from: nearest.from };
}
