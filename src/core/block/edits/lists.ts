import type { Problem } from '../../problem';
import type { Result } from '../../result';
import { refused } from '../../result';
import type { Block, Session, Slot } from '../document';

interface Named {
  readonly id: string;
}

/** The list with an item inserted after another; first if that is null or missing. */
export function insertAfter<T extends Named>(
  list: readonly T[],
  after: string | null,
  item: T,
): readonly T[] {
  const at = after === null ? 0 : list.findIndex(({ id }) => id === after) + 1;
  return [...list.slice(0, at), item, ...list.slice(at)];
}

/** The id before an item; null for the first. */
export function idBefore(list: readonly Named[], id: string): string | null {
  return list[list.findIndex((one) => one.id === id) - 1]?.id ?? null;
}

export function findSession(block: Block, id: string): Session | undefined {
  return block.sessions.find((session) => session.id === id);
}

/** The block with one session changed. */
export function withSession(block: Block, id: string, change: (session: Session) => Session): Block {
  return { ...block, sessions: block.sessions.map((one) => (one.id === id ? change(one) : one)) };
}

/** The block with the slots of one session changed. */
export function withSlots(
  block: Block,
  session: string,
  change: (slots: readonly Slot[]) => readonly Slot[],
): Block {
  return withSession(block, session, (one) => ({ ...one, slots: change(one.slots) }));
}

/** Refuses an id that the block does not contain. */
export function unknownId(kind: 'session' | 'slot', id: string): Result<never> {
  return refused({ code: 'unknown-id', path: `${kind}/${id}`, id });
}

/** Ids that the block already contains, or that are given twice. */
export function duplicateIds(block: Block, ids: readonly string[]): readonly Problem[] {
  const held = new Set(block.sessions.flatMap(({ id, slots }) => [id, ...slots.map((slot) => slot.id)]));
  return ids
    .filter((id, at) => held.has(id) || ids.indexOf(id) !== at)
    .map((id) => ({ code: 'id-taken', path: id, id }));
}
