import { choice, share, whole, yes } from '../fields';
import { MOST_PARTIALS, nextPartials } from './partials-after-failure';
import type { Half, Reach, Section, Technique } from './technique';

export interface TopSetBackOffs {
  readonly kind: 'top + back-offs';
  readonly backOffs: number;
  /** Distance of the back-offs below the top set, 0.05-0.30 of its load. */
  readonly drop: number;
  /** RIR by which the top set is easier than the week's RIR. */
  readonly topRir: number;
  /** Added to both ends of the rep range for the back-offs; 0 keeps the range. */
  readonly backOffReps: number;
  /** Alternatively the top set goes to failure in every week. */
  readonly topToFailure: boolean;
  /** Partial reps after the top set's last full one; 0: none. */
  readonly topPartials: number;
  /** Partial reps after the last back-off's last full one; 0: none. */
  readonly backOffPartials: number;
  /** The half used for them: the easier one for the exercise, or a named one. */
  readonly half: 'easier half' | Half;
  /** What progresses the back-offs: the top set, or the slot's load rule from their own last time. */
  readonly backOffRule: 'the top set' | 'their own last time';
}

const LIMITS = { least: 2, most: 5 };
const LEAST_DROP = 0.05;
const MOST_DROP = 0.3;

/** Failure and partials each go one step closer. */
const REACHED: readonly Reach[] = ['short of failure', 'to failure', 'past failure'];

const partialsIn = (half: TopSetBackOffs['half'], easier: Half, reps: number): readonly Section[] => [
  { manner: half === 'easier half' ? easier : half, reps, past: true },
];

/** One heavier set held back from failure, then one to four lighter ones closer to it. */
export const topSetBackOffs: Technique<TopSetBackOffs> = {
  kind: 'top + back-offs',
  fields: {
    backOffs: whole(LIMITS.least - 1, LIMITS.most - 1),
    drop: share(LEAST_DROP, MOST_DROP),
    topRir: whole(0, 3),
    backOffReps: whole(0, 8),
    topToFailure: yes(false),
    topPartials: whole(0, MOST_PARTIALS, 0),
    backOffPartials: whole(0, MOST_PARTIALS, 0),
    half: choice(['easier half', 'long half', 'short half'], 'easier half'),
    backOffRule: choice(['the top set', 'their own last time'], 'the top set'),
  },
  start: {
    kind: 'top + back-offs',
    backOffs: 2,
    drop: 0.1,
    topRir: 1,
    // A top set near the middle of the range leaves back-offs about four reps more.
    backOffReps: 4,
    topToFailure: false,
    topPartials: 0,
    backOffPartials: 0,
    half: 'easier half',
    backOffRule: 'the top set',
  },
  parts: ({
    backOffs,
    drop,
    topRir,
    backOffReps,
    topToFailure,
    topPartials,
    backOffPartials,
    half,
    backOffRule,
  }) => [
    {
      role: 'top',
      sets: 1,
      rirOffset: topRir,
      repOffset: 0,
      ...(topToFailure ? { rir: 0 } : {}),
      ...(topPartials > 0 ? { sections: (_, easier) => partialsIn(half, easier, topPartials) } : {}),
    },
    {
      role: 'back-off',
      sets: backOffs,
      rirOffset: 0,
      repOffset: backOffReps,
      drop,
      ...(backOffPartials > 0
        ? {
            sections: (last, easier) => (last ? partialsIn(half, easier, backOffPartials) : []),
          }
        : {}),
      ...(backOffRule === 'their own last time' ? { ownRule: true } : {}),
    },
  ],
  setCount: ({ backOffs }) => 1 + backOffs,
  withSetCount: (parameters, sets) => ({ ...parameters, backOffs: sets - 1 }),
  setLimits: () => LIMITS,
  reach: ({ topToFailure, topPartials, backOffPartials }) =>
    REACHED[Number(topToFailure) + Number(topPartials + backOffPartials > 0)] as Reach,
  heldBack: (parameters) => ({ ...parameters, topToFailure: false, topPartials: 0, backOffPartials: 0 }),
  progress: 'load rule',
  // The last set with partials is the one to beat.
  next: (parameters, { closing }, _, given) => {
    const field = parameters.backOffPartials > 0 ? 'backOffPartials' : 'topPartials';
    return parameters[field] === 0
      ? parameters
      : { ...parameters, [field]: nextPartials(parameters[field], closing, given[field]) };
  },
  loggedAs: 'reps',
  measures: true,
};
