import { missingEquipment, placeFor } from '../athlete/place';
import { exchangeExercise } from '../block/exchange-exercise';
import { variationChain } from '../exercises/catalogue';
import { LIBRARY } from '../exercises/library';
import { innerTechnique } from '../techniques/registry';
import type { Check, Finding } from './finding';

/**
 * All logged sets at the top of the range on a slot with a chain of variations: the next harder one is due, at the
 * bottom of the range. Holds progress by seconds.
 */
export const nextVariation: Check = ({ block, athlete, blockPlan, exerciseOf }) => {
  const last = blockPlan.weeks
    .filter(({ plan, performed }) => plan.kind === 'building' && performed.size > 0)
    .at(-1);
  if (last === undefined) return [];
  return last.plan.sessions.flatMap(({ sessionId, name, slots }) =>
    slots.flatMap((planned): Finding[] => {
      const slot = block.sessions
        .find(({ id }) => id === sessionId)
        ?.slots.find(({ id }) => id === planned.slotId);
      if (slot === undefined || slot.exercise.id !== planned.exerciseId) return [];
      if (slot.loadRule !== 'variation chain' && innerTechnique(slot.technique).kind !== 'static hold')
        return [];
      const done = planned.sets.map(
        ({ id }) => last.performed.get(sessionId)?.sets.get(`${slot.id}/${id}`)?.set.reps ?? 0,
      );
      if (done.length === 0 || done.some((reps) => reps < slot.range.high)) return [];
      const exercise = exerciseOf(planned);
      const chain = variationChain(exercise, { list: LIBRARY });
      const next = chain[chain.findIndex(({ id }) => id === exercise.id) + 1];
      if (next === undefined || chain.length === 0) return [];
      const place = block.sessions.find(({ id }) => id === sessionId)?.place ?? null;
      const missing = missingEquipment(next, placeFor(athlete, place)).length > 0;
      return [
        {
          id: `next-variation/${slot.id}`,
          severity: 'note',
          subject: { sessionId, slotId: slot.id },
          detail: {
            rule: 'next variation',
            exerciseId: exercise.id,
            next: next.id,
            reps: slot.range.high,
            session: name,
          },
          fixes: missing
            ? []
            : [
                {
                  does: 'next variation',
                  exerciseId: next.id,
                  edit: {
                    kind: 'batch',
                    edits: exchangeExercise(slot, exercise, next),
                  },
                },
              ],
        },
      ];
    }),
  );
};
