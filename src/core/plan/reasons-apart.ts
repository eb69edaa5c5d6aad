import { perMuscle } from '../anatomy/muscle';
import type { Reason } from './reason';
import type { IssuedWeek } from './week-state';

const APART: Reason = { code: 'not fetched' };

/**
 * A sent week without its longest reasons and the facts it was computed from: finished weeks are viewed often and
 * explained rarely. No figure is missing.
 */
export function withoutReasons(issued: IssuedWeek): IssuedWeek {
  const { plan } = issued;
  return {
    ...issued,
    exercises: {},
    plan: {
      ...plan,
      whyHardSets: APART,
      sessions: plan.sessions.map((session) => ({
        ...session,
        whySeconds: APART,
        slots: session.slots.map((slot) => ({ ...slot, why: { ...slot.why, load: APART } })),
      })),
      muscles: perMuscle((muscle) => ({ ...plan.muscles[muscle], why: APART })),
    },
  };
}

/** Whether a week's reasons are still to be loaded. */
export function isWithoutReasons({ plan }: IssuedWeek): boolean {
  return plan.whyHardSets.code === 'not fetched';
}
