import { ok, refused } from '../../result';
import { slotProblems } from '../block-rules';
import { LIMITS } from '../bounds';
import { slotSchema } from '../document';
import { tooMany, tooManySlots } from '../rules';
import { idSchema } from '../settings-fields';
import type { AddSlot, SingleEdit } from './edit';
import type { EditKind } from './edit-kind';
import { duplicateIds, findSession, insertAfter, unknownId, withSlots } from './lists';

export const addSlot: EditKind<AddSlot, SingleEdit> = {
  kind: 'slot/add',
  schema: (z) =>
    z.strictObject({
      kind: z.literal('slot/add'),
      session: idSchema(z),
      after: idSchema(z).nullable(),
      slot: slotSchema(z),
    }),
  apply: (block, { session: home, after, slot }) => {
    const session = findSession(block, home);
    if (session === undefined) return unknownId('session', home);
    const slots = insertAfter(session.slots, after, slot);
    const problems = [
      ...duplicateIds(block, [slot.id]),
      ...tooMany(`session/${home}/slots`, 'slots', slots, LIMITS.slots),
      ...tooManySlots(withSlots(block, home, () => slots).sessions),
      ...slotProblems(slot),
    ];
    if (problems.length > 0) return refused(...problems);
    return ok({
      block: withSlots(block, home, () => slots),
      inverse: { kind: 'slot/remove', slot: slot.id },
    });
  },
  touches: (_, { session, slot }) => ({ writes: [`slot/${slot.id}`], needs: [`session/${session}`] }),
};
