import { curveOf } from '../effort/curves';
import { type LiftTrend, liftTrend, trendPoints } from '../effort/stall';
import { toldOf } from '../on-the-day/session-note';
import type { Watch } from './watch';

/** How a lift of the block goes, with what the three questions come to. */
export interface LiftVerdict {
  readonly exerciseId: string;
  readonly trend: LiftTrend;
  /** Whether pain was told in it of late. */
  readonly hurts: boolean;
}

/** Each lift of the block with how it goes: too early to say, going on, or stalled. */
export function liftVerdicts(
  watch: Pick<Watch, 'block' | 'athlete' | 'exposures' | 'conventions' | 'today' | 'log'>,
): readonly LiftVerdict[] {
  const { block, athlete, exposures, conventions, today, log } = watch;
  const points = trendPoints(exposures, curveOf(athlete.effort));
  const lifts = [...new Set(block.sessions.flatMap(({ slots }) => slots.map(({ exercise }) => exercise.id)))];
  const pains = new Set(
    log.workouts.flatMap(({ notes }) =>
      [...toldOf(notes).pains.values()].map(({ exerciseId }) => exerciseId),
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
 * The three questions asked before anything is changed: is the athlete healthy, progressing, and willing to go on? Three
 * times yes: leave it alone.
 */
export function leavesAlone({
  verdicts,
  signs,
  rating,
}: {
  readonly verdicts: readonly LiftVerdict[];
  /** Whether the signs propose a deload. */
  readonly signs: boolean;
  /** Whether the latest sessions were rated too hard. */
  readonly rating: boolean;
}): boolean {
  const judged = verdicts.filter(({ trend }) => trend.verdict !== 'too early');
  const healthy = !signs && verdicts.every(({ hurts }) => !hurts);
  const progressing = judged.length > 0 && judged.every(({ trend }) => trend.verdict === 'goes on');
  return healthy && progressing && !rating;
}
