import type { Problem } from '../problem';
import { ok, type Result, refused } from '../result';
import { type Block, findSlot, type Session, type Slot } from './block';
import { sessionProblems, settingsProblems, slotProblems } from './block-rules';
import type { Edit, SingleEdit } from './edit';

/** A block after an edit, and the edit that takes it back. */
export interface Applied {
  readonly block: Block;
  readonly inverse: Edit;
}

const unknown = (kind: string, id: string): Problem => ({ code: 'unknown-id', path: `${kind}/${id}`, id });

function insertAfter<T extends { readonly id: string }>(
  list: readonly T[],
  after: string | null,
  item: T,
): T[] {
  const at = after === null ? 0 : list.findIndex((candidate) => candidate.id === after) + 1;
  return [...list.slice(0, at), item, ...list.slice(at)];
}

function before(list: readonly { readonly id: string }[], id: string): string | null {
  const at = list.findIndex((candidate) => candidate.id === id);
  return list[at - 1]?.id ?? null;
}

function withSession(block: Block, id: string, change: (session: Session) => Session): Block {
  return {
    ...block,
    sessions: block.sessions.map((session) => (session.id === id ? change(session) : session)),
  };
}

function withSlots(
  block: Block,
  sessionId: string,
  change: (slots: readonly Slot[]) => readonly Slot[],
): Block {
  return withSession(block, sessionId, (session) => ({ ...session, slots: change(session.slots) }));
}

function checked(problems: readonly Problem[], applied: () => Applied): Result<Applied> {
  return problems.length > 0 ? refused(...problems) : ok(applied());
}

function taken(block: Block, ids: readonly string[]): Problem[] {
  const held = new Set(
    block.sessions.flatMap((session) => [session.id, ...session.slots.map((slot) => slot.id)]),
  );
  const doubled = ids.filter((id, at) => held.has(id) || ids.indexOf(id) !== at);
  return doubled.map((id) => ({ code: 'id-taken', path: id, id }));
}

function applySingle(block: Block, edit: SingleEdit): Result<Applied> {
  switch (edit.kind) {
    case 'block/set': {
      const changed: Block = { ...block, [edit.field]: edit.value };
      const beyond = changed.sessions.flatMap((session) => sessionProblems(session, changed.cycleDays));
      return checked([...settingsProblems(changed), ...(edit.field === 'cycleDays' ? beyond : [])], () => ({
        block: changed,
        inverse: { kind: 'block/set', field: edit.field, value: block[edit.field] } as SingleEdit,
      }));
    }
    case 'session/set': {
      const session = block.sessions.find(({ id }) => id === edit.session);
      if (session === undefined) return refused(unknown('session', edit.session));
      const changed = { ...session, [edit.field]: edit.value };
      return checked(sessionProblems(changed, block.cycleDays), () => ({
        block: withSession(block, session.id, () => changed),
        inverse: { ...edit, value: session[edit.field] } as SingleEdit,
      }));
    }
    case 'slot/set': {
      const found = findSlot(block, edit.slot);
      if (found === undefined) return refused(unknown('slot', edit.slot));
      const changed: Slot = { ...found.slot, [edit.field]: edit.value };
      return checked(slotProblems(changed), () => ({
        block: withSlots(block, found.session.id, (slots) =>
          slots.map((slot) => (slot.id === changed.id ? changed : slot)),
        ),
        inverse: { ...edit, value: found.slot[edit.field] } as SingleEdit,
      }));
    }
    case 'session/add': {
      const ids = [edit.session.id, ...edit.session.slots.map((slot) => slot.id)];
      const problems = [
        ...taken(block, ids),
        ...sessionProblems(edit.session, block.cycleDays),
        ...edit.session.slots.flatMap(slotProblems),
      ];
      return checked(problems, () => ({
        block: { ...block, sessions: insertAfter(block.sessions, edit.after, edit.session) },
        inverse: { kind: 'session/remove', session: edit.session.id },
      }));
    }
    case 'session/remove': {
      const session = block.sessions.find(({ id }) => id === edit.session);
      if (session === undefined) return refused(unknown('session', edit.session));
      return ok({
        block: { ...block, sessions: block.sessions.filter(({ id }) => id !== session.id) },
        inverse: { kind: 'session/add', after: before(block.sessions, session.id), session },
      });
    }
    case 'slot/add': {
      if (!block.sessions.some(({ id }) => id === edit.session))
        return refused(unknown('session', edit.session));
      return checked([...taken(block, [edit.slot.id]), ...slotProblems(edit.slot)], () => ({
        block: withSlots(block, edit.session, (slots) => insertAfter(slots, edit.after, edit.slot)),
        inverse: { kind: 'slot/remove', slot: edit.slot.id },
      }));
    }
    case 'slot/remove': {
      const found = findSlot(block, edit.slot);
      if (found === undefined) return refused(unknown('slot', edit.slot));
      const { session, slot } = found;
      return ok({
        block: withSlots(block, session.id, (slots) => slots.filter(({ id }) => id !== slot.id)),
        inverse: { kind: 'slot/add', session: session.id, after: before(session.slots, slot.id), slot },
      });
    }
    case 'slot/move': {
      const found = findSlot(block, edit.slot);
      if (found === undefined) return refused(unknown('slot', edit.slot));
      if (!block.sessions.some(({ id }) => id === edit.session))
        return refused(unknown('session', edit.session));
      const { session, slot } = found;
      const without = withSlots(block, session.id, (slots) => slots.filter(({ id }) => id !== slot.id));
      return ok({
        block: withSlots(without, edit.session, (slots) => insertAfter(slots, edit.after, slot)),
        inverse: {
          kind: 'slot/move',
          slot: slot.id,
          session: session.id,
          after: before(session.slots, slot.id),
        },
      });
    }
  }
}

/**
 * Applies an edit. Nothing is changed in place; a batch is applied whole or not at all.
 * @returns the new block with the inverse edit, or why the edit was refused
 */
export function applyEdit(block: Block, edit: Edit): Result<Applied> {
  if (edit.kind !== 'batch') return applySingle(block, edit);
  let current = block;
  const inverses: SingleEdit[] = [];
  for (const single of edit.edits) {
    const applied = applySingle(current, single);
    if (!applied.ok) return applied;
    current = applied.value.block;
    inverses.unshift(applied.value.inverse as SingleEdit);
  }
  return ok({ block: current, inverse: { kind: 'batch', edits: inverses } });
}
