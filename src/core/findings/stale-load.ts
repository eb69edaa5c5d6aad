import { isUncounted } from '../techniques/registry';
import type { Check, Finding } from './finding';

/** Sets predicted to end a rep or more easier than asked: the load has gone stale, or the equipment ends there. */
export const staleLoad: Check = ({ blockPlan, week }) => {
  const found = new Map<string, Finding>();
  for (const { plan, status } of blockPlan.weeks) {
    if (plan.kind === 'deload' || plan.week < week.week || status === 'done') continue;
    for (const session of plan.sessions) {
      for (const slot of session.slots) {
        const [first] = slot.sets;
        if (first === undefined || first.predictedRir === null || slot.why.sets.code === 'sets/easy')
          continue;
        if (isUncounted(slot.technique) || slot.override !== null) continue;
        if (first.predictedRir < first.rir + 1 || found.has(slot.slotId)) continue;
        found.set(slot.slotId, {
          id: `stale-load/${slot.slotId}`,
          severity: 'warn',
          subject: { sessionId: session.sessionId, slotId: slot.slotId, week: plan.week },
          detail: {
            rule: 'stale load',
            slot: slot.slotId,
            exerciseId: slot.exerciseId,
            week: plan.week,
            predictedRir: first.predictedRir,
            rir: first.rir,
          },
          fixes: [],
        });
      }
    }
  }
  return [...found.values()];
};
