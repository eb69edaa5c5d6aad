import { findSlot, type Slot } from '../block/block';
import { BOUNDS } from '../block/bounds';
import { driftPerSet, smallReps } from '../effort/drift';
import type { SetPlan } from '../plan/set';
import type { SlotPlan } from '../plan/slot';
import { isAtMost, roundHalfUp } from '../rounding';
import { keepsReps, techniqueParts } from '../techniques/registry';
import type { Check, CheckInput, Finding, Fix } from './finding';
import { changeSets } from './slot-sets';

/** Longest rest suggested, in seconds, and the step by which it is lengthened. */
const LONGEST_REST = 300;
const REST_STEP = 15;

/** Sets whose reps fall below the range because it is too narrow for the drop-off. */
export const belowRange: Check = (input) => {
  if (input.week.kind === 'deload' || input.block.rangeBinds === 'first set') return [];
  return input.week.sessions.flatMap((session) =>
    session.slots.flatMap((planned): Finding[] => {
      const slot = findSlot(input.block, planned.slotId)?.slot;
      if (slot === undefined || planned.override !== null || planned.why.sets.code === 'sets/easy') return [];
      const short = firstShort(slot, planned);
      if (short === null) return [];
      return [
        {
          id: `below-range/${slot.id}`,
          severity: 'warn',
          subject: { sessionId: session.sessionId, slotId: slot.id, week: input.week.week },
          detail: {
            rule: 'below range',
            exerciseId: planned.exerciseId,
            session: session.name,
            set: short.set,
            reps: short.reps,
            low: rangeOf(slot, planned).low,
            high: rangeOf(slot, planned).high,
          },
          fixes: belowRangeFixes(slot, planned, input),
        },
      ];
    }),
  );
};

/** The slot's range in the week, as its phase changes it. */
const rangeOf = (slot: Slot, planned: SlotPlan) => planned.range ?? slot.range;

/** The first set below the slot's own range; null if there is none. */
function firstShort(slot: Slot, planned: SlotPlan): { readonly set: number; readonly reps: number } | null {
  const [part] = techniqueParts(planned.technique);
  if (part === undefined || part.range !== undefined || part.repOffset !== 0) return null;
  if (keepsReps(planned.technique) || slot.drift !== 'hold RIR') return null;
  const own = planned.sets.filter(
    ({ role, piece, optional }) => role === part.role && piece === 1 && !optional,
  );
  const [first] = own;
  const { low } = rangeOf(slot, planned);
  if (first === undefined || isOutOfReach(first, planned)) return null;
  // If the equipment has no load at which set 1 reaches the reps that keep the later sets in the range, the set's
  // reason says so, and the range is not at fault.
  const { load } = planned.why;
  const isCoarse =
    load.code === 'load/best-fit' &&
    (load.fit.decider === 'next load nearer the range' || load.fit.decider === 'below the range');
  if (isCoarse && first.reps < load.range.low) return null;
  const at = own.findIndex(({ reps }) => reps < low);
  return at < 0 ? null : { set: at + 1, reps: own[at]?.reps ?? 0 };
}

/** Whether a hold is asked for longer than the athlete can: it is reported as out of reach. */
function isOutOfReach({ predictedRir, rir }: SetPlan, { measure }: SlotPlan): boolean {
  return measure === 'seconds' && predictedRir !== null && isAtMost(predictedRir, rir - 1);
}

/**
 * A longer rest, fewer sets, a wider range, or the same reps in every set: whichever brings the last set back into
 * the range.
 */
function belowRangeFixes(slot: Slot, planned: SlotPlan, { near, exerciseOf }: CheckInput): readonly Fix[] {
  const { reps } = planned.why;
  if (reps.code !== 'reps/drift') return [];
  const { low, high } = rangeOf(slot, planned);
  // The written range is widened, not the phase's.
  const written = slot.range;
  const [part] = techniqueParts(planned.technique);
  const sets = part?.sets ?? 1;
  const exerciseId = planned.exerciseId;
  const exercise = exerciseOf(planned);
  /** Whether this many sets stay in the range at this rest, up to this top. */
  const fits = (seconds: number, count: number, top = high) => {
    const lost = driftPerSet(seconds, near.ofExercise(exercise), smallReps(exercise, top));
    return low + roundHalfUp(lost * (count - 1)) <= top;
  };
  const set = <F extends 'rest' | 'range' | 'drift'>(field: F, value: Slot[F]) =>
    ({ kind: 'slot/set', slot: slot.id, field, value }) as Fix['edit'];
  const fixes: Fix[] = [];
  for (let rest = slot.rest + REST_STEP; rest <= LONGEST_REST; rest += REST_STEP) {
    if (!fits(reps.seconds + rest - slot.rest, sets)) continue;
    fixes.push({ does: 'lengthen rest', exerciseId, rest, edit: set('rest', rest) });
    break;
  }
  for (let less = 1; less < sets; less++) {
    if (!fits(reps.seconds, sets - less)) continue;
    const edit = changeSets(slot, -less);
    if (edit !== undefined) fixes.push({ does: 'drop sets', sets: less, exerciseIds: [exerciseId], edit });
    break;
  }
  let wider = high;
  while (wider <= BOUNDS.reps.high && !fits(reps.seconds, sets, wider)) wider++;
  if (wider <= BOUNDS.reps.high)
    fixes.push({
      does: 'widen range',
      exerciseId,
      low: written.low,
      high: written.high + wider - high,
      edit: set('range', { low: written.low, high: written.high + wider - high }),
    });
  fixes.push({ does: 'hold reps', exerciseId, edit: set('drift', 'hold reps') });
  return fixes;
}
