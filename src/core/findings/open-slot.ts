import { isUnfilled } from '../exercises/open-exercise';
import type { Check, Finding } from './finding';

/** Slots that name a pattern alone: a week with one cannot be handed out. */
export const openSlot: Check = ({ block }) =>
  block.sessions.flatMap((session): Finding[] =>
    session.slots
      .filter(({ exercise }) => isUnfilled(exercise))
      .map((slot) => ({
        id: `open-slot/${slot.id}`,
        severity: 'warn',
        place: { sessionId: session.id, slotId: slot.id },
        detail: { rule: 'open slot', exerciseId: slot.exercise.id, session: session.name },
        fixes: [],
      })),
  );
