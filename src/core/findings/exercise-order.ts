import { contribution, type Exercise, primeMovers } from '../exercises/exercise';
import { type SeenSlot, sessionsOf } from './cycle';
import type { Check, CheckInput, Finding, Fix } from './finding';
import { takesReorder } from './reorder-room';

interface Clash {
  readonly early: SeenSlot;
  readonly late: SeenSlot;
  readonly why: 'skill first' | 'compound first' | 'triceps first';
}

const isDirect = (exercise: Exercise, muscle: 'biceps' | 'triceps') =>
  exercise.kind === 'isolation' && primeMovers(exercise).includes(muscle);

/** What stands before a slot and should stand behind it; a priority muscle may go first on purpose. */
function clashOf(slots: readonly SeenSlot[], at: number, input: CheckInput): Clash | undefined {
  const late = slots[at] as SeenSlot;
  const before = slots.slice(0, at);
  if (late.exercise.skill !== null) {
    const early = before.find(({ exercise, hard }) => exercise.skill === null && hard > 0);
    if (early !== undefined) return { early, late, why: 'skill first' };
  }
  if (late.exercise.kind === 'compound') {
    const early = before.find(
      ({ exercise }) =>
        exercise.kind === 'isolation' &&
        primeMovers(exercise).some(
          (muscle) =>
            input.week.muscles[muscle].goal !== 'priority' && contribution(late.exercise, muscle) === 1,
        ),
    );
    if (early !== undefined) return { early, late, why: 'compound first' };
  }
  if (isDirect(late.exercise, 'triceps') && input.week.muscles.biceps.goal !== 'priority') {
    const early = before.find(({ exercise }) => isDirect(exercise, 'biceps'));
    if (early !== undefined) return { early, late, why: 'triceps first' };
  }
  return undefined;
}

/** Skills first, compounds before isolation for the same muscle, triceps before biceps in arm work. */
export const exerciseOrder: Check = (input) =>
  sessionsOf(input).flatMap(({ session, slots }) =>
    slots.flatMap((_, at): Finding[] => {
      const clash = clashOf(slots, at, input);
      if (clash === undefined) return [];
      const { early, late, why } = clash;
      const { sessionId, name } = session;
      const moveUp = why === 'skill first';
      const before = slots[slots.indexOf(early) - 1];
      const fix: Fix = moveUp
        ? {
            does: 'move slot first',
            exerciseId: late.exercise.id,
            edit: {
              kind: 'slot/move',
              slot: late.slot.slotId,
              session: sessionId,
              after: before?.slot.slotId ?? null,
            },
          }
        : {
            does: 'move slot',
            exerciseId: early.exercise.id,
            after: late.exercise.id,
            edit: {
              kind: 'slot/move',
              slot: early.slot.slotId,
              session: sessionId,
              after: late.slot.slotId,
            },
          };
      return [
        {
          id: `order/${early.slot.slotId}/${late.slot.slotId}`,
          severity: 'note',
          subject: { sessionId, slotId: early.slot.slotId },
          detail: { rule: 'order', session: name, early: early.exercise.id, late: late.exercise.id, why },
          fixes: takesReorder(session, input) ? [fix] : [],
        },
      ];
    }),
  );
