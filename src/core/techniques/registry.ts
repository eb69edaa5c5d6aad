import { z } from 'zod';
import { type StraightSets, straightSets } from './straight-sets';
import type { Part, Technique } from './technique';
import { type TopSetBackOffs, topSetBackOffs } from './top-set-back-offs';

/** The parameters of any technique. */
export type TechniqueParameters = StraightSets | TopSetBackOffs;
export type TechniqueKind = TechniqueParameters['kind'];

const REGISTRY: { readonly [K in TechniqueKind]: Technique<Extract<TechniqueParameters, { kind: K }>> } = {
  straight: straightSets,
  'top + back-offs': topSetBackOffs,
};

export const TECHNIQUE_KINDS = Object.keys(REGISTRY) as TechniqueKind[];

export const techniqueSchema: z.ZodType<TechniqueParameters> = z.union([
  straightSets.schema,
  topSetBackOffs.schema,
]);

// The registry is indexed by the kind its parameters carry, so the pair always fits; TypeScript cannot correlate them.
function techniqueOf(parameters: TechniqueParameters): Technique<TechniqueParameters> {
  return REGISTRY[parameters.kind] as unknown as Technique<TechniqueParameters>;
}

export function partsOf(parameters: TechniqueParameters): readonly Part[] {
  return techniqueOf(parameters).parts(parameters);
}

export function setCount(parameters: TechniqueParameters): number {
  return techniqueOf(parameters).setCount(parameters);
}

/** Working sets the technique's shape allows. */
export function setLimits(parameters: TechniqueParameters): {
  readonly least: number;
  readonly most: number;
} {
  return techniqueOf(parameters).setLimits;
}

/** The technique with another number of sets, kept within the limits of its shape. */
export function withSetCount(parameters: TechniqueParameters, sets: number): TechniqueParameters {
  const { least, most } = setLimits(parameters);
  return techniqueOf(parameters).withSetCount(parameters, Math.min(most, Math.max(least, sets)));
}
