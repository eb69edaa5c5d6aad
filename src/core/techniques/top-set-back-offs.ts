import { share, whole, yes } from '../fields';
import type { Technique } from './technique';

export interface TopSetBackOffs {
  readonly kind: 'top + back-offs';
  readonly backOffs: number;
  /** How far the back-offs lie below the top set, 0.10-0.30 of its load. */
  readonly drop: number;
  /** RIR by which the top set is held back from the week's RIR. */
  readonly topRir: number;
  /** Added to both ends of the rep range for the back-offs; 0 keeps the range. */
  readonly backOffReps: number;
  /** The other school: the top set goes to failure, whatever the week. */
  readonly topToFailure: boolean;
}

const LIMITS = { least: 2, most: 5 };
const LEAST_DROP = 0.05;
const MOST_DROP = 0.3;

/** One heavier set held back from failure, then one to four lighter ones nearer to it. */
export const topSetBackOffs: Technique<TopSetBackOffs> = {
  kind: 'top + back-offs',
  fields: {
    backOffs: whole(LIMITS.least - 1, LIMITS.most - 1),
    drop: share(LEAST_DROP, MOST_DROP),
    topRir: whole(0, 3),
    backOffReps: whole(0, 8),
    topToFailure: yes(false),
  },
  start: {
    kind: 'top + back-offs',
    backOffs: 2,
    drop: 0.12,
    topRir: 1,
    // A top set near the middle of the range leaves back-offs about four reps more.
    backOffReps: 4,
    topToFailure: false,
  },
  parts: ({ backOffs, drop, topRir, backOffReps, topToFailure }) => [
    { role: 'top', sets: 1, rirOffset: topRir, repOffset: 0, ...(topToFailure ? { rir: 0 } : {}) },
    {
      role: 'back-off',
      sets: backOffs,
      rirOffset: 0,
      repOffset: backOffReps,
      drop: { least: LEAST_DROP, wished: drop, most: MOST_DROP },
    },
  ],
  setCount: ({ backOffs }) => 1 + backOffs,
  withSetCount: (parameters, sets) => ({ ...parameters, backOffs: sets - 1 }),
  setLimits: () => LIMITS,
  reach: ({ topToFailure }) => (topToFailure ? 'to failure' : 'short of failure'),
  heldBack: (parameters) => ({ ...parameters, topToFailure: false }),
  progress: 'load rule',
  loggedAs: 'reps',
  measures: true,
};
