import { ok } from '../../result';
import { idSchema } from '../settings-fields';
import type { RemoveSession, SingleEdit } from './edit';
import type { EditKind } from './edit-kind';
import { findSession, idBefore, unknownId } from './lists';

export const removeSession: EditKind<RemoveSession, SingleEdit> = {
  kind: 'session/remove',
  schema: (z) => z.strictObject({ kind: z.literal('session/remove'), session: idSchema(z) }),
  apply: (block, edit) => {
    const session = findSession(block, edit.session);
    if (session === undefined) return unknownId('session', edit.session);
    return ok({
      block: { ...block, sessions: block.sessions.filter(({ id }) => id !== session.id) },
      inverse: { kind: 'session/add', after: idBefore(block.sessions, session.id), session },
    });
  },
  touches: (block, { session }) => {
    const slots = findSession(block, session)?.slots ?? [];
    return { writes: [`session/${session}`, ...slots.map(({ id }) => `slot/${id}`)], needs: [] };
  },
};
