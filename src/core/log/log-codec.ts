import * as z from 'zod';
import { malformed, ok, type Result } from '../result';
import { LONGEST_SET_LINE, type LoggedMore } from './log';

const count = z.int().min(0).max(3600).optional();

/** What else can be noted for a set. */
export const loggedMoreSchema = z.strictObject({
  partials: count,
  assisted: count,
  held: count,
  lowered: count,
  unclean: z.literal(true).optional(),
  seconds: count,
  left: count,
  right: count,
  line: z.string().min(1).max(LONGEST_SET_LINE).optional(),
});

/** Reads a set's stored notes. */
export function decodeSetNotes(unchecked: unknown): Result<LoggedMore> {
  const parsed = loggedMoreSchema.safeParse(unchecked);
  return parsed.success ? ok(parsed.data) : malformed(parsed.error);
}
