import { z } from 'zod';
import { fieldsSchema } from '../fields-schema';
import { fieldsOf, TECHNIQUE_KINDS, type TechniqueParameters } from './registry';

const plain = TECHNIQUE_KINDS.filter((kind) => kind !== 'density').map((kind) =>
  fieldsSchema(kind, fieldsOf(kind)),
);

/** Any technique with its parameters, as a document holds it. */
export const techniqueSchema = z.union([
  ...plain,
  fieldsSchema('density', fieldsOf('density'), { of: z.union(plain) }),
]) as z.ZodType<TechniqueParameters>;
