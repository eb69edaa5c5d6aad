import { MUSCLES, type Muscle } from '../anatomy/muscle';
import type { Slot } from '../block/block';
import { newSlot } from '../block/new-slot';
import type { Exercise } from '../exercises/exercise';
import { isAtMost } from '../rounding';
import { setCount } from '../techniques/registry';
import { setCost } from '../timing/set-cost';
import { rangeCoverage } from '../volume/range-coverage';
import { asPlanned, type Check, type CheckInput, type Fix } from './finding';
import { type Placed, swapAll } from './swap-slots';
import { offered } from './volume-fixes';

/** The slot with most counted sets that trains a muscle directly. */
function mainSlot(muscle: Muscle, { block, week, exerciseOf }: CheckInput): Placed | undefined {
  const all = block.sessions.flatMap((session) => {
    const planned = week.sessions.find(({ sessionId }) => sessionId === session.id);
    return session.slots.flatMap((slot) => {
      if (session.optional || exerciseOf(asPlanned(slot)).contributions[muscle] !== 1) return [];
      const sets = planned?.slots.find(({ slotId }) => slotId === slot.id)?.sets ?? [];
      return [{ session, slot, hard: sets.filter(({ hard }) => hard).length }];
    });
  });
  return all.sort((a, b) => b.hard - a.hard)[0];
}

/** Whether an exercise trains the same muscles in the same proportions as another, at no more fatigue. */
function isAlike(one: Exercise, other: Exercise): boolean {
  return (
    one.kind === other.kind &&
    one.axialLoad <= other.axialLoad &&
    one.joints.every((joint) => other.joints.includes(joint)) &&
    MUSCLES.every((muscle) => (one.contributions[muscle] ?? 0) === (other.contributions[muscle] ?? 0))
  );
}

/** Seconds that another warm-up may take. */
const WARM_UP = 180;

/** Whether another exercise keeps a session within its time: work for one side at a time takes longer. */
function staysInTime(to: Exercise, slot: Slot, input: CheckInput): boolean {
  const session = input.week.sessions.find(({ slots }) => slots.some(({ slotId }) => slotId === slot.id));
  const limit = input.athlete.minutes * 60;
  if (session === undefined || !isAtMost(session.seconds.high, limit)) return true;
  const now = setCost(slot, input.exerciseOf(asPlanned(slot)), input.conventions);
  const then = setCost({ ...slot, tempo: newSlot(slot.id, to).tempo }, to, input.conventions);
  const longer = Math.max(0, then - now) * setCount(slot.technique);
  return isAtMost(session.seconds.high + longer + WARM_UP, limit);
}

/** Similar exercises that load each of these muscles when long, for its main slot. */
function stretchedAlternatives(muscles: readonly Muscle[], input: CheckInput): Fix | undefined {
  const asked = new Map<string, Placed>();
  for (const muscle of muscles) {
    const placed = mainSlot(muscle, input);
    if (placed === undefined) return undefined;
    asked.set(placed.slot.id, placed);
  }
  const suits = (exercise: Exercise, { slot }: Placed) =>
    exercise.hardest === 'stretched' &&
    isAlike(exercise, input.exerciseOf(asPlanned(slot))) &&
    staysInTime(exercise, slot, input);
  return swapAll([...asked.values()], input, suits);
}

/**
 * Growing muscles whose direct work is never hardest, nor done in half reps, at long length; one finding for all,
 * with similar exercises that load them there.
 */
export const neverStretched: Check = (input) => {
  const coverage = rangeCoverage(input);
  const never = MUSCLES.filter(
    (muscle) => coverage.get(muscle)?.stretched === 0 && input.week.muscles[muscle].goal !== 'hold',
  );
  const [first] = never;
  if (first === undefined) return [];
  return [
    {
      id: `never-stretched/${never.join(',')}`,
      severity: 'note',
      subject: { muscle: first },
      detail: { rule: 'never stretched', muscles: never },
      fixes: offered(stretchedAlternatives(never, input)),
    },
  ];
};
