import type { Slot } from '../block/block';
import type { SingleEdit } from '../block/edits/edit';
import { innerTechnique, setCount, startOf, withSetCount } from '../techniques/registry';
import { asPlanned, type Check, type Finding } from './finding';

/**
 * Stretched half reps on an exercise that is hardest elsewhere or where nobody can get out of the hole alone, and half
 * reps in every slot of a session with free weights.
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
    const unsafe = halves.flatMap((slot): Finding[] => {
      const { id: exerciseId, failableAlone, canSetDown } = exerciseOf(asPlanned(slot));
      if (failableAlone || canSetDown === true || slot.safety !== '') return [];
      return [
        {
          id: `unsafe-halves/${slot.id}`,
          severity: 'warn',
          subject: { sessionId: session.id, slotId: slot.id },
          detail: { rule: 'unsafe halves', exerciseId, session: session.name },
          fixes: [{ does: 'full range', exerciseId, edit: { kind: 'batch', edits: wholeReps(slot) } }],
        },
      ];
    });
    const free = session.slots.find((slot) =>
      ['barbell', 'dumbbell'].includes(exerciseOf(asPlanned(slot)).loading),
    );
    const all = halves.length === session.slots.length && halves.length > 1;
    if (!all || free === undefined) return [...unsafe, ...unsuited];
    return [
      ...unsafe,
      {
        id: `all-halves/${session.id}`,
        severity: 'warn',
        subject: { sessionId: session.id, slotId: free.id },
        detail: { rule: 'all halves', session: session.name, exerciseId: free.exercise.id },
        fixes: [],
      },
    ];
  });

/** Full reps instead of half ones, with as many sets. */
function wholeReps({ id, motion, technique }: Slot): readonly SingleEdit[] {
  const straight = withSetCount(startOf('straight'), setCount(technique));
  return [
    ...(motion === 'full' ? [] : [{ kind: 'slot/set', slot: id, field: 'motion', value: 'full' } as const]),
    ...(innerTechnique(technique).kind === 'lengthened partials'
      ? [{ kind: 'slot/set', slot: id, field: 'technique', value: straight } as const]
      : []),
  ];
}
