import type { Conventions } from '../conventions/conventions';
import type { PersonalFit } from './curves';
import { type Exposure, freshReps } from './exposure';
import { EPLEY, personalCurve, type RepMaxCurve } from './rep-max';

/** A point of the fit: reps to failure, and the load in logarithm. */
interface Point {
  readonly n: number;
  readonly log: number;
  /** Sets it is the mean of. */
  readonly sets: number;
}

const LEAST_SLOPE = 0.01;
const MOST_SLOPE = 0.12;
const STEPS = 48;

/**
 * Fits the athlete's slope s in 1 / (1 + s (n - 1)) to logged sets, with one 1RM for each exercise and week, and one point
 * for each load in it: least squares of the logarithm of the load, so that every exercise weighs alike.
 * @returns the fit with its error and that of Epley on the same sets, both per degree of freedom so that the extra
 *   parameter is paid for; undefined with fewer sets or fewer different rep counts than the conventions ask
 */
export function fitPersonalCurve(
  exposures: readonly Exposure[],
  conventions: Conventions,
): PersonalFit | undefined {
  const groups = weekGroups(exposures);
  const points = groups.flat();
  const counts = new Set(points.map(({ n }) => Math.round(n)));
  const sets = points.reduce((sum, point) => sum + point.sets, 0);
  if (sets < conventions.personalSets || counts.size < conventions.personalReps) return undefined;
  const free = points.length - groups.length;
  if (free < 2) return undefined;
  const loss = (slope: number) => squares(groups, personalCurve(slope));
  const slope = goldenSection(loss, LEAST_SLOPE, MOST_SLOPE);
  const percent = (sum: number, degrees: number) => 100 * Math.sqrt(sum / degrees);
  return {
    slope,
    error: percent(loss(slope), free - 1),
    epleyError: percent(squares(groups, EPLEY), free),
    sets,
    from: Math.min(...points.map(({ n }) => n)),
    to: Math.max(...points.map(({ n }) => n)),
  };
}

/** Whether the personal curve tells the athlete's loads better than the default does. */
export function beatsDefault(fit: PersonalFit): boolean {
  return fit.error < fit.epleyError;
}

/**
 * Sets of one exercise in one week share a 1RM; those at one load are one point, by their mean: how reps swing at one load is
 * chance, and to fit through it would flatten the curve. A load alone in its group says nothing about the slope.
 */
function weekGroups(exposures: readonly Exposure[]): Point[][] {
  const groups = new Map<string, Map<number, number[]>>();
  for (const exposure of exposures) {
    const key = `${exposure.exerciseId}/${exposure.date.slice(0, 4)}/${exposure.week}`;
    const loads = groups.get(key) ?? new Map<number, number[]>();
    groups.set(key, loads);
    for (const set of exposure.sets)
      if (set.load > 0) loads.set(set.load, [...(loads.get(set.load) ?? []), freshReps(set)]);
  }
  return [...groups.values()]
    .filter((loads) => loads.size > 1)
    .map((loads) =>
      [...loads].map(([load, reps]) => ({
        n: reps.reduce((sum, one) => sum + one, 0) / reps.length,
        log: Math.log(load),
        sets: reps.length,
      })),
    );
}

/** Sum of squared errors when each group takes the 1RM that suits it best. */
function squares(groups: readonly (readonly Point[])[], curve: RepMaxCurve): number {
  let sum = 0;
  for (const group of groups) {
    const estimates = group.map(({ n, log }) => log - Math.log(curve.fraction(n)));
    const mean = estimates.reduce((total, one) => total + one, 0) / estimates.length;
    for (const one of estimates) sum += (one - mean) ** 2;
  }
  return sum;
}

/** The minimum of a function with one valley. */
function goldenSection(loss: (x: number) => number, from: number, to: number): number {
  const ratio = (Math.sqrt(5) - 1) / 2;
  let [low, high] = [from, to];
  for (let step = 0; step < STEPS; step++) {
    const left = high - ratio * (high - low);
    const right = low + ratio * (high - low);
    if (loss(left) <= loss(right)) high = right;
    else low = left;
  }
  return (low + high) / 2;
}
