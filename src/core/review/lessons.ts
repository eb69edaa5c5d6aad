import type { Muscle } from '../anatomy/muscle';
import type { RepRange } from '../block/rep-range';
import type { Conventions } from '../conventions/conventions';
import { conventionsOf } from '../conventions/own-conventions';
import type { PersonalFit } from '../effort/curves';
import { differsFromAssumed, type OwnDrift, ownDrift, scaledDrift } from '../effort/own-drift';
import { beatsDefault, fitPersonalCurve } from '../effort/personal-curve';
import { isAtLeast, roundHalfUp } from '../rounding';
import { sessionMinutes } from './minutes';
import { type MuscleReview, muscleReviews } from './muscles';
import { type OwnRange, ownRanges } from './own-ranges';
import { liftedIn, type Reviewed } from './reviewed';
import { sorenessDays } from './soreness-days';

/** Something a block teaches about its athlete. */
export type Taught =
  | {
      readonly kind: 'floor' | 'ceiling';
      readonly muscle: Muscle;
      /** Before level and phase, in weekly sets; unrounded. */
      readonly from: number;
      readonly to: number;
      /** Its basis: weekly sets, and the week. */
      readonly sets: number;
      readonly week: number;
    }
  | { readonly kind: 'curve'; readonly fit: PersonalFit }
  | {
      readonly kind: 'drift';
      readonly drift: OwnDrift;
      readonly from: DriftFigures;
      readonly to: DriftFigures;
    }
  | {
      readonly kind: 'minutes';
      /** Seconds between exercises. */
      readonly from: number;
      readonly to: number;
      /** Actual relative to planned time, per cent. */
      readonly share: number;
      readonly sessions: number;
    }
  | {
      readonly kind: 'recovery';
      readonly muscle: Muscle;
      /** Hours between two sessions of the muscle. */
      readonly from: number;
      readonly to: number;
      /** Mean days until soreness was gone. */
      readonly days: number;
      readonly reports: number;
    }
  | ({
      readonly kind: 'range';
      /** The athlete's best rep range so far; null: none. */
      readonly from: RepRange | null;
    } & OwnRange);

type DriftFigures = Pick<Conventions, 'driftSeconds' | 'driftSlope' | 'driftLeast'>;

/** Fewest timed sessions for a conclusion about duration. */
const LEAST_SESSIONS = 6;
/** Below this difference, minutes are as planned; per cent. */
const MINUTES_OFF = 10;
/** Plausible seconds between exercises: anything longer is rest. */
const CHANGE_OVER = { least: 20, most: 180 };
/** Fewest soreness reports for a conclusion about recovery time. */
const LEAST_REPORTS = 4;
const HOURS = 24;

/** A block's lessons, volume first. Lessons it was too short for are left out. */
export function blockLessons(reviewed: Reviewed): readonly Taught[] {
  return [
    ...muscleReviews(reviewed).flatMap(landmarkLessons),
    ...curveLesson(reviewed),
    ...driftLesson(reviewed),
    ...minutesLesson(reviewed),
    ...recoveryLessons(reviewed),
    ...rangeLessons(reviewed),
  ];
}

/** A lesson's subject: its kind, and its muscle or lift if it has one. A block teaches one lesson per subject. */
export function lessonSubject(one: Taught): string {
  if (one.kind === 'range') return `range/${one.exerciseId}`;
  return 'muscle' in one ? `${one.kind}/${one.muscle}` : one.kind;
}

function landmarkLessons({ muscle, lesson: { floor, ceiling } }: MuscleReview): readonly Taught[] {
  return [
    ...(ceiling === null
      ? []
      : [
          {
            kind: 'ceiling',
            muscle,
            from: ceiling.from,
            to: ceiling.to,
            sets: ceiling.failedAt,
            week: ceiling.week,
          } as const,
        ]),
    ...(floor === null
      ? []
      : [
          {
            kind: 'floor',
            muscle,
            from: floor.from,
            to: floor.to,
            sets: floor.grewAt,
            week: floor.week,
          } as const,
        ]),
  ];
}

/** The curve fitted to all sets, if it predicts loads better than the default and is not in use yet. */
function curveLesson({ athlete, exposures, conventions }: Reviewed): readonly Taught[] {
  const fit = fitPersonalCurve(exposures, conventions);
  if (fit === undefined || !beatsDefault(fit)) return [];
  const { curve, personal } = athlete.effort;
  const isTheirs = curve === 'personal' && personal !== null && isClose(personal.slope, fit.slope);
  return isTheirs ? [] : [{ kind: 'curve', fit }];
}

const isClose = (a: number, b: number) => Math.abs(a / b - 1) < 0.02;

function driftLesson(reviewed: Reviewed): readonly Taught[] {
  const drift = ownDrift(liftedIn(reviewed));
  if (drift === undefined || !differsFromAssumed(drift)) return [];
  const { driftSeconds, driftSlope, driftLeast } = reviewed.conventions;
  const from = { driftSeconds, driftSlope, driftLeast };
  return [{ kind: 'drift', drift, from, to: scaledDrift(drift.factor, from) }];
}

/** Time between exercises accounts for everything beyond sets, rests and warm-ups. */
function minutesLesson(reviewed: Reviewed): readonly Taught[] {
  const { sessions, share } = sessionMinutes(reviewed);
  if (sessions.length < LEAST_SESSIONS || share === null || !isAtLeast(Math.abs(share - 100), MINUTES_OFF))
    return [];
  const from = reviewed.conventions.changeOver;
  const slots = new Map(
    reviewed.blockPlan.weeks.flatMap(({ plan }) =>
      plan.sessions.map(({ name, slots: of }) => [`${plan.week}/${name}`, of.length] as const),
    ),
  );
  const off = sessions
    .map(({ week, session, planned, taken }) => {
      const changes = Math.max(1, (slots.get(`${week}/${session}`) ?? 1) - 1);
      return (taken - (planned.low + planned.high) / 2) / changes;
    })
    .sort((a, b) => a - b);
  const moved = Math.round((from + (off[off.length >> 1] ?? 0)) / 5) * 5;
  const to = Math.min(CHANGE_OVER.most, Math.max(CHANGE_OVER.least, moved));
  return to === from ? [] : [{ kind: 'minutes', from, to, share, sessions: sessions.length }];
}

/** Muscles that stay sore longer than their recovery gap. */
function recoveryLessons({ log, athlete, block }: Reviewed): readonly Taught[] {
  return [...sorenessDays({ log })].flatMap(([muscle, took]): readonly Taught[] => {
    const mean = took.reduce((sum, one) => sum + one, 0) / took.length;
    const { gapHours: from } = conventionsOf({ own: athlete.conventions, block: block.conventions, muscle });
    const to = HOURS * roundHalfUp(mean);
    return took.length < LEAST_REPORTS || to <= from
      ? []
      : [{ kind: 'recovery', muscle, from, to, days: mean, reports: took.length }];
  });
}

/** Lifts that respond better to one rep range than another, unless already in use. */
function rangeLessons(reviewed: Reviewed): readonly Taught[] {
  return ownRanges(reviewed).flatMap((own): readonly Taught[] => {
    const from = reviewed.athlete.ranges[own.exerciseId] ?? null;
    const isTheirs = from?.low === own.best.range.low && from.high === own.best.range.high;
    return isTheirs ? [] : [{ kind: 'range', from, ...own }];
  });
}
