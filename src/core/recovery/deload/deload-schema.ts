import { z } from 'zod';
import { fieldsSchema } from '../../fields-schema';
import { DELOAD_KINDS, type DeloadMeasure, deloadFields } from './deload';

const measure = z.union(
  DELOAD_KINDS.map((kind) => fieldsSchema(kind, deloadFields(kind))),
) as z.ZodType<DeloadMeasure>;

/** The ways of a deload as a document holds them; before version 3 it was one alone. */
export const deloadSchema = z.union([
  z.array(measure).min(1).max(DELOAD_KINDS.length),
  measure.transform((one) => [one]),
]);
