import * as z from 'zod';
import type { Result } from '@/core';

/** Lower and upper bound of plausible dates. */
function isPlausibleDay(text: string): boolean {
  return text >= '1970' && text < '2200';
}

/** A number with at most this many decimals, within this distance from zero. */
export function decimal(places: number, most: number) {
  return z
    .number()
    .min(-most)
    .max(most)
    .refine((value) => Number(value.toFixed(places)) === value);
}

/** An instant, ISO 8601 in UTC. */
export const instant = z.iso.datetime({ precision: 3 }).refine(isPlausibleDay);
/** A calendar day. */
export const day = z.iso.date().refine(isPlausibleDay);
export const id = z.string().regex(/^[\x21-\x7e]{1,96}$/);
/** Increased by one for each change. */
export const revision = z.int().min(0).max(1_000_000_000);

/**
 * A part read by the core: its problems are reported with their places.
 * @param says its description in the file's schema
 */
export function codecPart<T>(decode: (unchecked: unknown) => Result<T>, says: string) {
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
