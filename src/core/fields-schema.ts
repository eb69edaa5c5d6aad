import type { z } from 'zod';
import type { Field } from './fields';
import type { Zod } from './zod';

function fieldSchema(zod: Zod, field: Field): z.ZodType {
  switch (field.type) {
    case 'whole': {
      const schema = zod.int().min(field.least).max(field.most);
      return field.otherwise === undefined ? schema : schema.default(field.otherwise);
    }
    case 'share':
      return zod.number().min(field.least).max(field.most);
    case 'yes':
      return field.otherwise === undefined ? zod.boolean() : zod.boolean().default(field.otherwise);
    case 'choice': {
      const schema = zod.enum(field.of as [string, ...string[]]);
      return field.otherwise === undefined ? schema : schema.default(field.otherwise);
    }
    case 'band': {
      const end = zod.int().min(field.least).max(field.most);
      const schema = zod.strictObject({ low: end, high: end }).refine(({ low, high }) => low <= high);
      return field.otherwise === undefined ? schema : schema.default({ ...field.otherwise });
    }
    case 'list': {
      const schema = zod.array(zod.int().min(field.least).max(field.most)).max(field.longest);
      return field.otherwise === undefined ? schema.min(1) : schema.default([...field.otherwise]);
    }
  }
}

/** The schema of data with such fields. */
export function fieldsSchema(
  zod: Zod,
  kind: string,
  fields: Readonly<Record<string, Field>>,
  more: Readonly<Record<string, z.ZodType>> = {},
): z.ZodType {
  const shape = Object.fromEntries(
    Object.entries(fields).map(([name, field]) => [name, fieldSchema(zod, field)]),
  );
  return zod.strictObject({ kind: zod.literal(kind), ...shape, ...more });
}
