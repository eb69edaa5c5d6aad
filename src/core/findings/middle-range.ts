import { STACKS } from '../loading/equipment';
import { asPlanned, type Check, type Finding } from './finding';

/**
 * Constant tension in the middle range where it gives up more than it keeps: on equipment that loads the whole range
 * anyway, and in compounds. It suits free-weight isolation that goes slack at one end.
 */
export const middleRange: Check = ({ block, exerciseOf }) =>
  block.sessions.flatMap((session) =>
    session.slots.flatMap((slot): Finding[] => {
      const exercise = exerciseOf(asPlanned(slot));
      const isEven = exercise.loading in STACKS || exercise.loading === 'plate-loaded';
      const isCompound = exercise.kind === 'compound';
      if (slot.motion !== 'middle' || !(isEven || isCompound)) return [];
      return [
        {
          id: `middle-range/${slot.id}`,
          severity: 'note',
          subject: { sessionId: session.id, slotId: slot.id },
          detail: {
            rule: 'middle range',
            exerciseId: exercise.id,
            session: session.name,
            why: isEven ? 'even load' : 'compound',
          },
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
