import type { Muscle } from '../anatomy/muscle';
import { missingEquipment, placeFor } from '../athlete/place';
import { findSlot, type Session, type Slot } from '../block/block';
import { credits } from '../exercises/exercise';
import { setCount, withSetCount } from '../techniques/registry';
import { setCost } from '../timing/set-cost';
import { sessionsOf } from './cycle';
import { asPlanned, type CheckInput, type Fix } from './finding';
import { isAllHard, slotsFor, writtenSlot } from './slot-sets';

/** Least sets on a muscle's further day: enough to count as hard training. */
const LEAST_SETS = 2;

type Spread = Extract<Fix, { readonly does: 'spread sets' }>;

/** The week with a slot's exercise added to the end of another session, for this many sets. */
export function withSlotToo(input: CheckInput, slotId: string, target: string, sets: number): CheckInput {
  const copied = input.week.sessions.flatMap(({ slots }) => slots).find((slot) => slot.slotId === slotId);
  if (copied === undefined) return input;
  const added = { ...copied, sets: copied.sets.slice(0, sets) };
  const sessions = input.week.sessions.map((session) =>
    session.sessionId === target ? { ...session, slots: [...session.slots, added] } : session,
  );
  return { ...input, week: { ...input.week, sessions } };
}

/** An unused id for a second slot of an exercise, the same each time it is offered. */
function secondId(slot: Slot, input: CheckInput): string {
  let id = `${slot.id.slice(0, 60)}-2`;
  for (let at = 3; findSlot(input.block, id) !== undefined; at++) id = `${slot.id.slice(0, 60)}-${at}`;
  return id;
}

/**
 * A further day for a muscle: half the sets of its largest slot if it can spare them, otherwise two new sets as far
 * as budget and maximums allow. One offer for each session that does not train it yet and has the equipment, the time
 * and room under the session cap; those with most time first.
 */
export function spreadSets(muscle: Muscle, input: CheckInput): readonly Spread[] {
  const [largest] = [...slotsFor(muscle, input)].sort(
    (a, b) => setCount(b.technique) - setCount(a.technique),
  );
  const planned = largest && writtenSlot(largest, input);
  if (largest === undefined || planned === undefined || !isAllHard(planned)) return [];
  const exercise = input.exerciseOf(asPlanned(largest));
  const now = setCount(largest.technique);
  const moved = now >= 2 * LEAST_SETS ? Math.floor(now / 2) : 0;
  const sets = moved === 0 ? LEAST_SETS : moved;
  const cost = sets * setCost(largest, exercise, input.conventions);
  const seen = sessionsOf(input);
  const seenOf = ({ id }: Session) => seen.find(({ session }) => session.sessionId === id);
  const takes = (session: Session) => {
    const credit = (one: Muscle) => seenOf(session)?.credit.get(one) ?? 0;
    return (
      !session.optional &&
      !session.slots.some((slot) => slot.exercise.id === largest.exercise.id) &&
      missingEquipment(exercise, placeFor(input.athlete, session.place)).length === 0 &&
      credit(muscle) < input.conventions.exposureCredit &&
      credits(exercise).every(
        ([one, share]) =>
          credit(one) + sets * share <= Math.max(credit(one), input.near.ofMuscle(one).sessionCap),
      )
    );
  };
  const spare = (session: Session) =>
    input.athlete.minutes * 60 - (seenOf(session)?.session.seconds.high ?? 0);
  if (moved === 0 && !hasRoomForSets(sets, largest, input)) return [];
  return input.block.sessions
    .filter((session) => takes(session) && spare(session) >= cost)
    .sort((a, b) => spare(b) - spare(a))
    .map((session): Spread => {
      const added = {
        kind: 'slot/add',
        session: session.id,
        after: session.slots.at(-1)?.id ?? null,
        slot: {
          ...largest,
          id: secondId(largest, input),
          technique: withSetCount(largest.technique, sets),
          joined: false,
        },
      } as const;
      const taken = {
        kind: 'slot/set',
        slot: largest.id,
        field: 'technique',
        value: withSetCount(largest.technique, now - moved),
      } as const;
      return {
        does: 'spread sets',
        exerciseId: exercise.id,
        slot: largest.id,
        session: session.name,
        target: session.id,
        sets,
        added: moved === 0,
        edit: moved === 0 ? added : { kind: 'batch', edits: [taken, added] },
      };
    });
}

/** Whether this many more sets of a slot keep the week within budget and every muscle within its maximum. */
function hasRoomForSets(sets: number, slot: Slot, input: CheckInput): boolean {
  const exercise = input.exerciseOf(asPlanned(slot));
  const perWeek = (sets * 7) / input.block.cycleDays;
  if (input.week.hardSets + perWeek > input.week.budget) return false;
  return credits(exercise).every(
    ([muscle, share]) =>
      input.week.muscles[muscle].measured + perWeek * share <= input.week.muscles[muscle].landmarks.ceiling,
  );
}
