import type { z } from 'zod';
import { fieldsSchema } from '../../fields-schema';
import type { Zod } from '../../zod';
import { DELOAD_KINDS, type DeloadMeasure, deloadFields } from './deload';

/** The ways of a deload as a document holds them; before version 3 it was one alone. */
export function deloadSchema(zod: Zod) {
  // The registry's fields say what each kind's parameters are; TypeScript cannot follow them through a list.
  const measure = zod.union(
    DELOAD_KINDS.map((kind) => fieldsSchema(zod, kind, deloadFields(kind))),
  ) as z.ZodType<DeloadMeasure>;
  return zod.union([
    zod.array(measure).min(1).max(DELOAD_KINDS.length),
    measure.transform((one): DeloadMeasure[] => [one]),
  ]);
}
