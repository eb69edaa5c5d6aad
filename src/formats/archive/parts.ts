import * as z from 'zod';
import type { Result } from '@/core';

/** Nothing was trained before, and what is planned does not reach so far. */
function isOfOurTime(text: string): boolean {
  return text >= '1970' && text < '2200';
}

/** A figure with so many places behind the point at most, no further than this from nought. */
export function decimal(places: number, most: number) {
  return z
    .number()
    .min(-most)
    .max(most)
    .refine((value) => Number(value.toFixed(places)) === value);
}

/** An instant, as ISO 8601 in UTC. */
export const instant = z.iso.datetime({ precision: 3 }).refine(isOfOurTime);
/** A day, as people count it. */
export const day = z.iso.date().refine(isOfOurTime);
export const id = z.string().regex(/^[\x21-\x7e]{1,96}$/);
/** Counted up by one for each change. */
export const revision = z.int().min(0).max(1_000_000_000);

/**
 * A part that the core reads: its problems are told with their places.
 * @param says what it is, for the schema of the file
 */
export function coded<T>(decode: (unchecked: unknown) => Result<T>, says: string) {
  const part = z.unknown().meta({ description: says });
  return part.transform((unchecked, context): T => {
    const decoded = decode(unchecked);
    if (decoded.ok) return decoded.value;
    for (const { path, ...problem } of decoded.problems)
      context.addIssue({
        code: 'custom',
        path: path === '' ? [] : path.split('/'),
        message: 'detail' in problem ? problem.detail : problem.code,
      });
    return z.NEVER;
  });
}
