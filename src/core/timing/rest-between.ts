import type { Session, Slot } from '../block/block';
import { groupsOf, isAcross } from '../block/groups';
import type { Conventions } from '../conventions/conventions';
import type { Exercise } from '../exercises/exercise';
import { setCount } from '../techniques/registry';
import { pieceTime, setTime } from './set-cost';

/**
 * Seconds that the other members of its group take between two sets of a slot, beyond the slot's own rest: the sets of
 * those that are in the round, the changes, and the rest after the round in place of its own; over all its rounds but
 * the last on average. 0 for a slot alone.
 */
export function restBetween(
  slot: Slot,
  session: Pick<Session, 'slots'>,
  exerciseOf: (slot: Slot) => Exercise,
  conventions: Conventions,
): number {
  const group = groupOf(slot, session);
  if (group.length < 2) return 0;
  const gaps = Math.max(1, setCount(slot.technique) - 1);
  let seconds = 0;
  for (let round = 1; round <= gaps; round++) {
    const members = group.filter((one) => one.id === slot.id || setCount(one.technique) >= round);
    for (const one of members) if (one.id !== slot.id) seconds += setTime(one, exerciseOf(one), conventions);
    seconds +=
      conventions.groupChange * (members.length - 1) + (members.at(-1)?.rest ?? slot.rest) - slot.rest;
  }
  return seconds / gaps;
}

function groupOf(slot: Slot, session: Pick<Session, 'slots'>): readonly Slot[] {
  return groupsOf(session).find((members) => members.some(({ id }) => id === slot.id)) ?? [];
}

/**
 * Seconds that the other members of its group take between two pieces of a slot, beyond the slot's own pause, where the
 * group is done piece by piece: theirs, the changes, and the pause after the last member in place of its own. By the
 * minute each member has its own one. Null where the group is not done so.
 */
export function awayBetween(
  slot: Slot,
  session: Pick<Session, 'slots'>,
  exerciseOf: (slot: Slot) => Exercise,
  conventions: Conventions,
): number | null {
  const group = groupOf(slot, session);
  if (!isAcross(group)) return null;
  const pieces = group.map((one) => ({ id: one.id, ...pieceTime(one, exerciseOf(one), conventions) }));
  const own = pieces.find(({ id }) => id === slot.id);
  const last = pieces.at(-1);
  if (own === undefined || last === undefined) return null;
  const others = pieces.reduce((sum, { id, seconds }) => (id === slot.id ? sum : sum + seconds), 0);
  if (own.byMinute) return others;
  return others + conventions.groupChange * (group.length - 1) + last.pause - own.pause;
}
