import { innerTechnique } from '../techniques/registry';
import { asPlanned, type Check, type Finding } from './finding';

/**
 * Stretched half reps on an exercise that is hardest elsewhere, and half reps in every slot of a session with free
 * weights.
 */
export const longHalf: Check = ({ block, exerciseOf }) =>
  block.sessions.flatMap((session): Finding[] => {
    const halves = session.slots.filter(
      ({ technique, motion }) =>
        motion === 'long half' || innerTechnique(technique).kind === 'lengthened partials',
    );
    const unsuited = halves.flatMap((slot): Finding[] => {
      const exercise = exerciseOf(asPlanned(slot));
      if (exercise.hardest === 'stretched') return [];
      return [
        {
          id: `long-half/${slot.id}`,
          severity: 'note',
          subject: { sessionId: session.id, slotId: slot.id },
          detail: {
            rule: 'long half',
            exerciseId: exercise.id,
            hardest: exercise.hardest,
            session: session.name,
          },
          fixes: [],
        },
      ];
    });
    const free = session.slots.find((slot) =>
      ['barbell', 'dumbbell'].includes(exerciseOf(asPlanned(slot)).loading),
    );
    const all = halves.length === session.slots.length && halves.length > 1;
    if (!all || free === undefined) return unsuited;
    return [
      {
        id: `all-halves/${session.id}`,
        severity: 'warn',
        subject: { sessionId: session.id, slotId: free.id },
        detail: { rule: 'all halves', session: session.name, exerciseId: free.exercise.id },
        fixes: [],
      },
    ];
  });
