import { chosenCurve } from '../effort/curves';
import { type LiftTrend, liftTrend, trendPoints } from '../effort/stall';
import { summariseNotes } from '../on-the-day/session-note';
import type { Watch } from './alert-kind';

/** How a lift of the block develops, with the answers to three questions. */
export interface LiftVerdict {
  readonly exerciseId: string;
  readonly trend: LiftTrend;
  /** Whether pain was reported in it recently. */
  readonly hurts: boolean;
}

/** How each lift of the block develops: too early to say, progressing, or stalled. */
export function liftVerdicts(
  watch: Pick<Watch, 'block' | 'athlete' | 'exposures' | 'conventions' | 'today' | 'log'>,
): readonly LiftVerdict[] {
  const { block, athlete, exposures, conventions, today, log } = watch;
  const points = trendPoints(exposures, chosenCurve(athlete.effort));
  const lifts = [...new Set(block.sessions.flatMap(({ slots }) => slots.map(({ exercise }) => exercise.id)))];
  const pains = new Set(
    log.workouts.flatMap(({ notes }) =>
      [...summariseNotes(notes).pains.values()].map(({ exerciseId }) => exerciseId),
    ),
  );
  return lifts.map((exerciseId) => ({
    exerciseId,
    trend: liftTrend(points.get(exerciseId) ?? [], today, {
      weeks: conventions.stallWeeks,
      least: conventions.stallGain,
    }),
    hurts: pains.has(exerciseId),
  }));
}

/**
 * Three questions before anything is changed: is the athlete healthy, progressing, and motivated? If all are yes,
 * change nothing.
 */
export function shouldStayUnchanged({
  verdicts,
  signs,
  rating,
}: {
  readonly verdicts: readonly LiftVerdict[];
  /** Whether the fatigue score suggests a deload. */
  readonly signs: boolean;
  /** Whether the latest sessions were rated too hard. */
  readonly rating: boolean;
}): boolean {
  const judged = verdicts.filter(({ trend }) => trend.verdict !== 'too early');
  const healthy = !signs && verdicts.every(({ hurts }) => !hurts);
  const progressing = judged.length > 0 && judged.every(({ trend }) => trend.verdict === 'goes on');
  return healthy && progressing && !rating;
}
