import { daysBetween, type LocalDate } from '../calendar';
import { isAtLeast } from '../rounding';
import type { Exposure } from './exposure';
import { e1rm, type RepMaxCurve } from './rep-max';

/** Estimates by which a lift is judged, one per day. */
export interface TrendPoint {
  readonly date: LocalDate;
  readonly oneRepMax: number;
}

/**
 * Estimates by which lifts are judged, by exercise: the best first set of each day, at any rep count. Leaving out
 * long sets, as the strength display does, would hide progress: when reps rise past the limit, the better set would
 * disappear and the poorer stay.
 */
export function trendPoints(
  exposures: readonly Exposure[],
  curve: RepMaxCurve,
): ReadonlyMap<string, readonly TrendPoint[]> {
  const lifts = new Map<string, Map<LocalDate, number>>();
  for (const { exerciseId, date, sets } of exposures) {
    const [first] = sets;
    if (first === undefined || first.load <= 0) continue;
    const days = lifts.get(exerciseId) ?? new Map<LocalDate, number>();
    lifts.set(exerciseId, days);
    days.set(date, Math.max(days.get(date) ?? 0, e1rm(first.load, first.reps + first.rir, curve)));
  }
  return new Map(
    [...lifts].map(([id, days]) => [id, [...days].map(([date, oneRepMax]) => ({ date, oneRepMax }))]),
  );
}

/** How a lift develops: too early to judge, progressing, or stalled. */
export interface LiftTrend {
  readonly verdict: 'too early' | 'goes on' | 'stalled';
  /** The best estimate of each seven days, oldest first; weeks without any are left out. */
  readonly line: readonly number[];
  /** The best of the latest weeks against the best before, in per cent. */
  readonly gain: number;
  /** Whether it rose before: a method that worked and has run its course. */
  readonly roseBefore: boolean;
}

/** The rise from which a lift counts as having progressed, in per cent. */
const ROSE = 2;

/**
 * Judges a lift by its estimates: stalled if the best of the latest weeks is no gain on the best of as many weeks
 * before. Requires that many weeks, all but one trained, and one week before them.
 * @param weeks number of latest weeks
 * @param least gain that counts as progress, in per cent
 */
export function liftTrend(
  points: readonly TrendPoint[],
  today: LocalDate,
  { weeks, least }: { readonly weeks: number; readonly least: number },
): LiftTrend {
  const best = new Map<number, number>();
  for (const { date, oneRepMax } of points) {
    const ago = Math.floor(daysBetween(date, today) / 7);
    if (ago >= 0 && ago < 2 * weeks) best.set(ago, Math.max(best.get(ago) ?? 0, oneRepMax));
  }
  const sorted = [...best].sort(([a], [b]) => b - a);
  const line = sorted.map(([, oneRepMax]) => oneRepMax);
  const lately = sorted.filter(([ago]) => ago < weeks).map(([, oneRepMax]) => oneRepMax);
  const before = sorted.filter(([ago]) => ago >= weeks).map(([, oneRepMax]) => oneRepMax);
  const [first] = before;
  if (lately.length < weeks - 1 || first === undefined)
    return { verdict: 'too early', line, gain: 0, roseBefore: false };
  const base = Math.max(...before);
  const gain = 100 * (Math.max(...lately) / base - 1);
  return {
    verdict: isAtLeast(gain, least) ? 'goes on' : 'stalled',
    line,
    gain,
    roseBefore: isAtLeast(100 * (base / first - 1), ROSE),
  };
}
