import type { Muscle } from '../anatomy/muscle';
import type { Slot } from '../block/block';
import type { SingleEdit } from '../block/edits/edit';
import { contribution, payoff } from '../exercises/exercise';
import type { SlotPlan } from '../plan/slot';
import { setCount, setLimits, withSetCount } from '../techniques/registry';
import { asPlanned, type CheckInput } from './finding';

/** The edit that changes a slot's number of sets; undefined if its technique has no room for that. */
export function changeSets(slot: Slot, by: number): SingleEdit | undefined {
  const sets = setCount(slot.technique) + by;
  const { least, most } = setLimits(slot.technique);
  if (sets < least || sets > most) return undefined;
  return { kind: 'slot/set', slot: slot.id, field: 'technique', value: withSetCount(slot.technique, sets) };
}

/** Slots that train a muscle as prime mover, best payoff first. */
export function slotsFor(muscle: Muscle, input: CheckInput): readonly Slot[] {
  const facts = (slot: Slot) => input.exerciseOf(asPlanned(slot));
  return input.block.sessions
    .flatMap((session) => session.slots)
    .filter((slot) => contribution(facts(slot), muscle) === 1)
    .sort((a, b) => payoff(facts(b)) - payoff(facts(a)));
}

/** A written slot in the week being checked. */
export function writtenSlot(slot: Slot, { week }: Pick<CheckInput, 'week'>): SlotPlan | undefined {
  for (const { slots } of week.sessions) {
    const planned = slots.find(({ slotId }) => slotId === slot.id);
    if (planned !== undefined) return planned;
  }
  return undefined;
}

/** Whether every set of a slot counts, so that adding or removing one changes the hard sets by one. */
export function isAllHard({ sets }: Pick<SlotPlan, 'sets'>): boolean {
  return sets.every(({ hard, optional }) => hard || optional);
}
