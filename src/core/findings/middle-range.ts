import { STACKS } from '../loading/equipment';
import { asPlanned, type Check, type Finding } from './finding';

/**
 * Constant tension in the middle range on equipment that loads the whole range anyway: it gives up stretch and
 * contraction.
 */
export const middleRange: Check = ({ block, exerciseOf }) =>
  block.sessions.flatMap((session) =>
    session.slots.flatMap((slot): Finding[] => {
      const exercise = exerciseOf(asPlanned(slot));
      const isEven = exercise.loading in STACKS || exercise.loading === 'plate-loaded';
      if (slot.motion !== 'middle' || !isEven) return [];
      return [
        {
          id: `middle-range/${slot.id}`,
          severity: 'note',
          subject: { sessionId: session.id, slotId: slot.id },
          detail: { rule: 'middle range', exerciseId: exercise.id, session: session.name },
          fixes: [
            {
              does: 'full range',
              exerciseId: exercise.id,
              edit: { kind: 'slot/set', slot: slot.id, field: 'motion', value: 'full' },
            },
          ],
        },
      ];
    }),
  );
