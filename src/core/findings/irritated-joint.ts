import { asPlanned, type Check, type Finding } from './finding';

/** Exercises stress a joint that is irritated; one finding a joint. Never mended by training through it: the coach looks. */
export const irritatedJoint: Check = ({ block, athlete, exerciseOf }) =>
  athlete.joints.flatMap(({ joint }): Finding[] => {
    const found = block.sessions.flatMap((session) =>
      session.slots
        .filter((slot) => exerciseOf(asPlanned(slot)).joints.includes(joint))
        .map((slot) => ({ sessionId: session.id, slotId: slot.id, exerciseId: slot.exercise.id })),
    );
    const [first] = found;
    if (first === undefined) return [];
    const { sessionId, slotId } = first;
    return [
      {
        id: `irritated-joint/${joint}`,
        severity: 'note',
        subject: { sessionId, slotId },
        detail: {
          rule: 'irritated joint',
          joint,
          exerciseIds: [...new Set(found.map(({ exerciseId }) => exerciseId))],
        },
        fixes: [],
      },
    ];
  });
