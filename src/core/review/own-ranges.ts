import type { RepRange } from '../block/rep-range';
import { daysBetween } from '../calendar';
import { chosenCurve } from '../effort/curves';
import type { Exposure } from '../effort/exposure';
import { e1rm, type RepMaxCurve } from '../effort/rep-max';
import { isAtLeast, isAtMost } from '../rounding';
import { liftedIn, type Reviewed } from './reviewed';

/** How a lift developed in one rep range. */
export interface RangeTrend {
  readonly range: RepRange;
  /** Strength gained per week, per cent: the slope of a line through the estimates. */
  readonly gain: number;
  /** Its standard error. */
  readonly error: number;
  /** Number of training days. */
  readonly days: number;
}

/** A lift trained in two or more ranges that did better in one of them than chance explains. */
export interface OwnRange {
  readonly exerciseId: string;
  readonly best: RangeTrend;
  /** The second best. */
  readonly other: RangeTrend;
}

/** Training days a range needs for a conclusion. */
const LEAST_DAYS = 4;
/** Standard errors from which two slopes count as different. */
const ERRORS_APART = 2;

/**
 * Lifts that respond better to one of their rep ranges: for each range, a least-squares line through the estimates of
 * first sets; the better one must rise, and exceed the next by more than twice the standard error of the difference.
 */
export function ownRanges(reviewed: Reviewed): readonly OwnRange[] {
  const curve = chosenCurve(reviewed.athlete.effort);
  const found = new Map<string, Map<string, { readonly range: RepRange; readonly of: Exposure[] }>>();
  const ranges = slotRanges(reviewed);
  for (const exposure of liftedIn(reviewed)) {
    const range = ranges.get(exposure.slotId);
    const [first] = exposure.sets;
    if (range === undefined || first === undefined || first.load <= 0) continue;
    const lift = found.get(exposure.exerciseId) ?? new Map();
    const key = `${range.low}-${range.high}`;
    const trained = lift.get(key) ?? { range, of: [] };
    found.set(exposure.exerciseId, lift.set(key, { range, of: [...trained.of, exposure] }));
  }
  return [...found].flatMap(([exerciseId, lift]): readonly OwnRange[] => {
    const trends = [...lift.values()].flatMap(({ range, of }) => rangeTrend(range, of, curve));
    const [best, other] = trends.sort((a, b) => b.gain - a.gain);
    if (best === undefined || other === undefined || isAtMost(best.gain, 0)) return [];
    const apart = ERRORS_APART * Math.hypot(best.error, other.error);
    return isAtMost(best.gain - other.gain, apart) ? [] : [{ exerciseId, best, other }];
  });
}

/** The range of each slot counted in reps. */
function slotRanges({ block }: Reviewed): ReadonlyMap<string, RepRange> {
  return new Map(block.sessions.flatMap(({ slots }) => slots.map(({ id, range }) => [id, range] as const)));
}

function rangeTrend(range: RepRange, of: readonly Exposure[], curve: RepMaxCurve): readonly RangeTrend[] {
  const [start] = of.map(({ date }) => date).sort();
  if (start === undefined || !isAtLeast(new Set(of.map(({ date }) => date)).size, LEAST_DAYS)) return [];
  const points = of.flatMap(({ date, sets: [first] }) =>
    first === undefined
      ? []
      : [
          {
            x: daysBetween(start, date) / 7,
            y: 100 * Math.log(e1rm(first.load, first.reps + first.rir, curve)),
          },
        ],
  );
  const mean = (pick: (point: (typeof points)[number]) => number) =>
    points.reduce((sum, point) => sum + pick(point), 0) / points.length;
  const [x, y] = [mean((point) => point.x), mean((point) => point.y)];
  const spread = points.reduce((sum, point) => sum + (point.x - x) ** 2, 0);
  if (spread === 0) return [];
  const gain = points.reduce((sum, point) => sum + (point.x - x) * (point.y - y), 0) / spread;
  const left = points.reduce((sum, point) => sum + (point.y - y - gain * (point.x - x)) ** 2, 0);
  const error = Math.sqrt(left / (points.length - 2) / spread);
  return [{ range, gain, error, days: points.length }];
}
