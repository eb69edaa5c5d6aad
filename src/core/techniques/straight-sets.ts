import { z } from 'zod';
import type { Technique } from './technique';

export interface StraightSets {
  readonly kind: 'straight';
  readonly sets: number;
}

const LIMITS = { least: 1, most: 12 };

/** n sets in the range at the target RIR. */
export const straightSets: Technique<StraightSets> = {
  kind: 'straight',
  schema: z.strictObject({ kind: z.literal('straight'), sets: z.int().min(LIMITS.least).max(LIMITS.most) }),
  parts: ({ sets }) => [{ role: 'work', sets, rirOffset: 0, repOffset: 0 }],
  setCount: ({ sets }) => sets,
  withSetCount: (parameters, sets) => ({ ...parameters, sets }),
  setLimits: LIMITS,
};
