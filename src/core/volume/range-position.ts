import type { Block } from '../block/block';
import type { MuscleWeek, WeekPlan } from '../plan/week';

/** Whether a week has few sets on purpose: a deload, or a block after time off. */
export function isEasyWeek(
  { afterReturn }: Pick<Block, 'afterReturn'>,
  { kind }: Pick<WeekPlan, 'kind'>,
): boolean {
  return kind === 'deload' || afterReturn !== null;
}

const EPSILON = 1e-9;

/**
 * A muscle's position in its volume range; the display's counting does not affect it. In a week that is easy on purpose
 * (a deload, a return block) nothing is low.
 */
export type Standing = 'over' | 'low' | 'held' | 'in';

export function standing(
  { measured, landmarks, goal }: Pick<MuscleWeek, 'measured' | 'landmarks' | 'goal'>,
  isEasy: boolean,
): Standing {
  if (measured > landmarks.ceiling + EPSILON) return 'over';
  if (goal === 'hold') return !isEasy && measured + EPSILON < landmarks.hold ? 'low' : 'held';
  return !isEasy && measured + EPSILON < landmarks.floor ? 'low' : 'in';
}
