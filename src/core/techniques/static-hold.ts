import { whole } from '../fields';
import { bySets, plainPart, type Technique } from './technique';

export interface StaticHold {
  readonly kind: 'static hold';
  readonly sets: number;
}

/** A position held for seconds, in sets: seconds progress, then a harder variation. For exercises that are held. */
export const staticHold: Technique<StaticHold> = {
  kind: 'static hold',
  fields: { sets: whole(1, 10) },
  start: { kind: 'static hold', sets: 3 },
  parts: ({ sets }) => [plainPart(sets)],
  ...bySets(1, 10),
  reach: () => 'short of failure',
  heldBack: (parameters) => parameters,
  progress: 'load rule',
  loggedAs: 'seconds',
  measures: true,
};
