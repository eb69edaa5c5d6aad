import { z } from 'zod';
import { bySets, plainPart, type Technique } from './technique';

export interface StaticHold {
  readonly kind: 'static hold';
  readonly sets: number;
}

/** A position held for seconds, by sets: seconds, then a harder variation. For exercises that are held. */
export const staticHold: Technique<StaticHold> = {
  kind: 'static hold',
  schema: z.strictObject({ kind: z.literal('static hold'), sets: z.int().min(1).max(10) }),
  start: { kind: 'static hold', sets: 3 },
  parts: ({ sets }) => [plainPart(sets)],
  ...bySets(1, 10),
  reach: () => 'short of failure',
  heldBack: (parameters) => parameters,
  progress: 'load rule',
  loggedAs: 'seconds',
  measures: true,
};
