import fc from 'fast-check';
import type { Field } from '../fields';
import {
  fieldsOf,
  TECHNIQUE_KINDS,
  type TechniqueKind,
  type TechniqueParameters,
} from '../techniques/registry';

function anyField(field: Field): fc.Arbitrary<unknown> {
  switch (field.type) {
    case 'whole':
      return fc.integer({ min: field.least, max: field.most });
    case 'share':
      return fc
        .integer({ min: Math.ceil(field.least * 100), max: Math.floor(field.most * 100) })
        .map((hundredth) => hundredth / 100);
    case 'yes':
      return fc.boolean();
    case 'choice':
      return fc.constantFrom(...field.of);
    case 'band':
      return fc
        .tuple(
          fc.integer({ min: field.least, max: field.most }),
          fc.integer({ min: field.least, max: field.most }),
        )
        .map(([a, b]) => ({ low: Math.min(a, b), high: Math.max(a, b) }));
    case 'list':
      return fc.array(fc.integer({ min: field.least, max: field.most }), {
        minLength: field.otherwise === undefined ? 1 : 0,
        maxLength: field.longest,
      });
  }
}

function anyOf(kind: TechniqueKind): fc.Arbitrary<TechniqueParameters> {
  const fields = Object.entries(fieldsOf(kind)).map(([name, field]) => [name, anyField(field)] as const);
  const inside = kind === 'density' ? { of: fc.oneof(...PLAIN.map(anyOf)) } : {};
  return fc.record({
    kind: fc.constant(kind),
    ...Object.fromEntries(fields),
    ...inside,
  }) as unknown as fc.Arbitrary<TechniqueParameters>;
}

const PLAIN = TECHNIQUE_KINDS.filter((kind) => kind !== 'density');

/** Any technique with any parameters its fields allow. */
export const anyTechnique: fc.Arbitrary<TechniqueParameters> = fc.oneof(...TECHNIQUE_KINDS.map(anyOf));
