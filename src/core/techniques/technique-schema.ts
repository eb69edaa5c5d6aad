import type { z } from 'zod';
import { fieldsSchema } from '../fields-schema';
import type { Zod } from '../zod';
import { fieldsOf, TECHNIQUE_KINDS, type TechniqueParameters } from './registry';

/** Any technique with its parameters, as stored in a document. */
export function techniqueSchema(zod: Zod): z.ZodType<TechniqueParameters> {
  const plain = TECHNIQUE_KINDS.filter((kind) => kind !== 'density').map((kind) =>
    fieldsSchema(zod, kind, fieldsOf(kind)),
  );
  // The registry's fields define each kind's parameters; TypeScript cannot follow that through a list.
  return zod.union([
    ...plain,
    fieldsSchema(zod, 'density', fieldsOf('density'), { of: zod.union(plain) }),
  ]) as z.ZodType<TechniqueParameters>;
}
