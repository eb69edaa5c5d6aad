import type { Session, Slot } from '../block/block';
import { groupsOf } from '../block/groups';
import type { Conventions } from '../conventions/conventions';
import type { Exercise } from '../exercises/exercise';
import { setTime } from './set-cost';

/**
 * Seconds that the other members of its group take between two sets of a slot, beyond the slot's own rest: their sets,
 * the changes, and the rest after the round in place of its own. 0 for a slot alone.
 */
export function restBetween(
  slot: Slot,
  session: Pick<Session, 'slots'>,
  exerciseOf: (slot: Slot) => Exercise,
  conventions: Conventions,
): number {
  const group = groupsOf(session).find((members) => members.some(({ id }) => id === slot.id)) ?? [];
  if (group.length < 2) return 0;
  const others = group.filter(({ id }) => id !== slot.id);
  const sets = others.reduce((sum, one) => sum + setTime(one, exerciseOf(one), conventions), 0);
  const after = group.at(-1)?.rest ?? slot.rest;
  return sets + conventions.groupChange * (group.length - 1) + after - slot.rest;
}
