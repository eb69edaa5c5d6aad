import { isEqual } from 'es-toolkit';
import type { SessionPlan } from '../plan/session';
import type { SlotPlan } from '../plan/slot';
import type { IssuedWeek, WeekState } from '../plan/week-state';
import type { UnfoldInput } from './input';
import { exerciseFacts } from './issue';
import { unfold } from './unfold';

/**
 * A week that is handed out as its own changes have it by now: sessions moved, left out, merged, shortened, at another
 * place. What was begun stays as it was, where it was; a session in which only the day differs keeps the very sets that
 * were handed out; what is different in it is planned as the week would be today.
 * @returns null where it stands as it should
 */
export function amendWeek(input: UnfoldInput, week: number): IssuedWeek | null {
  const state = unfold(input).weeks.find(({ plan }) => plan.week === week);
  if (state?.issued == null || state.status === 'done') return null;
  const fresh = unfold({ ...input, issued: input.issued.filter((one) => one.week !== week) }).weeks.find(
    ({ plan }) => plan.week === week,
  );
  if (fresh === undefined) return null;
  const sessions = sessionsOf(state, fresh.plan.sessions);
  const { issued } = state;
  if (isEqual(sessions, issued.plan.sessions)) return null;
  const { muscles, hardSets, whyHardSets } = fresh.plan;
  return {
    ...issued,
    version: (issued.version ?? 0) + 1,
    exercises: { ...issued.exercises, ...exerciseFacts(sessions, input.exercises) },
    plan: { ...issued.plan, sessions, muscles, hardSets, whyHardSets },
  };
}

function sessionsOf({ issued, performed }: WeekState, fresh: readonly SessionPlan[]): readonly SessionPlan[] {
  const before = issued?.plan.sessions ?? [];
  const isBegun = (id: string) => performed.has(id);
  const begun = before.filter(({ sessionId }) => isBegun(sessionId));
  const others = fresh.flatMap((session): SessionPlan[] => {
    if (isBegun(session.sessionId)) return [];
    const was = before.find(({ sessionId }) => sessionId === session.sessionId);
    // What is being trained already is not trained a second time elsewhere.
    const slots = session.slots.filter(
      ({ slotId }) => !begun.some((one) => one.slots.some((slot) => slot.slotId === slotId)),
    );
    if (was === undefined) return slots.length === 0 ? [] : [{ ...session, slots }];
    return [
      isAlike(was, { ...session, slots })
        ? { ...was, day: session.day, optional: session.optional }
        : { ...session, slots },
    ];
  });
  return [...begun, ...others].sort((a, b) => a.day - b.day);
}

/** Whether a session asks for what was handed out: the same exercises with as many sets in the same slots and place. */
function isAlike(was: SessionPlan, now: SessionPlan): boolean {
  return was.place === now.place && isEqual(was.slots.map(asked), now.slots.map(asked));
}

const asked = ({ slotId, exerciseId, sets }: SlotPlan) => [slotId, exerciseId, sets.length];
