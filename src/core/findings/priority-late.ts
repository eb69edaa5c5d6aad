import { MUSCLES } from '../anatomy/muscle';
import { primeMovers } from '../exercises/exercise';
import { sessionsOf } from './cycle';
import type { Check, Finding, Fix } from './finding';
import { canReorder } from './reorder-room';

const FIRST = 2;

/** A priority muscle that is never trained first or second in a session. */
export const priorityLate: Check = (input) => {
  const sessions = sessionsOf(input);
  return MUSCLES.filter((muscle) => input.week.muscles[muscle].goal === 'priority').flatMap(
    (muscle): Finding[] => {
      const found = sessions.flatMap(({ session, slots }) =>
        slots.flatMap(({ slot, exercise }, at) =>
          primeMovers(exercise).includes(muscle) ? [{ session, slot, exercise, at }] : [],
        ),
      );
      const [best] = [...found].sort((a, b) => a.at - b.at);
      if (best === undefined || best.at < FIRST) return [];
      const fix: Fix = {
        does: 'move slot first',
        exerciseId: best.exercise.id,
        edit: { kind: 'slot/move', slot: best.slot.slotId, session: best.session.sessionId, after: null },
      };
      return [
        {
          id: `priority-late/${muscle}`,
          severity: 'note',
          subject: { sessionId: best.session.sessionId, slotId: best.slot.slotId, muscle },
          detail: { rule: 'priority late', muscle },
          fixes: best.exercise.kind === 'compound' && canReorder(best.session, input) ? [fix] : [],
        },
      ];
    },
  );
};
