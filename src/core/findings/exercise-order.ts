import { contribution, type Exercise, primeMovers } from '../exercises/exercise';
import { innerTechnique } from '../techniques/registry';
import { type SeenSlot, sessionsOf } from './cycle';
import type { Check, CheckInput, Finding, Fix } from './finding';
import { canReorder } from './reorder-room';

interface Clash {
  readonly early: SeenSlot;
  readonly late: SeenSlot;
  readonly why: 'skill first' | 'compound first' | 'triceps first' | 'activation first';
}

const isDirect = (exercise: Exercise, muscle: 'biceps' | 'triceps') =>
  exercise.kind === 'isolation' && primeMovers(exercise).includes(muscle);

/** Whether two slots share a prime mover. */
const sharesMover = (a: SeenSlot, b: SeenSlot) =>
  primeMovers(a.exercise).some((muscle) => primeMovers(b.exercise).includes(muscle));

/** What comes before a slot and should come after it; a priority muscle may go first on purpose. */
function orderClash(slots: readonly SeenSlot[], at: number, input: CheckInput): Clash | undefined {
  const late = slots[at] as SeenSlot;
  const before = slots.slice(0, at);
  // An activation exercise belongs directly before the lift it is for.
  const early = before.find(
    (one, k) =>
      innerTechnique(one.slot.technique).kind === 'activation' &&
      k < at - 1 &&
      innerTechnique(late.slot.technique).kind !== 'activation' &&
      sharesMover(one, late) &&
      !slots.slice(k + 1, at).some((between) => sharesMover(one, between)),
  );
  if (early !== undefined) return { early, late, why: 'activation first' };
  if (late.exercise.skill !== null) {
    const early = before.find(({ exercise, hard }) => exercise.skill === null && hard > 0);
    if (early !== undefined) return { early, late, why: 'skill first' };
  }
  if (late.exercise.kind === 'compound') {
    const early = before.find(
      ({ exercise, slot }) =>
        exercise.kind === 'isolation' &&
        // An activation before its lift is intended.
        innerTechnique(slot.technique).kind !== 'activation' &&
        primeMovers(exercise).some(
          (muscle) =>
            input.week.muscles[muscle].goal !== 'priority' && contribution(late.exercise, muscle) === 1,
        ),
    );
    if (early !== undefined) return { early, late, why: 'compound first' };
  }
  if (isDirect(late.exercise, 'triceps') && input.week.muscles.biceps.goal !== 'priority') {
    const early = before.find(({ exercise }) => isDirect(exercise, 'biceps'));
    // Once triceps work has warmed the elbow, biceps may come in between.
    const isWarm =
      early !== undefined &&
      before.slice(0, before.indexOf(early)).some(({ exercise }) => isDirect(exercise, 'triceps'));
    if (early !== undefined && !isWarm) return { early, late, why: 'triceps first' };
  }
  return undefined;
}

/** Moves an activation directly before its lift. */
function moveBefore(slots: readonly SeenSlot[], early: SeenSlot, late: SeenSlot, session: string): Fix {
  const before = slots[slots.indexOf(late) - 1] as SeenSlot;
  return {
    does: 'move slot',
    exerciseId: early.exercise.id,
    after: before.exercise.id,
    edit: { kind: 'slot/move', slot: early.slot.slotId, session, after: before.slot.slotId },
  };
}

/** Skills first, compounds before isolation for the same muscle, triceps before biceps in arm work. */
export const exerciseOrder: Check = (input) =>
  sessionsOf(input).flatMap(({ session, slots }) =>
    slots.flatMap((_, at): Finding[] => {
      const clash = orderClash(slots, at, input);
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
        : why === 'activation first'
          ? moveBefore(slots, early, late, sessionId)
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
          fixes: canReorder(session, input) ? [fix] : [],
        },
      ];
    }),
  );
