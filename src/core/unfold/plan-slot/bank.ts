import type { SetPlan } from '../../plan/set';

/**
 * Sets as a rep bank asks them: last time's reps set by set, and one more in the set in which strength and drift leave
 * most room; on a tie in the earliest. Sets beyond those of last time stay as they are.
 * @param sets as they were laid out, with what is predicted of them
 * @param before reps of each set last time, at the same load
 */
export function banked(sets: readonly SetPlan[], before: readonly number[]): readonly SetPlan[] {
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
    return { ...set, reps, predictedRir };
  });
}
