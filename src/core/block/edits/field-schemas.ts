import type { z } from 'zod';
import type { Zod } from '../../zod';

/** The schema of edits that set one of some fields: `{ ...head, field, value }` with the field's own value. */
export function fieldSchemas<E>(
  zod: Zod,
  fields: Readonly<Record<string, z.ZodType>>,
  head: Readonly<Record<string, z.ZodType>>,
): z.ZodType<E> {
  const all = Object.entries(fields).map(([field, value]) =>
    zod.strictObject({ ...head, field: zod.literal(field), value }),
  );
  // Made field by field: that each name keeps its own value cannot be followed through a list.
  return zod.union(all) as unknown as z.ZodType<E>;
}
