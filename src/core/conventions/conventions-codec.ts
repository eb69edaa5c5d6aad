import * as z from 'zod';
import { malformed, ok, type Result } from '../result';
import { conventionBounds } from './bounds';
import { CONVENTION_IDS, type ConventionId, type Conventions } from './conventions';

/** Own rules, each within its bounds. */
export const ownFigures = z
  .partialRecord(z.enum(CONVENTION_IDS as [ConventionId, ...ConventionId[]]), z.number())
  .refine(
    (figures) =>
      Object.entries(figures).every(([id, value]) => {
        const { low, high } = conventionBounds(id as ConventionId);
        return value >= low && value <= high;
      }),
    'is out of its bounds',
  );

/** Validates stored or received rules. */
export function decodeConventions(unchecked: unknown): Result<Partial<Conventions>> {
  const parsed = ownFigures.safeParse(unchecked);
  return parsed.success ? ok(parsed.data as Partial<Conventions>) : malformed(parsed.error);
}
