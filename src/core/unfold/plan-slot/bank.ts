import type { Conventions } from '../../conventions/conventions';
import type { SetPlan } from '../../plan/set';
import { isHard } from '../../volume/credit';

/**
 * A rep bank's sets: last time's reps set by set, with one added to the set with most room by strength and drop-off;
 * the earliest on a tie. Sets beyond last time's stay as they are.
 * @param sets as laid out, with their predictions
 * @param before reps of each set last time, at the same load
 */
export function rebankedSets(
  sets: readonly SetPlan[],
  before: readonly number[],
  conventions: Conventions,
): readonly SetPlan[] {
  let best = -1;
  let most = Number.NEGATIVE_INFINITY;
  sets.forEach(({ reps, predictedRir, optional }, at) => {
    const done = before[at];
    if (done === undefined || predictedRir === null || optional) return;
    const room = reps + predictedRir - done;
    if (room > most + 1e-9) [best, most] = [at, room];
  });
  return sets.map((set, at): SetPlan => {
    const done = before[at];
    if (done === undefined || set.optional) return set;
    const reps = done + (at === best ? 1 : 0);
    const predictedRir = set.predictedRir === null ? null : set.predictedRir + set.reps - reps;
    const hard = isHard(predictedRir ?? set.rir, conventions);
    return { ...set, reps, predictedRir, hard, credit: hard ? 1 : 0 };
  });
}
