import type { Muscle } from '../anatomy/muscle';
import type { RepRange } from '../block/rep-range';
import type { Conventions } from '../conventions/conventions';
import { conventionsOf } from '../conventions/own-conventions';
import type { PersonalFit } from '../effort/curves';
import { beatsReckoned, driftTimes, type OwnDrift, ownDrift } from '../effort/own-drift';
import { beatsDefault, fitPersonalCurve } from '../effort/personal-curve';
import { isAtLeast, roundHalfUp } from '../rounding';
import { sessionMinutes } from './minutes';
import { type MuscleReview, muscleReviews } from './muscles';
import { type OwnRange, ownRanges } from './own-ranges';
import { liftedIn, type Reviewed } from './reviewed';
import { sorenessDays } from './soreness-days';

/** Something a block teaches of its athlete. */
export type Taught =
  | {
      readonly kind: 'floor' | 'ceiling';
      readonly muscle: Muscle;
      /** Before level and phase, in weekly sets; unrounded. */
      readonly from: number;
      readonly to: number;
      /** What it rests on: weekly sets, and the week. */
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
      /** Seconds of a change-over. */
      readonly from: number;
      readonly to: number;
      /** What was taken of what was planned, per cent. */
      readonly share: number;
      readonly sessions: number;
    }
  | {
      readonly kind: 'recovery';
      readonly muscle: Muscle;
      /** Hours between two sessions of the muscle. */
      readonly from: number;
      readonly to: number;
      /** Days until soreness was gone, on average. */
      readonly days: number;
      readonly reports: number;
    }
  | ({
      readonly kind: 'range';
      /** The range it is felt best in so far; null: none is said. */
      readonly from: RepRange | null;
    } & OwnRange);

type DriftFigures = Pick<Conventions, 'driftSeconds' | 'driftSlope' | 'driftLeast'>;

/** Sessions whose clock says how long somebody takes. */
const LEAST_SESSIONS = 6;
/** Off by less than this, minutes are as reckoned; per cent. */
const MINUTES_OFF = 10;
/** Change-overs that a gym allows, in seconds: what goes beyond is rest. */
const CHANGE_OVER = { least: 20, most: 180 };
/** Reports of soreness that say how long a muscle takes. */
const LEAST_REPORTS = 4;
const HOURS = 24;

/** What a block teaches, landmarks first. What it was too short for is not in it. */
export function lessonsOf(reviewed: Reviewed): readonly Taught[] {
  return [
    ...muscleReviews(reviewed).flatMap(landmarksTaught),
    ...curveTaught(reviewed),
    ...driftTaught(reviewed),
    ...minutesTaught(reviewed),
    ...recoveryTaught(reviewed),
    ...rangesTaught(reviewed),
  ];
}

/** What a lesson is about: its kind, and the muscle or lift where it is about one. A block teaches one thing about it. */
export function aboutOf(one: Taught): string {
  if (one.kind === 'range') return `range/${one.exerciseId}`;
  return 'muscle' in one ? `${one.kind}/${one.muscle}` : one.kind;
}

function landmarksTaught({ muscle, lesson: { floor, ceiling } }: MuscleReview): readonly Taught[] {
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

/** The curve of all their sets, where it tells loads better than the default and is not theirs already. */
function curveTaught({ athlete, exposures, conventions }: Reviewed): readonly Taught[] {
  const fit = fitPersonalCurve(exposures, conventions);
  if (fit === undefined || !beatsDefault(fit)) return [];
  const { curve, personal } = athlete.effort;
  const isTheirs = curve === 'personal' && personal !== null && isClose(personal.slope, fit.slope);
  return isTheirs ? [] : [{ kind: 'curve', fit }];
}

const isClose = (a: number, b: number) => Math.abs(a / b - 1) < 0.02;

function driftTaught(reviewed: Reviewed): readonly Taught[] {
  const drift = ownDrift(liftedIn(reviewed));
  if (drift === undefined || !beatsReckoned(drift)) return [];
  const { driftSeconds, driftSlope, driftLeast } = reviewed.conventions;
  const from = { driftSeconds, driftSlope, driftLeast };
  return [{ kind: 'drift', drift, from, to: driftTimes(drift.factor, from) }];
}

/** Change-overs take up what sessions take beyond their sets, rests and warm-ups. */
function minutesTaught(reviewed: Reviewed): readonly Taught[] {
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

/** Muscles that stay sore for longer than the gap they are given. */
function recoveryTaught({ log, athlete, block }: Reviewed): readonly Taught[] {
  return [...sorenessDays({ log })].flatMap(([muscle, took]): readonly Taught[] => {
    const mean = took.reduce((sum, one) => sum + one, 0) / took.length;
    const { gapHours: from } = conventionsOf({ own: athlete.conventions, block: block.conventions, muscle });
    const to = HOURS * roundHalfUp(mean);
    return took.length < LEAST_REPORTS || to <= from
      ? []
      : [{ kind: 'recovery', muscle, from, to, days: mean, reports: took.length }];
  });
}

/** Lifts that go better in one range than in another, where that is not theirs already. */
function rangesTaught(reviewed: Reviewed): readonly Taught[] {
  return ownRanges(reviewed).flatMap((own): readonly Taught[] => {
    const from = reviewed.athlete.ranges[own.exerciseId] ?? null;
    const isTheirs = from?.low === own.best.range.low && from.high === own.best.range.high;
    return isTheirs ? [] : [{ kind: 'range', from, ...own }];
  });
}
