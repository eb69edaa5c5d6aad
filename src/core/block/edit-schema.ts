import { z } from 'zod';
import { malformed, ok, type Result } from '../result';
import { sessionSchema, sessionShape, settingsShape, slotSchema, slotShape } from './block-schema';
import type { Edit } from './edit';

const id = slotShape.id;
const after = id.nullable();

function settings<T extends Record<string, z.ZodType>>(
  shape: T,
  head: Record<string, z.ZodType>,
  skip: readonly string[],
) {
  return Object.entries(shape)
    .filter(([field]) => !skip.includes(field))
    .map(([field, value]) => z.strictObject({ ...head, field: z.literal(field), value }));
}

const single = z.union([
  ...settings(settingsShape, { kind: z.literal('block/set') }, []),
  ...settings(sessionShape, { kind: z.literal('session/set'), session: id }, ['id', 'slots']),
  ...settings(slotShape, { kind: z.literal('slot/set'), slot: id }, ['id']),
  z.strictObject({ kind: z.literal('session/add'), after, session: sessionSchema }),
  z.strictObject({ kind: z.literal('session/remove'), session: id }),
  z.strictObject({ kind: z.literal('slot/add'), session: id, after, slot: slotSchema }),
  z.strictObject({ kind: z.literal('slot/remove'), slot: id }),
  z.strictObject({ kind: z.literal('slot/move'), slot: id, session: id, after }),
]);

/** Checks the shape of an edit that came over the wire. */
export const editSchema = z.union([
  single,
  z.strictObject({ kind: z.literal('batch'), edits: z.array(single).min(1).max(2000) }),
]) as unknown as z.ZodType<Edit>;

/** Reads an edit that nobody has checked; those written by an older version get the fields that came later. */
export function decodeEdit(unchecked: unknown): Result<Edit> {
  const parsed = editSchema.safeParse(unchecked);
  return parsed.success ? ok(parsed.data) : malformed(parsed.error);
}
