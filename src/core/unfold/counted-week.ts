import { perMuscle } from '../anatomy/muscle';
import type { Block } from '../block/block';
import { haveSameFields, type Memo } from '../memo';
import { asDone } from '../plan/as-done';
import type { WeekPlan } from '../plan/week';
import type { IssuedWeek, Performed } from '../plan/week-state';
import type { Planner } from './planner';
import { sessionCredit } from './session-credit';
import { weekSums } from './week-figures';

/**
 * A sent week as it counts: for a finished session the hard sets as done, including optional and swapped ones; for a
 * session in progress these and what is still planned; for all others the plan. Volume ranges and everything sent
 * stay as they were.
 * @param pairs its sessions with what was done in each, null for nothing
 */
export function countedWeek(
  memo: Memo,
  exercises: Planner['exercises'],
  { plan, conventions }: IssuedWeek,
  crediting: Block['crediting'],
  landmarks: Block['landmarks'],
  cycleDays: number,
  ...pairs: readonly (Performed | null)[]
): WeekPlan {
  if (pairs.every((performed) => performed === null)) return plan;
  const counting = memo.same('counting', { exercises, conventions }, haveSameFields);
  const sessions = plan.sessions.flatMap((session, at) => {
    const performed = pairs[at] ?? null;
    if (session.optional && performed === null) return [];
    const own = memo.part(session.sessionId);
    const done = performed === null ? session : own.call('done', asDone, session, performed, conventions);
    return [sessionCredit(counting, done, crediting, plan.kind, own)];
  });
  const { hardSets, of } = weekSums(sessions, cycleDays, conventions);
  return {
    ...plan,
    hardSets,
    whyHardSets: plan.whyHardSets.code === 'budget' ? { ...plan.whyHardSets, hardSets } : plan.whyHardSets,
    muscles: perMuscle((muscle) => {
      const before = plan.muscles[muscle];
      const { sets, fractional, direct, frequency, directFrequency, parts } = of(muscle);
      const measured = landmarks === 'fixed dose' ? direct : fractional;
      const figures = {
        sets,
        measured,
        ...(landmarks === 'fixed dose' ? { fractional } : {}),
        frequency,
        directFrequency,
      };
      const why = before.why.code === 'volume' ? { ...before.why, ...figures, direct, parts } : before.why;
      return { ...before, ...figures, why };
    }),
  };
}
