import * as z from 'zod';

/**
 * What an action takes from outside. A number is no id, and neither is a text that no id can be: the database keeps ids as
 * plain letters, and would rather fail than compare others with them.
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

/** What a page says it knows of a training. */
export const knownSchema = z
  .strictObject({
    revision: revisionSchema,
    athleteRevision: revisionSchema,
    exercises: z.int().min(0),
    issued: z.array(idSchema).max(100),
    readAt: z.iso.datetime(),
  })
  .readonly();
