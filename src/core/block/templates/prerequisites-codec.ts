import * as z from 'zod';
import { malformed, ok, type Result } from '../../result';
import { BOUNDS } from '../bounds';
import { idSchema } from '../settings-fields';
import type { Prerequisite } from './demands';

/** Most that a template may ask before it. */
const MOST = 8;

/** What a template of the coach's own may ask before it. */
export const prerequisitesSchema = z
  .array(
    z.strictObject({
      exerciseId: idSchema(z),
      reps: z.int().min(BOUNDS.reps.low).max(BOUNDS.reps.high),
    }),
  )
  .max(MOST);

/** Reads what a template asks before it, as it was stored. */
export function decodePrerequisites(unchecked: unknown): Result<readonly Prerequisite[]> {
  const parsed = prerequisitesSchema.safeParse(unchecked);
  return parsed.success ? ok(parsed.data) : malformed(parsed.error);
}
