import { isUnfilled } from '../exercises/unfilled-exercise';
import type { Check, Finding } from './finding';

/** Slots with only a movement pattern: they count once the athlete has chosen an exercise while training. */
export const unfilledSlot: Check = ({ block }) =>
  block.sessions.flatMap((session): Finding[] =>
    session.slots
      .filter(({ exercise }) => isUnfilled(exercise))
      .map((slot) => ({
        id: `unfilled-slot/${slot.id}`,
        severity: 'note',
        subject: { sessionId: session.id, slotId: slot.id },
        detail: { rule: 'unfilled slot', exerciseId: slot.exercise.id, session: session.name },
        fixes: [],
      })),
  );
