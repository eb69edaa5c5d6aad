import * as z from 'zod';
import { malformed, ok, type Result } from '../../result';
import { BOUNDS } from '../bounds';
import { idSchema } from '../settings-fields';
import type { Prerequisite } from './demands';

/** Most prerequisites of a template. */
const MOST = 8;

/** The prerequisites of a coach's template. */
export const prerequisitesSchema = z
  .array(
    z.strictObject({
      exerciseId: idSchema(z),
      reps: z.int().min(BOUNDS.reps.low).max(BOUNDS.reps.high),
    }),
  )
  .max(MOST);

/** Reads a template's stored prerequisites. */
export function decodePrerequisites(unchecked: unknown): Result<readonly Prerequisite[]> {
  const parsed = prerequisitesSchema.safeParse(unchecked);
  return parsed.success ? ok(parsed.data) : malformed(parsed.error);
}
