import type { Conventions } from '../conventions/conventions';
import type { PersonalFit } from './curves';
import { type Exposure, freshReps } from './exposure';
import { EPLEY, personalCurve, type RepMaxCurve } from './rep-max';

/** A point of the fit: reps to failure, and the logarithm of the load. */
interface Point {
  readonly n: number;
  readonly log: number;
  /** Number of sets averaged. */
  readonly sets: number;
}

const LEAST_SLOPE = 0.01;
const MOST_SLOPE = 0.12;
const STEPS = 48;

/**
 * Fits the athlete's slope s in 1 / (1 + s (n - 1)) to logged sets, with one 1RM for each exercise and week, and one
 * point for each load in it: least squares of the load's logarithm, so that exercises have equal weight.
 * @returns the fit with its error and Epley's on the same sets, each per degree of freedom to account for the extra
 * parameter; undefined with fewer sets or rep counts than the rules require
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
  const loss = (slope: number) => sumOfSquares(groups, personalCurve(slope));
  const slope = goldenSection(loss, LEAST_SLOPE, MOST_SLOPE);
  const percent = (sum: number, degrees: number) => 100 * Math.sqrt(sum / degrees);
  return {
    slope,
    error: percent(loss(slope), free - 1),
    epleyError: percent(sumOfSquares(groups, EPLEY), free),
    sets,
    from: Math.min(...points.map(({ n }) => n)),
    to: Math.max(...points.map(({ n }) => n)),
  };
}

/** Whether the personal curve predicts the athlete's loads better than the default. */
export function beatsDefault(fit: PersonalFit): boolean {
  return fit.error < fit.epleyError;
}

/**
 * Sets of an exercise in a week share a 1RM, and those at one load become one point, their mean: variation at one
 * load is chance, and fitting it would flatten the curve. A group with one load says nothing about the slope.
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

/** Sum of squared errors with the best 1RM for each group. */
function sumOfSquares(groups: readonly (readonly Point[])[], curve: RepMaxCurve): number {
  let sum = 0;
  for (const group of groups) {
    const estimates = group.map(({ n, log }) => log - Math.log(curve.fraction(n)));
    const mean = estimates.reduce((total, one) => total + one, 0) / estimates.length;
    for (const one of estimates) sum += (one - mean) ** 2;
  }
  return sum;
}

/** The minimum of a unimodal function. */
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
