import { MUSCLES, type Muscle } from '../anatomy/muscle';
import { asDone } from '../plan/as-done';
import type { WeekPlan } from '../plan/week';
import type { WeekState } from '../plan/week-state';
import { sessionCredit } from '../unfold/session-credit';
import { weekSums } from '../unfold/week-figures';
import { type Lesson, learnLandmarks, type WeekOfMuscle } from '../volume/learn-landmarks';
import { finishedWeeks } from '../watch/adherence';
import type { Reviewed } from './reviewed';

/** Weekly sets of a muscle in one week, as volume ranges measure them. */
export interface MuscleWeekDone {
  readonly week: number;
  readonly kind: WeekPlan['kind'];
  readonly planned: number;
  /** Null while the week is not over. */
  readonly done: number | null;
}

/** A muscle over a block. */
export interface MuscleReview {
  readonly muscle: Muscle;
  readonly weeks: readonly MuscleWeekDone[];
  /** The most weekly sets without two sessions in a row below target; null: no finished week. */
  readonly bore: { readonly sets: number; readonly week: number } | null;
  /** The weekly sets at which it was first below target twice in a row. */
  readonly fell: { readonly sets: number; readonly week: number } | null;
  /** Judged sessions, and how many were above or below target. */
  readonly judged: number;
  readonly ahead: number;
  readonly behind: number;
  /** What the block teaches about its volume range. */
  readonly lesson: Lesson;
}

/**
 * Muscles the block trains or trained, planned against done, with what they tolerated. Past weeks count as done:
 * planned work that nobody did is not included.
 */
export function muscleReviews(reviewed: Reviewed): readonly MuscleReview[] {
  const { block, athlete, blockPlan, conventions, today } = reviewed;
  const over = new Set(finishedWeeks(block, blockPlan.weeks, today));
  const sums = new Map([...over].map((week) => [week, setsDoneIn(week, reviewed)]));
  return MUSCLES.flatMap((muscle): readonly MuscleReview[] => {
    const weeks = blockPlan.weeks.map((state): MuscleWeekDone => {
      const { plan } = state.issued ?? state;
      const planned = plan.muscles[muscle].measured;
      return { week: plan.week, kind: plan.kind, planned, done: sums.get(state)?.(muscle) ?? null };
    });
    if (weeks.every(({ planned, done }) => planned === 0 && (done ?? 0) === 0)) return [];
    const seen = blockPlan.observations.filter((one) => one.muscle === muscle);
    const verdictsOf = (week: number) =>
      seen.filter((one) => one.week === week).map(({ performance }) => performance.verdict);
    const building = [...over].flatMap((state): readonly WeekOfMuscle[] => {
      const { week, kind, phase } = state.plan;
      const sets = sums.get(state)?.(muscle) ?? 0;
      // In the first week loads are still being found: exceeding them is no progress.
      const verdicts = verdictsOf(week).map((one) => (week === 1 && one === 'ahead' ? 'on target' : one));
      return kind === 'deload' ? [] : [{ week, sets, verdicts, phase }];
    });
    const lesson = learnLandmarks(muscle, athlete, building, conventions);
    const fell = firstDecline(building);
    const bore = building
      .filter(({ week, verdicts }) => verdicts.length > 0 && (fell === null || week < fell.week))
      .reduce<MuscleReview['bore']>(
        (most, { week, sets }) => (most === null || sets > most.sets ? { sets, week } : most),
        null,
      );
    const count = (verdict: string) =>
      seen.filter(({ performance }) => performance.verdict === verdict).length;
    return [
      {
        muscle,
        weeks,
        bore,
        fell,
        judged: seen.length,
        ahead: count('ahead'),
        behind: count('behind'),
        lesson,
      },
    ];
  });
}

/** The first week with a muscle below target in two sessions in a row. */
function firstDecline(weeks: readonly WeekOfMuscle[]): MuscleReview['fell'] {
  let behind = false;
  for (const { week, sets, verdicts } of weeks)
    for (const verdict of verdicts) {
      if (verdict === 'behind' && behind) return { sets, week };
      behind = verdict === 'behind';
    }
  return null;
}

/** Weekly sets of each muscle done in a finished week. */
function setsDoneIn(
  { issued, plan, performed }: WeekState,
  { block, exercises, conventions }: Reviewed,
): (muscle: Muscle) => number {
  const figures = issued?.conventions ?? conventions;
  const sessions = (issued?.plan ?? plan).sessions.flatMap((session) => {
    const work = performed.get(session.sessionId);
    if (work === undefined) return [];
    const done = asDone(session, { ...work, workout: { ...work.workout, finished: true } }, figures);
    const counting = { exercises, conventions: figures };
    return [sessionCredit(counting, done, block.crediting, plan.kind)];
  });
  const { of } = weekSums(sessions, block.cycleDays, figures);
  return (muscle) => (block.landmarks === 'fixed dose' ? of(muscle).direct : of(muscle).fractional);
}
