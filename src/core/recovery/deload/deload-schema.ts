import type { z } from 'zod';
import { fieldsSchema } from '../../fields-schema';
import type { Zod } from '../../zod';
import { DELOAD_KINDS, type DeloadMeasure, deloadFields } from './deload';

/** The kinds of a deload as stored in a document; before version 3 there was only one. */
export function deloadSchema(zod: Zod) {
  // The registry's fields define each kind's parameters; TypeScript cannot follow that through a list.
  const measure = zod.union(
    DELOAD_KINDS.map((kind) => fieldsSchema(zod, kind, deloadFields(kind))),
  ) as z.ZodType<DeloadMeasure>;
  return zod.union([
    zod.array(measure).min(1).max(DELOAD_KINDS.length),
    measure.transform((one): DeloadMeasure[] => [one]),
  ]);
}
