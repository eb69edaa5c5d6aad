import { isUnfilled } from '../exercises/unfilled-exercise';
import type { Check, Finding } from './finding';

/** Slots that name a pattern alone: a week with one cannot be handed out. */
export const unfilledSlot: Check = ({ block }) =>
  block.sessions.flatMap((session): Finding[] =>
    session.slots
      .filter(({ exercise }) => isUnfilled(exercise))
      .map((slot) => ({
        id: `unfilled-slot/${slot.id}`,
        severity: 'warn',
        subject: { sessionId: session.id, slotId: slot.id },
        detail: { rule: 'unfilled slot', exerciseId: slot.exercise.id, session: session.name },
        fixes: [],
      })),
  );
