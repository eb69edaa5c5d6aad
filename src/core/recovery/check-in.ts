import type { MeasurementKind, MeasurementUnit } from '../athlete/measurement';
import { daysBetween, type LocalDate } from '../calendar';
import type { Joint } from '../exercises/exercise';
import { FELT, type Felt, type PainGrade } from '../on-the-day/session-note';
import { isAtLeast } from '../rounding';
import type { Observation } from './observation';
import type { Sign, SignScore } from './signs';

export const DRIVES = ['eager', 'usual', 'low'] as const;
export type Drive = (typeof DRIVES)[number];

/** How long soreness lasted over the week. */
export const LINGERING = ['gone in time', 'some stayed', 'most stayed'] as const;
export type Lingering = (typeof LINGERING)[number];

/** An athlete's weekly check-in. */
export interface CheckIn {
  readonly id: string;
  readonly date: LocalDate;
  readonly slept: Felt;
  readonly drive: Drive;
  readonly appetite: Felt;
  readonly soreness: Lingering;
  readonly aches: readonly { readonly joint: Joint; readonly grade: PainGrade }[];
  /** Resting beats per minute after waking; null: not measured. */
  readonly restingHeartRate: number | null;
  readonly measured: readonly {
    readonly kind: MeasurementKind;
    readonly value: number;
    readonly unit: MeasurementUnit;
  }[];
  readonly line: string;
}

/** Beats per minute above usual that count as raised and as clearly raised. */
const RAISED = { some: 5, clear: 10 };
/** Number of earlier check-ins whose median is the usual heart rate. */
const USUAL_OF = 6;

/** Days for which a check-in is valid. */
const FRESH_DAYS = 10;

/** The latest check-in valid on a day; undefined if there is none. */
export function latestCheckIn(checkIns: readonly CheckIn[], day: LocalDate): CheckIn | undefined {
  const latest = inOrder(checkIns).findLast(({ date }) => date <= day);
  return latest !== undefined && daysBetween(latest.date, day) <= FRESH_DAYS ? latest : undefined;
}

function inOrder(checkIns: readonly CheckIn[]): readonly CheckIn[] {
  return [...checkIns].sort((a, b) => a.date.localeCompare(b.date));
}

/** Fatigue signs on a day from the latest check-in and the log; null if nobody has checked in. */
export function fatigueSigns(
  checkIns: readonly CheckIn[],
  observations: readonly Observed[],
  day: LocalDate,
): Readonly<Record<Sign, SignScore>> | null {
  const latest = latestCheckIn(checkIns, day);
  if (latest === undefined) return null;
  return {
    'poor sleep': FELT.indexOf(latest.slept) as SignScore,
    'aching joints': achesScore(latest),
    'falling performance': performanceScore(observations),
    'low drive': DRIVES.indexOf(latest.drive) as SignScore,
    'lingering soreness': LINGERING.indexOf(latest.soreness) as SignScore,
    'raised resting heart rate': heartScore(latest, inOrder(checkIns)),
    'poor appetite': FELT.indexOf(latest.appetite) as SignScore,
  };
}

type Observed = Pick<Observation, 'week' | 'muscle' | 'performance'>;

function achesScore({ aches }: CheckIn): SignScore {
  if (aches.length === 0) return 0;
  return aches.length > 1 || aches.some(({ grade }) => grade !== 'slight') ? 2 : 1;
}

/**
 * Of the muscles trained in the latest week: half or more below target is clear, any below target or half strained is
 * some.
 */
function performanceScore(observations: readonly Observed[]): SignScore {
  const week = Math.max(...observations.map((one) => one.week));
  const seen = new Map(
    observations
      .filter((one) => one.week === week)
      .map(({ muscle, performance }) => [muscle, performance.verdict]),
  );
  const count = (verdict: string) => [...seen.values()].filter((one) => one === verdict).length;
  const behind = count('behind');
  if (behind === 0) return seen.size > 0 && isAtLeast(count('strained') / seen.size, 0.5) ? 1 : 0;
  return isAtLeast(behind / seen.size, 0.5) ? 2 : 1;
}

function heartScore({ restingHeartRate: now, date }: CheckIn, sorted: readonly CheckIn[]): SignScore {
  const before = sorted
    .flatMap((one) => (one.date < date && one.restingHeartRate !== null ? [one.restingHeartRate] : []))
    .slice(-USUAL_OF)
    .sort((a, b) => a - b);
  const usual = before[before.length >> 1];
  if (now === null || usual === undefined) return 0;
  if (now - usual >= RAISED.clear) return 2;
  return now - usual >= RAISED.some ? 1 : 0;
}
