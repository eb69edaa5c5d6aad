import type { SessionPlan } from '../plan/session';
import type { CheckInput } from './finding';

/** Seconds that another order of the same slots can cost in transitions and warm-ups. */
const REORDER_COST = 300;

/** Whether a session can be reordered without exceeding a time limit it meets now. */
export function canReorder({ seconds }: Pick<SessionPlan, 'seconds'>, { athlete }: CheckInput): boolean {
  const limit = athlete.minutes * 60;
  return seconds.high > limit || seconds.high + REORDER_COST <= limit;
}
