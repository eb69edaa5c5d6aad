import type { Slot } from '../block/block';
import { BOUNDS } from '../block/bounds';
import type { Joint } from '../exercises/exercise';
import { asPlanned, type Check, type CheckInput, type Finding, type Fix } from './finding';
import { type Placed, swapAll } from './swap-slots';
import { offered } from './volume-fixes';

/** Reps by which longer sets exceed their bottom. */
const SPAN = 5;

/** Whether a slot is already eased: long sets are light, and a restricted range leaves out the painful part. */
function isEased({ motion, range }: Slot, { conventions }: CheckInput): boolean {
  return motion === 'restricted' || range.low >= conventions.jointReps;
}

/**
 * Exercises that stress an irritated joint; one finding per joint. Offered, in this order: longer and lighter sets, a
 * restricted range, another exercise. Never training through pain; sharp or lasting pain goes to a clinician.
 */
export const irritatedJoint: Check = (input) =>
  input.athlete.joints.flatMap(({ joint }): Finding[] => {
    const found = input.block.sessions.flatMap((session) =>
      session.slots
        .filter((slot) => input.exerciseOf(asPlanned(slot)).joints.includes(joint) && !isEased(slot, input))
        .map((slot): Placed => ({ session, slot })),
    );
    const [first] = found;
    if (first === undefined) return [];
    return [
      {
        id: `irritated-joint/${joint}`,
        severity: 'note',
        subject: { sessionId: first.session.id, slotId: first.slot.id },
        detail: {
          rule: 'irritated joint',
          joint,
          exerciseIds: [...new Set(found.map(({ slot }) => slot.exercise.id))],
        },
        fixes: fixesOf(joint, found, input),
      },
    ];
  });

function fixesOf(joint: Joint, found: readonly Placed[], input: CheckInput): readonly Fix[] {
  const low = input.conventions.jointReps;
  const isCounted = ({ slot }: Placed) => input.exerciseOf(asPlanned(slot)).measure !== 'seconds';
  const exerciseIds = [...new Set(found.map(({ slot }) => slot.exercise.id))];
  const longer: Fix = {
    does: 'ease joint',
    how: 'longer sets',
    exerciseIds,
    edit: {
      kind: 'batch',
      edits: found.map(({ slot }) => ({
        kind: 'slot/set',
        slot: slot.id,
        field: 'range',
        value: {
          low,
          high: Math.min(BOUNDS.reps.high, low + Math.max(SPAN, slot.range.high - slot.range.low)),
        },
      })),
    },
  };
  const restricted: Fix = {
    does: 'ease joint',
    how: 'restricted range',
    exerciseIds,
    edit: {
      kind: 'batch',
      edits: found.map(({ slot }) => ({
        kind: 'slot/set',
        slot: slot.id,
        field: 'motion',
        value: 'restricted',
      })),
    },
  };
  return [
    ...(found.every(isCounted) ? [longer] : []),
    restricted,
    ...offered(swapAll(found, input, ({ joints }) => !joints.includes(joint))),
  ];
}
