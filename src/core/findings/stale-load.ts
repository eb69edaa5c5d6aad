import { findSlot } from '../block/block';
import type { SetPlan } from '../plan/set';
import { RULES } from '../progression/load-rules/registry';
import { loadShift } from '../progression/load-shift';
import { isAtLeast, isAtMost } from '../rounding';
import { isUncounted, progressOf } from '../techniques/registry';
import type { Check, Finding } from './finding';

/** RIR by which a first set may miss what it asks before it is said; a later one half a rep more, which is rounding alone. */
const MISS = 1;
const LATER_MISS = 1.5;

/** How far a planned set is predicted to end from what it asks: above it the load is stale, below it out of reach. */
function missOf(
  { optional, predictedRir, rir, round, piece }: SetPlan,
  risesByReps: boolean,
  isLowered: boolean,
): 'stale' | 'out of reach' | null {
  if (optional || predictedRir === null) return null;
  const miss = round === 1 && piece === 1 ? MISS : LATER_MISS;
  // What the coach lowered for all is easier on purpose.
  if (isAtLeast(predictedRir, rir + miss)) return isLowered ? null : 'stale';
  // Where a rep is added to what was met, it is asked of the athlete to find it; failing it is another matter.
  return isAtMost(predictedRir, (risesByReps ? 0 : rir) - miss) ? 'out of reach' : null;
}

/**
 * Sets predicted to end a rep or more easier than asked: the load has gone stale, or the equipment ends there; and sets
 * predicted to end a rep or more harder, which cannot be done as written. The first of each in the weeks ahead.
 */
export const staleLoad: Check = ({ block, blockPlan, week }) => {
  const found = new Map<string, Finding>();
  for (const { plan, status } of blockPlan.weeks) {
    if (plan.kind === 'deload' || plan.week < week.week || status === 'done') continue;
    const isLowered = loadShift(block, plan.week) < 1;
    for (const session of plan.sessions) {
      for (const slot of session.slots) {
        if (slot.why.sets.code === 'sets/easy' || isUncounted(slot.technique)) continue;
        const rule = findSlot(block, slot.slotId)?.slot.loadRule ?? 'best fit';
        const risesByReps = RULES[rule].holdsReps === true || progressOf(slot.technique) === 'reps';
        for (const set of slot.sets) {
          const miss = missOf(set, risesByReps, isLowered);
          const id = miss === 'stale' ? `stale-load/${slot.slotId}` : `out-of-reach/${slot.slotId}`;
          if (miss === null || set.predictedRir === null || found.has(id)) continue;
          const facts = {
            slot: slot.slotId,
            exerciseId: slot.exerciseId,
            week: plan.week,
            set: set.round,
            predictedRir: set.predictedRir,
            rir: set.rir,
          };
          found.set(id, {
            id,
            severity: 'warn',
            subject: { sessionId: session.sessionId, slotId: slot.slotId, week: plan.week },
            detail:
              miss === 'stale'
                ? { rule: 'stale load', ...facts }
                : { rule: 'out of reach', reps: set.reps, ...facts },
            fixes: [],
          });
        }
      }
    }
  }
  return [...found.values()];
};
