import type { Muscle } from '../anatomy/muscle';
import { isAtLeast, isAtMost } from '../rounding';
import { finishedWeeks, weekAdherence } from '../watch/adherence';
import { signsOn } from '../watch/signs-on';
import { type LiftReview, liftReviews } from './lifts';
import { sessionMinutes } from './minutes';
import { type MuscleReview, muscleReviews } from './muscles';
import type { Reviewed } from './reviewed';

/** A suggestion for the next block, with its evidence. */
export type Suggestion =
  /** A muscle was below target twice in a row: the next block stays below those sets. */
  | { readonly kind: 'fewer sets'; readonly muscle: Muscle; readonly at: number; readonly week: number }
  /** A muscle was never below target and mostly above: it tolerates more sets. */
  | {
      readonly kind: 'more sets';
      readonly muscle: Muscle;
      readonly most: number;
      readonly ceiling: number;
      readonly ahead: number;
      readonly of: number;
    }
  | { readonly kind: 'exchange'; readonly exerciseId: string; readonly gain: number; readonly weeks: number }
  /** Lifts that progress: kept. */
  | { readonly kind: 'keep'; readonly exerciseIds: readonly string[] }
  /** Half the muscles were below target before the deload. */
  | { readonly kind: 'deload earlier'; readonly after: number; readonly muscles: readonly Muscle[] }
  /** Nothing was ever hard: an athlete who never needs a deload probably does not train hard enough. */
  | { readonly kind: 'train harder'; readonly sessions: number; readonly weeks: number }
  | { readonly kind: 'shorter sessions'; readonly share: number; readonly sessions: number }
  /** A session missed in most weeks. */
  | {
      readonly kind: 'another day';
      readonly sessionId: string;
      readonly session: string;
      readonly missed: number;
      readonly of: number;
    }
  | {
      readonly kind: 'weaker side';
      readonly exerciseId: string;
      readonly side: 'left' | 'right';
      readonly reps: number;
    };

/** Share of sessions above target from which a muscle tolerates more; per cent. */
const MOSTLY = 60;
const LEAST_JUDGED = 4;
/** Sessions this much longer than planned are too long; per cent. */
const LONGER = 115;

/** The block's suggestions, tolerated volume first. */
export function suggestForNextBlock(reviewed: Reviewed): readonly Suggestion[] {
  const muscles = muscleReviews(reviewed);
  const lifts = liftReviews(reviewed);
  return [
    ...muscles.flatMap((one) => setsSuggested(one, reviewed)),
    ...deloadSuggested(muscles, reviewed),
    ...effortSuggested(reviewed),
    ...liftsSuggested(lifts),
    ...minutesSuggested(reviewed),
    ...daysSuggested(reviewed),
    ...lifts.flatMap(sideSuggested),
  ];
}

function setsSuggested(
  { muscle, fell, weeks, judged, ahead, behind }: MuscleReview,
  { blockPlan }: Reviewed,
): readonly Suggestion[] {
  const planned = blockPlan.weeks[0]?.plan.muscles[muscle];
  if (fell !== null) {
    // Below the minimum the sets were not the cause.
    const isEnough = isAtLeast(fell.sets, planned?.landmarks.floor ?? 0);
    return isEnough ? [{ kind: 'fewer sets', muscle, at: fell.sets, week: fell.week }] : [];
  }
  const goal = planned?.goal;
  const ceiling = planned?.landmarks.ceiling ?? 0;
  const most = Math.max(0, ...weeks.filter(({ kind }) => kind === 'building').map(({ done }) => done ?? 0));
  const isEasy = judged >= LEAST_JUDGED && behind === 0 && isAtLeast((100 * ahead) / judged, MOSTLY);
  if (!isEasy || goal === 'hold' || isAtLeast(most, ceiling)) return [];
  return [{ kind: 'more sets', muscle, most, ceiling, ahead, of: judged }];
}

