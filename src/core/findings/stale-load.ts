import { placeFor } from '../athlete/place';
import { isBodyAlone, slotGrid } from '../loading/grid';
import type { SetPlan } from '../plan/set';
import { loadShift } from '../progression/load-shift';
import { isAtLeast, isAtMost, roundToHalf } from '../rounding';
import { isUncounted } from '../techniques/registry';
import type { Check, Finding } from './finding';

/** RIR by which a first set may miss its target before it is reported; later sets half a rep more, for rounding. */
const MISS = 1;
const LATER_MISS = 1.5;

/** How far a planned set is predicted to miss its target: above, the load is too light; below, it is out of reach. */
function predictedMiss(
  { optional, predictedRir, rir: asked, weekRir, round, piece }: SetPlan,
  isLowered: boolean,
): 'stale' | 'out of reach' | null {
  if (optional || predictedRir === null) return null;
  const miss = round === 1 && piece === 1 ? MISS : LATER_MISS;
  const rir = weekRir ?? asked;
  // A given load asks for the RIR it predicts: nothing is missed until there is none left.
  if (weekRir !== undefined && roundToHalf(predictedRir) < 0) return 'out of reach';
  // A reduction of all loads is easier on purpose.
  if (isAtLeast(predictedRir, rir + miss)) return isLowered ? null : 'stale';
  if (weekRir !== undefined) return null;
  return isAtMost(predictedRir, rir - miss) ? 'out of reach' : null;
}

/**
 * Sets predicted to end a rep or more easier than planned: the load is outdated, or the equipment has no more; and
 * sets predicted to end a rep or more harder, which cannot be done as written. The first of each in the coming weeks.
 */
export const staleLoad: Check = ({ block, blockPlan, week, athlete }) => {
  const found = new Map<string, Finding>();
  for (const { plan, status } of blockPlan.weeks) {
    if (plan.kind === 'deload' || plan.week < week.week || status === 'done') continue;
    const isLowered = loadShift(block, plan.week) < 1;
    for (const session of plan.sessions) {
      const written = block.sessions.find(({ id }) => id === session.sessionId);
      const { loads } = placeFor(athlete, written?.place ?? null);
      for (const slot of session.slots) {
        const alone = written?.slots.find(({ id }) => id === slot.slotId)?.alone === true;
        const isAlone = isBodyAlone(slotGrid({ alone }, slot.loading, loads));
        if (slot.why.sets.code === 'sets/easy' || isUncounted(slot.technique)) continue;
        for (const set of slot.sets) {
          // The body alone is as light as it is: its reps are what can change.
          const miss = predictedMiss(set, isLowered || isAlone);
          const id = miss === 'stale' ? `stale-load/${slot.slotId}` : `out-of-reach/${slot.slotId}`;
          if (miss === null || set.predictedRir === null || found.has(id)) continue;
          const facts = {
            slot: slot.slotId,
            exerciseId: slot.exerciseId,
            week: plan.week,
            set: set.round,
            predictedRir: set.predictedRir,
            rir: set.weekRir ?? set.rir,
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
