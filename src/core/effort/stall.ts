import { daysBetween, type LocalDate } from '../calendar';
import { isAtLeast } from '../rounding';
import type { LiftLine } from './lift-line';

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
  { points }: Pick<LiftLine, 'points'>,
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
