import * as z from 'zod';
import { malformed, ok, type Result } from '../result';
import type { Edit, SingleEdit } from './edits/edit';
import { EDITS } from './edits/registry';

/** Most edits in one batch. */
const BATCH = 2000;

const single = z.union(
  Object.values(EDITS).map(({ schema }) => schema(z) as z.ZodType<SingleEdit>),
) as z.ZodType<SingleEdit>;

/** Validates the shape of a received edit. */
export const editSchema: z.ZodType<Edit> = z.union([
  single,
  z.strictObject({ kind: z.literal('batch'), edits: z.array(single).min(1).max(BATCH) }),
]);

/** Reads an unchecked edit; edits written by an older version get defaults for newer fields. */
export function decodeEdit(unchecked: unknown): Result<Edit> {
  const parsed = editSchema.safeParse(unchecked);
  return parsed.success ? ok(parsed.data) : malformed(parsed.error);
}
