import type { LocalDate } from '../calendar';
import type { Exposure, MovedSet } from './exposure';
import { e1rm, type RepMaxCurve } from './rep-max';

/** Most reps to failure for a set to be shown as strength. */
const MOST_REPS = 15;

/** A lift across all blocks. Loads as moved, in the athlete's unit. */
export interface LiftLine {
  readonly exerciseId: string;
  /** The best estimate of each day, oldest first. */
  readonly points: readonly { readonly date: LocalDate; readonly oneRepMax: number }[];
  readonly best: { readonly date: LocalDate; readonly oneRepMax: number } | null;
  /** The heaviest set, and the most reps at the heaviest load with that many reps. */
  readonly heaviest: LiftSet;
  readonly most: LiftSet;
}

export interface LiftSet {
  readonly date: LocalDate;
  readonly load: number;
  readonly reps: number;
}

/**
 * Each lift with its line and bests, most recently trained first. Sets of more than 15 reps to failure make no point.
 */
export function liftLines(exposures: readonly Exposure[], curve: RepMaxCurve): readonly LiftLine[] {
  const byLift = new Map<string, Exposure[]>();
  for (const one of exposures) byLift.set(one.exerciseId, [...(byLift.get(one.exerciseId) ?? []), one]);
  return [...byLift]
    .map(([exerciseId, done]) => lineOf(exerciseId, inOrder(done), curve))
    .flatMap((line) => (line === undefined ? [] : [line]))
    .sort((a, b) => lastDay(b).localeCompare(lastDay(a)) || a.exerciseId.localeCompare(b.exerciseId));
}

const inOrder = (done: readonly Exposure[]) => [...done].sort((a, b) => a.date.localeCompare(b.date));
const lastDay = ({ points, heaviest }: LiftLine) => points.at(-1)?.date ?? heaviest.date;

function lineOf(exerciseId: string, done: readonly Exposure[], curve: RepMaxCurve): LiftLine | undefined {
  const sets = done.flatMap(({ date, sets: of }) => of.map(({ load, reps }) => ({ date, load, reps })));
  const [first] = sets;
  if (first === undefined) return undefined;
  const days = new Map<LocalDate, number>();
  for (const { date, sets: of } of done) {
    const estimates = of.flatMap((set) => setEstimate(set, curve));
    if (estimates.length > 0) days.set(date, Math.max(days.get(date) ?? 0, ...estimates));
  }
  const points = [...days].map(([date, oneRepMax]) => ({ date, oneRepMax }));
  const better = <T>(list: readonly T[], start: T, isBetter: (a: T, b: T) => boolean) =>
    list.reduce((best, one) => (isBetter(one, best) ? one : best), start);
  return {
    exerciseId,
    points,
    best:
      points.length === 0
        ? null
        : better(points, points[0] as (typeof points)[number], (a, b) => a.oneRepMax > b.oneRepMax),
    heaviest: better(sets, first, (a, b) => a.load > b.load || (a.load === b.load && a.reps > b.reps)),
    most: better(sets, first, (a, b) => a.reps > b.reps || (a.reps === b.reps && a.load > b.load)),
  };
}

function setEstimate({ load, reps, rir }: MovedSet, curve: RepMaxCurve): readonly number[] {
  return load <= 0 || reps + rir > MOST_REPS ? [] : [e1rm(load, reps + rir, curve)];
}
