import { lacking, placeFor } from '../athlete/place';
import { asPlanned, type Check, type Finding } from './finding';

/** An exercise needs equipment that its session's place lacks. */
export const equipmentMissing: Check = ({ block, athlete, exerciseOf }) =>
  block.sessions.flatMap((session) => {
    const place = placeFor(athlete, session.place);
    return session.slots.flatMap((slot): Finding[] => {
      const exercise = exerciseOf(asPlanned(slot));
      const missing = lacking(exercise, place);
      if (missing.length === 0) return [];
      return [
        {
          id: `equipment/${slot.id}`,
          severity: 'warn',
          place: { sessionId: session.id, slotId: slot.id },
          detail: {
            rule: 'equipment',
            exerciseId: exercise.id,
            place: place.name,
            missing,
            session: session.name,
          },
          fixes: [],
        },
      ];
    });
  });
