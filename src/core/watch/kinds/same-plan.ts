import { MUSCLES, type Muscle } from '../../anatomy/muscle';
import { addDays, daysBetween } from '../../calendar';
import { callId } from '../../calls/call';
import type { Exposure } from '../../effort/exposure';
import { contribution, type Exercise } from '../../exercises/exercise';
import { exerciseById } from '../../exercises/library';
import { lastDay, lastIssued, type Watch, type WatchKind } from '../alert-kind';
import { NOTED } from '../watch-call';

/**
 * The block ends soon, and some muscles have been trained with the same exercises for many months: over years
 * exercises, order and split vary, and between blocks is the time to do so.
 */
export const samePlan: WatchKind = {
  kind: 'same plan',
  propose: (watch) => {
    const { block, conventions, today, blockPlan } = watch;
    const last = lastIssued(watch);
    if (last === undefined || last !== blockPlan.weeks.at(-1)) return [];
    if (daysBetween(today, lastDay(last.plan, block.cycleDays)) > conventions.blockEndsAhead) return [];
    const since = addDays(today, -7 * conventions.samePlanWeeks);
    const same = MUSCLES.filter((muscle) => isUnchanged(muscle, since, watch));
    if (same.length === 0) return [];
    const subject = 'same plan';
    return [
      {
        kind: 'same plan',
        id: callId(subject, same),
        subject,
        week: last.plan.week,
        evidence: { kind: 'same plan', weeks: conventions.samePlanWeeks, muscles: same },
        options: [NOTED],
      },
    ];
  },
};

/** Whether everything that trained a muscle since a day is in the block, and was trained before that day already. */
function isUnchanged(muscle: Muscle, since: string, { block, exposures, exercises }: Watch): boolean {
  const trains = (exercise: Exercise | undefined) =>
    exercise !== undefined && contribution(exercise, muscle) >= 1;
  const planned = new Set(
    block.sessions.flatMap(({ slots }) =>
      slots.filter((slot) => trains(exercises(slot.exercise))).map((slot) => slot.exercise.id),
    ),
  );
  const ofMuscle = exposures.filter(
    ({ exerciseId: id }) => planned.has(id) || trains(exerciseById(id) ?? exercises({ id, revision: 1 })),
  );
  const idsOf = (dated: readonly Exposure[]) => new Set(dated.map(({ exerciseId }) => exerciseId));
  const before = idsOf(ofMuscle.filter(({ date }) => date <= since));
  const lately = idsOf(ofMuscle.filter(({ date }) => date >= since));
  return (
    planned.size > 0 &&
    [...lately].every((id) => planned.has(id)) &&
    [...planned].every((id) => lately.has(id) && before.has(id))
  );
}
