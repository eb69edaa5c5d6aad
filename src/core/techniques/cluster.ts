import { share, whole, yes } from '../fields';
import { fixedMinis, leadRirOf } from './stamina';
import { bySets, plainPart, type Rise, type Technique } from './technique';

export interface Cluster {
  readonly kind: 'cluster';
  readonly sets: number;
  /** Mini-sets per set, and reps per mini-set. */
  readonly minis: number;
  readonly reps: number;
  /** Seconds between mini-sets; between sets it is the slot's rest. */
  readonly pause: number;
  /** How much heavier each big set is than the previous one; 0: one load. */
  readonly rise: number;
  /** The last big set is a single rep. */
  readonly single: boolean;
}

const MOST_RISE = 0.15;

const repsOf = ({ minis, reps }: Cluster) => Array.from({ length: minis }, () => reps);

/** Big sets with rising loads, the last one a single if chosen. */
function risesOf(parameters: Cluster): readonly Rise[] {
  const { sets, pause, rise, single } = parameters;
  return Array.from({ length: sets }, (_, at) => ({
    share: (1 + rise) ** at,
    reps: single && at > 0 && at === sets - 1 ? [1] : repsOf(parameters),
    pause,
  }));
}

/**
 * k big sets of m x r with short rests inside and full rests between; at one or rising loads, up to a heavy single.
 */
export const cluster: Technique<Cluster> = {
  kind: 'cluster',
  fields: {
    sets: whole(1, 6),
    minis: whole(2, 8),
    reps: whole(1, 10),
    pause: whole(5, 45),
    rise: share(0, MOST_RISE, 0),
    single: yes(false),
  },
  start: { kind: 'cluster', sets: 2, minis: 4, reps: 3, pause: 20, rise: 0, single: false },
  parts: (parameters) => {
    const reps = repsOf(parameters);
    return [
      plainPart(parameters.sets, {
        range: { low: parameters.reps, high: parameters.reps },
        leadRir: leadRirOf(reps, parameters.pause),
        minis: () => fixedMinis(reps.slice(1), parameters.pause),
        ...(parameters.rise > 0 || parameters.single ? { rises: risesOf(parameters) } : {}),
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
