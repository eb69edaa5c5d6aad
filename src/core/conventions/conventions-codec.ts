import * as z from 'zod';
import { malformed, ok, type Result } from '../result';
import { boundsOf } from './bounds';
import { CONVENTION_IDS, type ConventionId, type Conventions } from './conventions';

/** Figures set differently from the usual ones, each within its bounds. */
export const ownFigures = z
  .partialRecord(z.enum(CONVENTION_IDS as [ConventionId, ...ConventionId[]]), z.number())
  .refine(
    (figures) =>
      Object.entries(figures).every(([id, value]) => {
        const { low, high } = boundsOf(id as ConventionId);
        return value >= low && value <= high;
      }),
    'is out of its bounds',
  );

/** Checks stored or received figures. */
export function decodeConventions(unchecked: unknown): Result<Partial<Conventions>> {
  const parsed = ownFigures.safeParse(unchecked);
  return parsed.success ? ok(parsed.data as Partial<Conventions>) : malformed(parsed.error);
}