/** At least half of the judged muscles fell below target, the last of that half in a week before the deload. */
function deloadSuggested(muscles: readonly MuscleReview[], { blockPlan }: Reviewed): readonly Suggestion[] {
  const judged = muscles.filter((one) => one.judged > 0);
  const fallen = judged
    .flatMap(({ muscle, fell }) => (fell === null ? [] : [{ muscle, week: fell.week }]))
    .sort((a, b) => a.week - b.week);
  const half = fallen[Math.ceil(judged.length / 2) - 1];
  const deload = blockPlan.weeks.find(({ plan }) => plan.kind === 'deload')?.plan.week;
  if (half === undefined || deload === undefined || half.week + 1 >= deload) return [];
  const muscleNames = fallen.filter(({ week }) => week <= half.week).map(({ muscle }) => muscle);
  return [{ kind: 'deload earlier', after: half.week, muscles: muscleNames }];
}

/** No session below target or strained over building weeks, and no fatigue above normal. */
function effortSuggested(reviewed: Reviewed): readonly Suggestion[] {
  const { blockPlan, checkIns, conventions, block, today } = reviewed;
  const building = finishedWeeks(block, blockPlan.weeks, today).filter(
    ({ plan }) => plan.kind === 'building',
  );
  const weeks = new Set(building.map(({ plan }) => plan.week));
  const judged = blockPlan.observations.filter(({ week }) => weeks.has(week));
  const isEasy = judged.every(
    ({ performance: { verdict } }) => verdict === 'ahead' || verdict === 'on target',
  );
  const [first] = building;
  const isFresh = checkIns
    .filter(({ date }) => first !== undefined && date >= first.plan.startDate)
    .every(({ date }) => (signsOn(date, reviewed) ?? 0) <= conventions.signsLow);
  if (building.length < conventions.stallWeeks || judged.length === 0 || !isEasy || !isFresh) return [];
  const sessions = new Set(judged.map(({ week, sessionId }) => `${week}/${sessionId}`)).size;
  return [{ kind: 'train harder', sessions, weeks: building.length }];
}

function liftsSuggested(lifts: readonly LiftReview[]): readonly Suggestion[] {
  const going = lifts.filter(({ verdict }) => verdict === 'goes on').map(({ exerciseId }) => exerciseId);
  return [
    ...lifts
      .filter(({ verdict }) => verdict === 'stalled')
      .map(
        ({ exerciseId, gain, weeks }) => ({ kind: 'exchange', exerciseId, gain: gain ?? 0, weeks }) as const,
      ),
    ...(going.length === 0 ? [] : [{ kind: 'keep', exerciseIds: going } as const]),
  ];
}

function minutesSuggested(reviewed: Reviewed): readonly Suggestion[] {
  const { share, sessions } = sessionMinutes(reviewed);
  return share === null || isAtMost(share, LONGER)
    ? []
    : [{ kind: 'shorter sessions', share, sessions: sessions.length }];
}

function daysSuggested({ block, blockPlan, conventions, today }: Reviewed): readonly Suggestion[] {
  const weeks = finishedWeeks(block, blockPlan.weeks, today)
    .filter(({ plan }) => plan.kind === 'building')
    .map((week) => weekAdherence(block, week));
  return block.sessions.flatMap(({ id, name, optional }): readonly Suggestion[] => {
    const missed = weeks.filter((week) => week.missed.includes(id)).length;
    const isOften = missed * conventions.missedOf >= conventions.missedTimes * weeks.length;
    return optional || weeks.length < conventions.missedOf || !isOften
      ? []
      : [{ kind: 'another day', sessionId: id, session: name, missed, of: weeks.length }];
  });
}

function sideSuggested({ exerciseId, sides }: LiftReview): readonly Suggestion[] {
  return sides?.weaker == null
    ? []
    : [{ kind: 'weaker side', exerciseId, side: sides.weaker, reps: Math.abs(sides.mean) }];
}
