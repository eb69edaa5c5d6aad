import { z } from 'zod';
import type { Field } from './fields';

function fieldSchema(field: Field): z.ZodType {
  switch (field.type) {
    case 'whole': {
      const schema = z.int().min(field.least).max(field.most);
      return field.otherwise === undefined ? schema : schema.default(field.otherwise);
    }
    case 'share':
      return z.number().min(field.least).max(field.most);
    case 'yes':
      return field.otherwise === undefined ? z.boolean() : z.boolean().default(field.otherwise);
    case 'choice': {
      const schema = z.enum(field.of as [string, ...string[]]);
      return field.otherwise === undefined ? schema : schema.default(field.otherwise);
    }
    case 'band': {
      const end = z.int().min(field.least).max(field.most);
      return z.strictObject({ low: end, high: end }).refine(({ low, high }) => low <= high);
    }
    case 'list':
      return z.array(z.int().min(field.least).max(field.most)).min(1).max(field.longest);
  }
}

/** The schema of data of a kind with such fields. */
export function fieldsSchema(
  kind: string,
  fields: Readonly<Record<string, Field>>,
  more: Readonly<Record<string, z.ZodType>> = {},
): z.ZodType {
  const shape = Object.fromEntries(Object.entries(fields).map(([name, field]) => [name, fieldSchema(field)]));
  return z.strictObject({ kind: z.literal(kind), ...shape, ...more });
}
