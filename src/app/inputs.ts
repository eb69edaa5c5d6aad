import * as z from 'zod';

/**
 * Input of actions. A number is not an id, and neither is text with characters no id has: ids are ASCII columns, and
 * the database would fail to compare anything else with them.
 */
const id = z.string().regex(/^[\x20-\x7e]+$/);
export const idSchema = id.max(191);
export const shortIdSchema = id.max(96);
/** Of exercises, athletes and templates. */
export const nameIdSchema = id.max(64);
export const revisionSchema = z.int().min(0);
export const weekSchema = z.int().min(1).max(99);

export function isId(value: unknown): value is string {
  return idSchema.safeParse(value).success;
}

/** What a page says it knows about a training. */
export const knownSchema = z
  .strictObject({
    revision: revisionSchema,
    athleteRevision: revisionSchema,
    exercises: z.int().min(0),
    issued: z.array(idSchema).max(100),
    readAt: z.iso.datetime(),
  })
  .readonly();
