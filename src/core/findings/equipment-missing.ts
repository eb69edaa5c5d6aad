import { lacking, placeFor } from '../athlete/place';
import { asPlanned, type Check, type Finding } from './finding';

/** Exercises of a session need equipment that its place lacks; one finding a session. */
export const equipmentMissing: Check = ({ block, athlete, exerciseOf }) =>
  block.sessions.flatMap((session): Finding[] => {
    const place = placeFor(athlete, session.place);
    const lacks = session.slots.flatMap((slot) => {
      const exercise = exerciseOf(asPlanned(slot));
      const missing = lacking(exercise, place);
      return missing.length === 0 ? [] : [{ slotId: slot.id, exerciseId: exercise.id, missing }];
    });
    const [first] = lacks;
    if (first === undefined) return [];
    return [
      {
        id: `equipment/${session.id}`,
        severity: 'warn',
        subject: { sessionId: session.id, slotId: first.slotId },
        detail: { rule: 'equipment', session: session.name, place: place.name, lacks },
        fixes: [],
      },
    ];
  });
