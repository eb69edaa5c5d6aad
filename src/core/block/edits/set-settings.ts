import { ok, refused } from '../../result';
import { sessionProblems } from '../block-rules';
import type { Block } from '../document';
import { settingsProblems, settingsShape } from '../settings-fields';
import type { SetSettings, SingleEdit } from './edit';
import type { EditKind } from './edit-kind';
import { fieldSchemas } from './field-schemas';

export const setSettings: EditKind<SetSettings, SingleEdit> = {
  kind: 'block/set',
  schema: (z) => fieldSchemas<SetSettings>(z, settingsShape(z), { kind: z.literal('block/set') }),
  apply: (block, edit) => {
    const changed: Block = { ...block, [edit.field]: edit.value };
    const problems = [
      ...settingsProblems(changed),
      // A shorter cycle must still hold every session.
      ...(edit.field === 'cycleDays'
        ? changed.sessions.flatMap((session) => sessionProblems(session, changed.cycleDays))
        : []),
    ];
    if (problems.length > 0) return refused(...problems);
    // The value has the field's type: TypeScript cannot follow the pair.
    const inverse = { ...edit, value: block[edit.field] } as SetSettings;
    return ok({ block: changed, inverse });
  },
  touches: (_, { field }) => ({ writes: [`block/${field}`], needs: [] }),
};
