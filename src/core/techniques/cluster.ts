import { whole } from '../fields';
import { fixedMinis, leadRirOf } from './stamina';
import { bySets, plainPart, type Technique } from './technique';

export interface Cluster {
  readonly kind: 'cluster';
  readonly sets: number;
  /** Mini-sets in each set, and reps in each of them. */
  readonly minis: number;
  readonly reps: number;
  /** Seconds between mini-sets; between sets stands the slot's rest. */
  readonly pause: number;
}

const repsOf = ({ minis, reps }: Cluster) => Array.from({ length: minis }, () => reps);

/** k big sets of m x r with short rests inside and full rests between. */
export const cluster: Technique<Cluster> = {
  kind: 'cluster',
  fields: { sets: whole(1, 6), minis: whole(2, 8), reps: whole(1, 10), pause: whole(5, 45) },
  start: { kind: 'cluster', sets: 2, minis: 4, reps: 3, pause: 20 },
  parts: (parameters) => {
    const reps = repsOf(parameters);
    return [
      plainPart(parameters.sets, {
        range: { low: parameters.reps, high: parameters.reps },
        leadRir: leadRirOf(reps, parameters.pause),
        minis: () => fixedMinis(reps.slice(1), parameters.pause),
      }),
    ];
  },
  ...bySets(1, 6),
  reach: () => 'short of failure',
  heldBack: (parameters) => parameters,
  progress: 'load rule',
  loggedAs: 'reps',
  measures: true,
};
