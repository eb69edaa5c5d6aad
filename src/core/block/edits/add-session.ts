import { ok, refused } from '../../result';
import { sessionProblems, slotProblems } from '../block-rules';
import { LIMITS } from '../bounds';
import { sessionSchema } from '../document';
import { tooMany, tooManySlots } from '../rules';
import { idSchema } from '../settings-fields';
import type { AddSession, SingleEdit } from './edit';
import type { EditKind } from './edit-kind';
import { duplicateIds, insertAfter } from './lists';

export const addSession: EditKind<AddSession, SingleEdit> = {
  kind: 'session/add',
  schema: (z) =>
    z.strictObject({
      kind: z.literal('session/add'),
      after: idSchema(z).nullable(),
      session: sessionSchema(z),
    }),
  apply: (block, { session, after }) => {
    const sessions = insertAfter(block.sessions, after, session);
    const problems = [
      ...duplicateIds(block, [session.id, ...session.slots.map(({ id }) => id)]),
      ...tooMany('block/sessions', 'sessions', sessions, LIMITS.sessions),
      ...tooManySlots(sessions),
      ...sessionProblems(session, block.cycleDays),
      ...session.slots.flatMap(slotProblems),
    ];
    if (problems.length > 0) return refused(...problems);
    return ok({ block: { ...block, sessions }, inverse: { kind: 'session/remove', session: session.id } });
  },
  touches: (_, { session }) => ({ writes: [`session/${session.id}`], needs: [] }),
};
