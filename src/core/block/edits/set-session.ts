import { ok, refused } from '../../result';
import { sessionProblems } from '../block-rules';
import { sessionShape } from '../document';
import { idSchema } from '../settings-fields';
import type { SetSession, SingleEdit } from './edit';
import type { EditKind } from './edit-kind';
import { fieldSchemas } from './field-schemas';
import { findSession, unknownId, withSession } from './lists';

export const setSession: EditKind<SetSession, SingleEdit> = {
  kind: 'session/set',
  schema: (z) =>
    fieldSchemas<SetSession>(z, sessionShape(z), { kind: z.literal('session/set'), session: idSchema(z) }),
  apply: (block, edit) => {
    const session = findSession(block, edit.session);
    if (session === undefined) return unknownId('session', edit.session);
    const changed = { ...session, [edit.field]: edit.value };
    const problems = sessionProblems(changed, block.cycleDays);
    if (problems.length > 0) return refused(...problems);
    // The value has the field's type: TypeScript cannot follow the pair.
    const inverse = { ...edit, value: session[edit.field] } as SetSession;
    return ok({ block: withSession(block, session.id, () => changed), inverse });
  },
  touches: (_, { session, field }) => ({ writes: [`session/${session}/${field}`], needs: [] }),
};
