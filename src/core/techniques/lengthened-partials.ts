import { whole } from '../fields';
import { bySets, plainPart, type Technique } from './technique';

export interface LengthenedPartials {
  readonly kind: 'lengthened partials';
  readonly sets: number;
}

/** Only the half of the range in which the muscle is long. Reps progress, then load. */
export const lengthenedPartials: Technique<LengthenedPartials> = {
  kind: 'lengthened partials',
  fields: { sets: whole(1, 8) },
  start: { kind: 'lengthened partials', sets: 2 },
  parts: ({ sets }) => [plainPart(sets, { manner: 'long half' })],
  ...bySets(1, 8),
  reach: () => 'short of failure',
  heldBack: (parameters) => parameters,
  progress: 'reps',
  loggedAs: 'reps',
  measures: true,
};
