import { whole, yes } from '../fields';
import { minisToRir } from './stamina';
import { plainPart, type Technique } from './technique';

export interface TotalRepTarget {
  readonly kind: 'total-rep target';
  /** Total reps. */
  readonly total: number;
  /** Seconds between mini-sets. */
  readonly pause: number;
  /** Number of mini-sets at which the load rises. */
  readonly fewest: number;
  /** Mini-sets of full reps and of stretched half reps alternate. */
  readonly inTurn: boolean;
}

/** Needing more mini-sets means the load is too heavy for the total. */
const MOST_MINIS = 15;

/** One load, as many mini-sets with short rests as the total needs: fewer mini-sets, then load. */
export const totalRepTarget: Technique<TotalRepTarget> = {
  kind: 'total-rep target',
  fields: { total: whole(10, 100), pause: whole(10, 45), fewest: whole(1, 8), inTurn: yes(false) },
  start: { kind: 'total-rep target', total: 30, pause: 20, fewest: 4, inTurn: false },
  parts: ({ total, pause, inTurn }) => {
    const minis = Array.from({ length: MOST_MINIS }, (_, at) => ({
      pause,
      share: 1,
      ...(inTurn && at % 2 === 0 ? { manner: 'long half' as const } : {}),
    }));
    return [plainPart(1, { minis: (lead) => minisToRir(lead, minis, total - lead.reps) })];
  },
  setCount: () => 1,
  withSetCount: (parameters) => parameters,
  setLimits: () => ({ least: 1, most: 1 }),
  reach: () => 'short of failure',
  heldBack: (parameters) => parameters,
  progress: 'earned',
  earned: ({ total, fewest }, done) => done.total >= total && done.sets <= fewest,
  loggedAs: 'sum of reps',
  measures: true,
};
