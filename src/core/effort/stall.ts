import { daysBetween, type LocalDate } from '../calendar';
import { isAtLeast } from '../rounding';
import type { Exposure } from './exposure';
import { e1rm, type RepMaxCurve } from './rep-max';

/** What a lift is judged by: an estimate a day. */
export interface TrendPoint {
  readonly date: LocalDate;
  readonly oneRepMax: number;
}

/**
 * The estimates by which lifts are judged, by exercise: the best first set of each day, whatever its reps. To leave out
 * long sets, which are too rough to be shown as strength, would cut the line off just where it rises: a set that comes
 * to more reps would go, the poorer one stay.
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

/** How a lift goes: too little to judge it by, going on, or no further over the weeks that are looked at. */
export interface LiftTrend {
  readonly verdict: 'too early' | 'goes on' | 'stalled';
  /** The best estimate of each seven days, oldest first; weeks without one are left out. */
  readonly line: readonly number[];
  /** The best of the latest weeks against the best before them, per cent. */
  readonly gain: number;
  /** Whether it had risen before: a method that flattens after good weeks. */
  readonly roseBefore: boolean;
}

/** A rise from which it is said that a lift had gone well, per cent. */
const ROSE = 2;

/**
 * Judges a lift by its estimates: stalled where the best of the latest weeks is no gain on the best of as many before
 * them. It takes as many weeks as are looked at, all but one of them trained, and one before them.
 * @param weeks how many of the latest weeks are looked at
 * @param least gain from which it goes on, per cent
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
