import { ok, refused } from '../../result';
import { findSlot } from '../block';
import { slotProblems } from '../block-rules';
import { type Slot, slotShape } from '../document';
import { idSchema } from '../settings-fields';
import type { SetSlot, SingleEdit } from './edit';
import type { EditKind } from './edit-kind';
import { fieldSchemas } from './field-schemas';
import { unknownId, withSlots } from './lists';

export const setSlot: EditKind<SetSlot, SingleEdit> = {
  kind: 'slot/set',
  schema: (z) => fieldSchemas<SetSlot>(z, slotShape(z), { kind: z.literal('slot/set'), slot: idSchema(z) }),
  apply: (block, edit) => {
    const found = findSlot(block, edit.slot);
    if (found === undefined) return unknownId('slot', edit.slot);
    const changed: Slot = { ...found.slot, [edit.field]: edit.value };
    const problems = slotProblems(changed);
    if (problems.length > 0) return refused(...problems);
    // The value has the field's type: TypeScript cannot follow the pair.
    const inverse = { ...edit, value: found.slot[edit.field] } as SetSlot;
    const after = withSlots(block, found.session.id, (slots) =>
      slots.map((slot) => (slot.id === changed.id ? changed : slot)),
    );
    return ok({ block: after, inverse });
  },
  touches: (_, { slot, field }) => ({ writes: [`slot/${slot}/${field}`], needs: [] }),
};
