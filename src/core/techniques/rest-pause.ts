import { whole, yes } from '../fields';
import { fixedMinis, leadRirOf, minisToRir } from './stamina';
import { bySets, plainPart, type Technique } from './technique';

export interface RestPause {
  readonly kind: 'rest-pause';
  readonly sets: number;
  /** Number of continuations. */
  readonly pauses: number;
  /** Seconds of each pause. */
  readonly pause: number;
  /** Reps of a set over all parts; at the top the load rises. */
  readonly total: { readonly low: number; readonly high: number };
  /** Reps of each part as written; none: as many as possible. */
  readonly lengths: readonly number[];
  /** To failure each time; otherwise to the week's RIR, never less than 1. */
  readonly toFailure: boolean;
}

/** A set, 15-30 s of rest, again and again: total reps in a range, or parts of written lengths. */
export const restPause: Technique<RestPause> = {
  kind: 'rest-pause',
  fields: {
    sets: whole(1, 4),
    pauses: whole(1, 4),
    pause: whole(10, 45),
    total: { type: 'band', least: 2, most: 60 },
    lengths: { type: 'list', least: 1, most: 30, longest: 5, otherwise: [] },
    toFailure: yes(),
  },
  start: {
    kind: 'rest-pause',
    sets: 1,
    pauses: 2,
    pause: 20,
    total: { low: 15, high: 20 },
    lengths: [],
    toFailure: true,
  },
  parts: ({ sets, pauses, pause, total, lengths, toFailure }) => {
    const effort = toFailure ? { rir: 0 } : { leastRir: 1 };
    const [first, ...others] = lengths;
    if (first !== undefined)
      return [
        plainPart(sets, {
          ...effort,
          range: { low: first, high: first },
          leadRir: leadRirOf(lengths, pause),
          minis: () => fixedMinis(others, pause),
        }),
      ];
    return [
      plainPart(sets, {
        ...effort,
        minis: (lead) =>
          minisToRir(
            lead,
            Array.from({ length: pauses }, () => ({ pause, share: 1 })),
            // Never above the top of the band, at which the load rises: the last piece gives way.
            Math.max(0, total.high - lead.reps),
          ),
      }),
    ];
  },
  ...bySets(1, 4),
  reach: ({ toFailure }) => (toFailure ? 'past failure' : 'short of failure'),
  heldBack: (parameters) => ({ ...parameters, toFailure: false }),
  progress: 'earned',
  // Written parts earn the load by being completed; open ones by their sum.
  earned: ({ total, sets, lengths }, done) =>
    lengths.length > 0 ? done.met && done.running >= 2 : done.total >= total.high * sets,
  loggedAs: 'reps',
  measures: true,
};
