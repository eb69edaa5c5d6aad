import { contribution, primeMovers } from '../exercises/exercise';
import { goalOf } from '../volume/goal';
import { asPlanned, type Check, type Finding } from './finding';

/** An isolation exercise before a compound for the same muscle, unless the muscle is a priority and goes first on purpose. */
export const exerciseOrder: Check = ({ block, athlete, exerciseOf }) =>
  block.sessions.flatMap((session) => {
    const facts = session.slots.map((slot) => ({
      slot,
      exercise: exerciseOf(asPlanned(slot)),
    }));
    return facts.flatMap(({ slot, exercise }, at): Finding[] => {
      if (exercise.kind !== 'isolation') return [];
      const muscle = primeMovers(exercise).find((one) => goalOf(block, athlete, one) !== 'priority');
      if (muscle === undefined) return [];
      const compound = facts
        .slice(at + 1)
        .find((one) => one.exercise.kind === 'compound' && contribution(one.exercise, muscle) === 1);
      if (compound === undefined) return [];
      return [
        {
          id: `order/${slot.id}/${compound.slot.id}`,
          severity: 'note',
          place: { sessionId: session.id, slotId: slot.id },
          detail: {
            rule: 'order',
            session: session.name,
            isolation: exercise.id,
            compound: compound.exercise.id,
            muscle,
          },
          fixes: [
            {
              does: 'move slot',
              exerciseId: exercise.id,
              after: compound.exercise.id,
              edit: { kind: 'slot/move', slot: slot.id, session: session.id, after: compound.slot.id },
            },
          ],
        },
      ];
    });
  });
