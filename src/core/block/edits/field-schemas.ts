import type { z } from 'zod';
import type { Zod } from '../../zod';

/** The schema of edits that set a field: `{ ...head, field, value }` with the field's own value schema. */
export function fieldSchemas<E>(
  zod: Zod,
  fields: Readonly<Record<string, z.ZodType>>,
  head: Readonly<Record<string, z.ZodType>>,
): z.ZodType<E> {
  const all = Object.entries(fields).map(([field, value]) =>
    zod.strictObject({ ...head, field: zod.literal(field), value }),
  );
  // Built field by field; TypeScript cannot infer from a list that each name keeps its own value type.
  return zod.union(all) as unknown as z.ZodType<E>;
}
