import { whole } from '../fields';
import { bySets, plainPart, type Technique } from './technique';

export interface Activation {
  readonly kind: 'activation';
  readonly sets: number;
}

/** Share of the one-rep max that can be felt without fatigue. */
const EASY_SHARE = 0.4;
/** RIR shown for sets that must stay easy. */
const EASY_RIR = 6;

/** One to three easy sets before the main lift. They never count and never progress. */
export const activation: Technique<Activation> = {
  kind: 'activation',
  fields: { sets: whole(1, 3) },
  start: { kind: 'activation', sets: 2 },
  parts: ({ sets }) => [plainPart(sets, { role: 'easy', ofMax: EASY_SHARE, rir: EASY_RIR })],
  ...bySets(1, 3),
  reach: () => 'short of failure',
  heldBack: (parameters) => parameters,
  progress: 'none',
  loggedAs: 'reps',
  measures: false,
  uncounted: true,
};
