import { perMuscle } from '../anatomy/muscle';
import type { Reason } from './reason';
import type { IssuedWeek } from './week-state';

const APART: Reason = { code: 'not fetched' };

/**
 * An issued week without its longest reasons and the facts it was frozen with: a week that is done is looked at often
 * and asked why seldom. No figure of it is missing.
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

/** Whether a week's reasons are still to be fetched. */
export function isWithoutReasons({ plan }: IssuedWeek): boolean {
  return plan.whyHardSets.code === 'not fetched';
}
