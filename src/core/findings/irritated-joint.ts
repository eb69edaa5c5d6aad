import { RESTRICTED, type Slot } from '../block/block';
import { BOUNDS } from '../block/bounds';
import type { SingleEdit } from '../block/edits/edit';
import { exchangeExercise } from '../block/exchange-exercise';
import type { Exercise, Joint } from '../exercises/exercise';
import { contributionSimilarity } from '../exercises/similarity';
import {
  asPlanned,
  type Check,
  type CheckInput,
  type Finding,
  type Fix,
  type JointChange,
  type JointEase,
} from './finding';
import { type Placed, substitutesFor } from './swap-slots';

/** Reps by which longer sets exceed their bottom. */
const SPAN = 5;
/** Least likeness of the same movement with another implement. */
const SAME_LIFT = 0.8;

/** Whether a slot is already eased: long sets are light, and a restricted range leaves out the painful part. */
function isEased({ motion, range }: Slot, { conventions }: CheckInput): boolean {
  return RESTRICTED.some((one) => one === motion) || range.low >= conventions.jointReps;
}

/** Slots whose exercise, in its set-up, stresses a joint and that are not eased yet. */
export function stressing(joint: Joint, input: CheckInput): readonly Placed[] {
  return input.block.sessions.flatMap((session) =>
    session.slots
      .filter((slot) => input.exerciseOf(asPlanned(slot)).joints.includes(joint) && !isEased(slot, input))
      .map((slot): Placed => ({ session, slot })),
  );
}

/**
 * Exercises that stress an irritated joint; one finding per joint. Offered, in this order: longer and lighter sets,
 * a set-up or an implement that spares the joint, a restricted range, another exercise. Never training through pain;
 * sharp or lasting pain goes to a clinician.
 */
export const irritatedJoint: Check = (input) =>
  input.athlete.joints.flatMap(({ joint }): Finding[] => {
    const found = stressing(joint, input);
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
        fixes: jointEases(joint, found, input),
      },
    ];
  });

/** The ways to ease a joint that change at least one of these slots. */
export function jointEases(joint: Joint, found: readonly Placed[], input: CheckInput): readonly Fix[] {
  const spares = (exercise: Exercise) => !exercise.joints.includes(joint);
  const isOtherImplement = (to: Exercise, from: Exercise) =>
    to.pattern === from.pattern &&
    to.loading !== from.loading &&
    contributionSimilarity(to, from) >= SAME_LIFT;
  const swap = (how: JointEase, suits: (to: Exercise, from: Exercise) => boolean) => {
    const taken = new Map<string, Set<string>>();
    return easeFix(how, found, ({ session, slot }) => {
      const from = input.exerciseOf(asPlanned(slot));
      const used = taken.get(session.id) ?? new Set<string>();
      taken.set(session.id, used);
      const to = substitutesFor({ session, slot }, input, (one) => spares(one) && suits(one, from)).find(
        ({ id }) => !used.has(id),
      );
      if (to === undefined) return undefined;
      used.add(to.id);
      return { to: to.id, setUp: null, edits: exchangeExercise(slot, from, to) };
    });
  };
  return [
    easeFix('longer sets', found, ({ slot }) => longerSets(slot, input)),
    easeFix('another set-up', found, ({ slot }) => {
      const exercise = input.exerciseOf(asPlanned(slot));
      const setUp = exercise.variants.find((variant) => variant.spares?.includes(joint) === true);
      if (setUp === undefined) return undefined;
      const edit: SingleEdit = { kind: 'slot/set', slot: slot.id, field: 'variant', value: setUp.id };
      return { to: null, setUp: setUp.name, edits: [edit] };
    }),
    swap('another implement', isOtherImplement),
    easeFix('restricted range', found, ({ slot }) => ({
      to: null,
      setUp: null,
      edits: [{ kind: 'slot/set', slot: slot.id, field: 'motion', value: 'restricted' }],
    })),
    swap('another exercise', (to, from) => !isOtherImplement(to, from)),
  ].flatMap((fix) => fix ?? []);
}

function longerSets(slot: Slot, input: CheckInput): Omit<JointChange, 'exerciseId' | 'session'> | undefined {
  if (input.exerciseOf(asPlanned(slot)).measure === 'seconds') return undefined;
  const low = input.conventions.jointReps;
  const span = Math.max(SPAN, slot.range.high - slot.range.low);
  const value = { low, high: Math.min(BOUNDS.reps.high, low + span) };
  return { to: null, setUp: null, edits: [{ kind: 'slot/set', slot: slot.id, field: 'range', value }] };
}

/** A fix of all slots for which there is a change; undefined if there is none. */
function easeFix(
  how: JointEase,
  found: readonly Placed[],
  changeOf: (placed: Placed) => Omit<JointChange, 'exerciseId' | 'session'> | undefined,
): Fix | undefined {
  const changes = found.flatMap((placed): JointChange[] => {
    const change = changeOf(placed);
    return change === undefined
      ? []
      : [{ exerciseId: placed.slot.exercise.id, session: placed.session.name, ...change }];
  });
  return changes.length === 0 ? undefined : easing(how, changes);
}

/** The fix that makes only these changes. */
export function easing(
  how: JointEase,
  changes: readonly JointChange[],
): Fix & { readonly does: 'ease joint' } {
  return {
    does: 'ease joint',
    how,
    changes,
    edit: { kind: 'batch', edits: changes.flatMap(({ edits }) => edits) },
  };
}
