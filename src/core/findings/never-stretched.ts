import { MUSCLES, type Muscle } from '../anatomy/muscle';
import { missingEquipment, placeFor } from '../athlete/place';
import type { Slot } from '../block/block';
import { newSlot } from '../block/new-slot';
import { contribution, type Exercise } from '../exercises/exercise';
import { LIBRARY } from '../exercises/library';
import { isAtMost } from '../rounding';
import { exerciseGate } from '../techniques/gates';
import { setCount } from '../techniques/registry';
import { setCost } from '../timing/set-cost';
import { rangeCoverage } from '../volume/range-coverage';
import { asPlanned, type Check, type CheckInput, lazyFixes } from './finding';
import { type Placed, swapAll } from './swap-slots';
import { offered } from './volume-fixes';

/** Slots that train a muscle directly, those with most counted sets first. */
function directSlots(muscle: Muscle, { block, week, exerciseOf }: CheckInput): readonly Placed[] {
  const all = block.sessions.flatMap((session) => {
    const planned = week.sessions.find(({ sessionId }) => sessionId === session.id);
    return session.slots.flatMap((slot) => {
      if (session.optional || exerciseOf(asPlanned(slot)).contributions[muscle] !== 1) return [];
      const sets = planned?.slots.find(({ slotId }) => slotId === slot.id)?.sets ?? [];
      return [{ session, slot, hard: sets.filter(({ hard }) => hard).length }];
    });
  });
  return all.sort((a, b) => b.hard - a.hard);
}

const STRETCHED = LIBRARY.filter(({ hardest }) => hardest === 'stretched');

/** Whether an exercise trains the same muscles in the same proportions as another, at no more fatigue. */
function isAlike(one: Exercise, other: Exercise): boolean {
  return (
    one.kind === other.kind &&
    // The other side's set is rest too.
    one.sides === other.sides &&
    one.axialLoad <= other.axialLoad &&
    one.joints.every((joint) => other.joints.includes(joint)) &&
    MUSCLES.every((muscle) => contribution(one, muscle) === contribution(other, muscle))
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

/** Whether an exercise can take a slot's place and load its muscle when long. */
function suits(one: Exercise, { session, slot }: Placed, input: CheckInput): boolean {
  return (
    one.hardest === 'stretched' &&
    isAlike(one, input.exerciseOf(asPlanned(slot))) &&
    missingEquipment(one, placeFor(input.athlete, session.place)).length === 0 &&
    exerciseGate(slot, one) === null &&
    session.slots.every(({ exercise }) => exercise.id !== one.id) &&
    staysInTime(one, slot, input)
  );
}

/** The first slot of a muscle for which a similar exercise that loads it when long is possible at its place. */
function mendable(muscle: Muscle, input: CheckInput): Placed | undefined {
  return directSlots(muscle, input).find((placed) => STRETCHED.some((one) => suits(one, placed, input)));
}

/**
 * Growing muscles whose direct work is never hardest, nor done in half reps, at long length, although a similar
 * exercise that loads them there is possible; one finding for all.
 */
export const neverStretched: Check = (input) => {
  const coverage = rangeCoverage(input);
  const found = MUSCLES.flatMap((muscle) => {
    if (coverage.get(muscle)?.stretched !== 0 || input.week.muscles[muscle].goal === 'hold') return [];
    const placed = mendable(muscle, input);
    return placed === undefined ? [] : [{ muscle, placed }];
  });
  const [first] = found;
  if (first === undefined) return [];
  const never = found.map(({ muscle }) => muscle);
  const slots = [...new Map(found.map(({ placed }) => [placed.slot.id, placed])).values()];
  return [
    {
      id: `never-stretched/${never.join(',')}`,
      severity: 'note',
      subject: { muscle: first.muscle },
      detail: { rule: 'never stretched', muscles: never },
      fixes: lazyFixes(input, () =>
        offered(swapAll(slots, input, (exercise, placed) => suits(exercise, placed, input))),
      ),
    },
  ];
};
