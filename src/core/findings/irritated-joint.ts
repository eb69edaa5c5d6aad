import { asPlanned, type Check, type Finding } from './finding';

/** An exercise stresses a joint that is irritated. Never mended by training through it: the coach looks. */
export const irritatedJoint: Check = ({ block, athlete, exerciseOf }) => {
  if (athlete.joints.length === 0) return [];
  return block.sessions.flatMap((session) =>
    session.slots.flatMap((slot): Finding[] => {
      const exercise = exerciseOf(asPlanned(slot));
      return athlete.joints
        .filter(({ joint }) => exercise.joints.includes(joint))
        .map(({ joint }) => ({
          id: `irritated-joint/${slot.id}/${joint}`,
          severity: 'note' as const,
          place: { sessionId: session.id, slotId: slot.id },
          detail: { rule: 'irritated joint' as const, exerciseId: exercise.id, joint, session: session.name },
          fixes: [],
        }));
    }),
  );
};
