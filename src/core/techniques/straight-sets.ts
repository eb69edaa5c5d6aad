import { whole } from '../fields';
import { bySets, plainPart, type Technique } from './technique';

export interface StraightSets {
  readonly kind: 'straight';
  readonly sets: number;
}

/** n sets in the range at the target RIR. */
export const straightSets: Technique<StraightSets> = {
  kind: 'straight',
  fields: { sets: whole(1, 12) },
  start: { kind: 'straight', sets: 3 },
  parts: ({ sets }) => [plainPart(sets)],
  ...bySets(1, 12),
  reach: () => 'short of failure',
  heldBack: (parameters) => parameters,
  progress: 'load rule',
  loggedAs: 'reps',
  measures: true,
};
