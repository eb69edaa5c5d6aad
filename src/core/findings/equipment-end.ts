import { placeFor } from '../athlete/place';
import { findSlot } from '../block/block';
import { loadGrid } from '../loading/grid';
import type { SlotPlan } from '../plan/slot';
import { isAtLeast } from '../rounding';
import { techniqueParts } from '../techniques/registry';
import { type Check, type CheckInput, type Finding, lazyFixes } from './finding';
import { swapFixes } from './swap-slots';

/** Reps by which the heaviest load is predicted to pass the top of the range, from which the equipment ends. */
const PAST_TOP = 3;

/**
 * Exercises whose lightest load at the place leaves the bottom of the range out of reach, or whose heaviest passes its
 * top by three reps or more, at the asked RIR. Bodyweight alone has no end.
 */
export const equipmentEnd: Check = (input) => {
  if (input.week.kind === 'deload') return [];
  return input.week.sessions.flatMap((session) =>
    session.slots.flatMap((planned): Finding[] => {
      const end = endOf(planned, session.sessionId, input);
      const placed = findSlot(input.block, planned.slotId);
      if (end === null || placed === undefined) return [];
      return [
        {
          id: `equipment-end/${planned.slotId}`,
          severity: 'warn',
          subject: { sessionId: session.sessionId, slotId: planned.slotId, week: input.week.week },
          detail: {
            rule: 'equipment end',
            exerciseId: planned.exerciseId,
            session: session.name,
            unit: planned.unit,
            range: planned.range ?? placed.slot.range,
            ...end,
          },
          fixes: lazyFixes(input, () => swapFixes([placed], input)),
        },
      ];
    }),
  );
};

interface End {
  readonly end: 'lightest' | 'heaviest';
  readonly load: number;
  /** Reps that leave the asked RIR there. */
  readonly reps: number;
}

function endOf(planned: SlotPlan, sessionId: string, { block, athlete }: CheckInput): End | null {
  const [first] = planned.sets;
  const { load: why, sets } = planned.why;
  const range = planned.range;
  if (first === undefined || first.load === null || first.predictedRir === null || range === undefined)
    return null;
  // Easy weeks and loads that the coach gave are no matter of the equipment.
  if (why.code !== 'load/best-fit' || why.rule === 'share of the max' || sets.code === 'sets/easy')
    return null;
  if (planned.measure === 'seconds' || planned.loading === 'none' || first.weekRir !== undefined) return null;
  // Reps that a technique sets are fitted to it; bodyweight alone asks what it allows.
  const [part] = techniqueParts(planned.technique);
  if (part?.range !== undefined || part?.minis !== undefined || first.load === 0) return null;
  const place = placeFor(athlete, block.sessions.find(({ id }) => id === sessionId)?.place ?? null);
  const { steps } = loadGrid(planned.loading, place.loads);
  const loads = steps.map((step) => step / 100).filter((load) => planned.carried + load > 0);
  // A single load is no range of equipment.
  if (loads.length < 2) return null;
  const [lightest, heaviest] = [loads[0], loads.at(-1)];
  const reps = Math.max(0, Math.floor(first.predictedRir + first.reps - first.rir + 1e-9));
  const { low, high } = why.range;
  if (first.load === lightest && reps < low) return { end: 'lightest', load: lightest, reps };
  if (first.load === heaviest && isAtLeast(reps, high + PAST_TOP))
    return { end: 'heaviest', load: heaviest, reps };
  return null;
}
