import { ok } from '../../result';
import { findSlot } from '../block';
import { idSchema } from '../settings-fields';
import type { RemoveSlot, SingleEdit } from './edit';
import type { EditKind } from './edit-kind';
import { idBefore, unknownId, withSlots } from './lists';

export const removeSlot: EditKind<RemoveSlot, SingleEdit> = {
  kind: 'slot/remove',
  schema: (z) => z.strictObject({ kind: z.literal('slot/remove'), slot: idSchema(z) }),
  apply: (block, edit) => {
    const found = findSlot(block, edit.slot);
    if (found === undefined) return unknownId('slot', edit.slot);
    const { session, slot } = found;
    return ok({
      block: withSlots(block, session.id, (slots) => slots.filter(({ id }) => id !== slot.id)),
      inverse: { kind: 'slot/add', session: session.id, after: idBefore(session.slots, slot.id), slot },
    });
  },
  touches: (_, { slot }) => ({ writes: [`slot/${slot}`], needs: [] }),
};
