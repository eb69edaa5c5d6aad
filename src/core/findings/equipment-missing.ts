import { missingEquipment, placeFor } from '../athlete/place';
import { asPlanned, type Check, type Finding } from './finding';
import { swapFixes } from './swap-slots';

/** Exercises of a session that its place has no equipment for; one finding per session, with substitutes. */
export const equipmentMissing: Check = (input) =>
  input.block.sessions.flatMap((session): Finding[] => {
    const place = placeFor(input.athlete, session.place);
    const lacks = session.slots.flatMap((slot) => {
      const exercise = input.exerciseOf(asPlanned(slot));
      const missing = missingEquipment(exercise, place);
      return missing.length === 0 ? [] : [{ slot, exerciseId: exercise.id, missing }];
    });
    const [first] = lacks;
    if (first === undefined) return [];
    return [
      {
        id: `equipment/${session.id}`,
        severity: 'warn',
        subject: { sessionId: session.id, slotId: first.slot.id },
        detail: {
          rule: 'equipment',
          session: session.name,
          place: place.name,
          lacks: lacks.map(({ slot, exerciseId, missing }) => ({ slotId: slot.id, exerciseId, missing })),
        },
        fixes: swapFixes(
          lacks.map(({ slot }) => ({ session, slot })),
          input,
        ),
      },
    ];
  });
