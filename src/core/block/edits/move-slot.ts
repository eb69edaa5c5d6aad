import { ok, refused } from '../../result';
import { findSlot } from '../block';
import { LIMITS } from '../bounds';
import { tooMany } from '../rules';
import { idSchema } from '../settings-fields';
import type { MoveSlot, SingleEdit } from './edit';
import type { EditKind } from './edit-kind';
import { findSession, idBefore, insertAfter, unknownId, withSlots } from './lists';

export const moveSlot: EditKind<MoveSlot, SingleEdit> = {
  kind: 'slot/move',
  schema: (z) =>
    z.strictObject({
      kind: z.literal('slot/move'),
      slot: idSchema(z),
      session: idSchema(z),
      after: idSchema(z).nullable(),
    }),
  apply: (block, edit) => {
    const found = findSlot(block, edit.slot);
    if (found === undefined) return unknownId('slot', edit.slot);
    const { session, slot } = found;
    const without = withSlots(block, session.id, (slots) => slots.filter(({ id }) => id !== slot.id));
    const home = findSession(without, edit.session);
    if (home === undefined) return unknownId('session', edit.session);
    const slots = insertAfter(home.slots, edit.after, slot);
    const problems = tooMany(`session/${home.id}/slots`, 'slots', slots, LIMITS.slots);
    if (problems.length > 0) return refused(...problems);
    const after = idBefore(session.slots, slot.id);
    return ok({
      block: withSlots(without, home.id, () => slots),
      inverse: { kind: 'slot/move', slot: slot.id, session: session.id, after },
    });
  },
  touches: (block, { slot, session }) => {
    const from = findSlot(block, slot)?.session.id;
    const needs = [`session/${session}`, ...(from === undefined ? [] : [`session/${from}`])];
    return { writes: [`slot/${slot}/place`], needs };
  },
};
