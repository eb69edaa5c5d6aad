import { isEqual } from 'es-toolkit';
import { applyEdit } from './apply-edit';
import { type Block, type BlockSettings, emptyBlock, findSlot, type Session, type Slot } from './block';
import type { Edit, SessionField, SettingsField, SingleEdit, SlotField } from './edits/edit';

const OUTSIDE: ReadonlySet<string> = new Set(['format', 'version', 'sessions']);
const SETTINGS = Object.keys(emptyBlock('', '2026-01-01')).filter(
  (key) => !OUTSIDE.has(key),
) as SettingsField[];

/**
 * The edit that turns one block into another: settings, then sessions and slots removed, added, moved and changed,
 * matched by id. Null if they are equal.
 */
export function differenceEdit(from: Block, to: Block): Edit | null {
  const edits: SingleEdit[] = [];
  let block = from;
  const take = (edit: SingleEdit): void => {
    const applied = applyEdit(block, edit);
    if (!applied.ok)
      throw new Error(`a difference could not be applied: ${JSON.stringify(applied.problems)}`);
    block = applied.value.block;
    edits.push(edit);
  };

  // A shorter cycle may have sessions outside it for a moment: they are removed first, and the cycle changes with the
  // other settings.
  const wanted = new Map(to.sessions.map((session) => [session.id, session]));
  const slots = new Set(to.sessions.flatMap((session) => session.slots.map(({ id }) => id)));
  for (const session of from.sessions) {
    for (const slot of session.slots) if (!slots.has(slot.id)) take({ kind: 'slot/remove', slot: slot.id });
  }
  const grows = to.cycleDays > from.cycleDays;
  if (grows) takeSettings();
  // Slots of a removed session may exist in another one: they are moved before it is removed.
  for (const session of to.sessions) {
    if (!block.sessions.some(({ id }) => id === session.id)) addSession(session);
  }
  for (const session of to.sessions) placeSlots(session);
  for (const session of from.sessions) {
    if (!wanted.has(session.id)) take({ kind: 'session/remove', session: session.id });
  }
  for (const session of to.sessions) setSession(session);
  orderSessions();
  if (!grows) takeSettings();
  return edits.length === 0 ? null : { kind: 'batch', edits };

  function takeSettings(): void {
    for (const field of SETTINGS) {
      if (!isEqual(block[field], to[field]))
        take({ kind: 'block/set', field, value: (to as BlockSettings)[field] } as SingleEdit);
    }
  }

  function addSession(session: Session): void {
    const at = to.sessions.indexOf(session);
    const after = to.sessions[at - 1]?.id ?? null;
    const isThere = block.sessions.some(({ id }) => id === after);
    take({ kind: 'session/add', after: isThere ? after : null, session: { ...session, slots: [] } });
  }

  function placeSlots(session: Session): void {
    session.slots.forEach((slot, at) => {
      const after = session.slots[at - 1]?.id ?? null;
      const found = findSlot(block, slot.id);
      if (found === undefined) take({ kind: 'slot/add', session: session.id, after, slot });
      else if (found.session.id !== session.id || found.session.slots[at]?.id !== slot.id)
        take({ kind: 'slot/move', slot: slot.id, session: session.id, after });
      setSlot(slot);
    });
  }

  function setSlot(slot: Slot): void {
    const now = findSlot(block, slot.id)?.slot;
    for (const field of Object.keys(slot) as (keyof Slot)[]) {
      if (field === 'id' || isEqual(now?.[field], slot[field])) continue;
      take({ kind: 'slot/set', slot: slot.id, field: field as SlotField, value: slot[field] } as SingleEdit);
    }
  }

  function setSession(session: Session): void {
    const now = block.sessions.find(({ id }) => id === session.id);
    for (const field of Object.keys(session) as (keyof Session)[]) {
      if (field === 'id' || field === 'slots' || isEqual(now?.[field], session[field])) continue;
      const value = session[field as SessionField];
      take({ kind: 'session/set', session: session.id, field, value } as SingleEdit);
    }
  }

  /** Sessions cannot be moved by an edit: one in another position is removed and added again. */
  function orderSessions(): void {
    to.sessions.forEach((session, at) => {
      const now = block.sessions[at];
      if (now === undefined || now.id === session.id) return;
      const whole = block.sessions.find(({ id }) => id === session.id);
      if (whole === undefined) return;
      take({ kind: 'session/remove', session: session.id });
      take({ kind: 'session/add', after: to.sessions[at - 1]?.id ?? null, session: whole });
    });
  }
}
