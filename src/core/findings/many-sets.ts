import { setCount } from '../techniques/registry';
import { asPlanned, type Check } from './finding';

/** Working sets of one exercise in a session beyond which another exercise gives more. */
const MOST = 6;

/** Far more sets of one exercise in a session than the usual three to five. */
export const manySets: Check = ({ block, exerciseOf }) =>
  block.sessions.flatMap((session) =>
    session.slots.flatMap((slot) => {
      const sets = setCount(slot.technique);
      const { id, skill } = exerciseOf(asPlanned(slot));
      // Skills and skill holds are practised in many short sets.
      if (sets <= MOST || skill !== null) return [];
      return [
        {
          id: `many-sets/${slot.id}`,
          severity: 'note' as const,
          subject: { sessionId: session.id, slotId: slot.id },
          detail: { rule: 'many sets' as const, exerciseId: id, session: session.name, sets },
          fixes: [],
        },
      ];
    }),
  );
