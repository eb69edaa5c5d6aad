import type { SessionPlan } from '../plan/session';
import type { CheckInput } from './finding';

/** What another order of the same slots can cost by its change-overs and warm-ups, seconds. */
const REORDER_COST = 300;

/** Whether a session takes another order without passing a time limit it keeps now. */
export function takesReorder({ seconds }: Pick<SessionPlan, 'seconds'>, { athlete }: CheckInput): boolean {
  const limit = athlete.minutes * 60;
  return seconds.high > limit || seconds.high + REORDER_COST <= limit;
}
