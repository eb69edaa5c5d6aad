import type { CheckInput } from './finding';

/** The week with a slot standing last in another session. Nothing else of it is planned anew. */
export function withSlotIn(input: CheckInput, slotId: string, target: string): CheckInput {
  const moved = input.week.sessions.flatMap(({ slots }) => slots).find((slot) => slot.slotId === slotId);
  if (moved === undefined) return input;
  const sessions = input.week.sessions.map((session) => {
    const slots = session.slots.filter((slot) => slot !== moved);
    return { ...session, slots: session.sessionId === target ? [...slots, moved] : slots };
  });
  return { ...input, week: { ...input.week, sessions } };
}
