import type { Session, Slot } from '../block/block';
import { groupSlots, isPieceByPiece } from '../block/groups';
import type { Conventions } from '../conventions/conventions';
import type { Exercise } from '../exercises/exercise';
import { setCount } from '../techniques/registry';
import { restOwed } from './rest-owed';
import { pieceTime, setTime } from './set-cost';

/**
 * Seconds that the other exercises of a group take between two sets of a slot, beyond the slot's own rest: the sets
 * of those in the round, the changes, and the rest after the round instead of its own, which is the longest that any
 * of them still needs; averaged over all rounds but the last. 0 for a single slot.
 */
export function restBetween(
  slot: Slot,
  session: Pick<Session, 'slots'>,
  exerciseOf: (slot: Slot) => Exercise,
  conventions: Conventions,
): number {
  const group = slotGroup(slot, session);
  if (group.length < 2) return 0;
  const gaps = Math.max(1, setCount(slot.technique) - 1);
  let seconds = 0;
  for (let round = 1; round <= gaps; round++) {
    const members = group
      .filter((one) => one.id === slot.id || setCount(one.technique) >= round)
      .map((one) => ({
        id: one.id,
        rest: one.rest,
        seconds: setTime(one, exerciseOf(one), conventions),
      }));
    const owed = restOwed(members, conventions.groupChange);
    seconds +=
      secondsOfOthers(members, slot) + conventions.groupChange * (members.length - 1) + owed - slot.rest;
  }
  return seconds / gaps;
}

function slotGroup(slot: Slot, session: Pick<Session, 'slots'>): readonly Slot[] {
  return groupSlots(session).find((members) => members.some(({ id }) => id === slot.id)) ?? [];
}

/**
 * Seconds that the other exercises of a group take between two parts of a slot, beyond the slot's own pause, if the
 * group alternates piece by piece: their parts, the changes, and the longest pause that any of them still needs after
 * the last one instead of its own. Every-minute exercises each have their own minute. Null if the group does not
 * alternate this way.
 */
export function secondsBetweenPieces(
  slot: Slot,
  session: Pick<Session, 'slots'>,
  exerciseOf: (slot: Slot) => Exercise,
  conventions: Conventions,
): number | null {
  const group = slotGroup(slot, session);
  if (!isPieceByPiece(group)) return null;
  const pieces = group.map((one) => ({ id: one.id, ...pieceTime(one, exerciseOf(one), conventions) }));
  const own = pieces.find(({ id }) => id === slot.id);
  if (own === undefined) return null;
  const others = secondsOfOthers(pieces, slot);
  if (own.byMinute) return others;
  const owed = restOwed(
    pieces.map(({ seconds, pause }) => ({ rest: pause, seconds })),
    conventions.groupChange,
  );
  return others + conventions.groupChange * (group.length - 1) + owed - own.pause;
}

function secondsOfOthers(
  members: readonly { readonly id: string; readonly seconds: number }[],
  { id }: Slot,
): number {
  return members.reduce((sum, one) => (one.id === id ? sum : sum + one.seconds), 0);
}
