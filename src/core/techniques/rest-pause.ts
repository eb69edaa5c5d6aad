import { whole, yes } from '../fields';
import { minisToRir } from './stamina';
import { bySets, plainPart, type Technique } from './technique';

export interface RestPause {
  readonly kind: 'rest-pause';
  readonly sets: number;
  /** Times the set is taken up again. */
  readonly pauses: number;
  /** Seconds of each pause. */
  readonly pause: number;
  /** Reps of one set, all its pieces; at the top the load rises. */
  readonly total: { readonly low: number; readonly high: number };
  /** To failure each time; otherwise to the week's RIR, never less than 1. */
  readonly toFailure: boolean;
}

/** A set, 15-30 s, again, and again: total reps in a band. */
export const restPause: Technique<RestPause> = {
  kind: 'rest-pause',
  fields: {
    sets: whole(1, 4),
    pauses: whole(1, 4),
    pause: whole(10, 45),
    total: { type: 'band', least: 2, most: 60 },
    toFailure: yes(),
  },
  start: {
    kind: 'rest-pause',
    sets: 1,
    pauses: 2,
    pause: 20,
    total: { low: 15, high: 20 },
    toFailure: true,
  },
  parts: ({ sets, pauses, pause, toFailure }) => [
    plainPart(sets, {
      ...(toFailure ? { rir: 0 } : { leastRir: 1 }),
      minis: (lead) =>
        minisToRir(
          lead,
          Array.from({ length: pauses }, () => ({ pause, share: 1 })),
        ),
    }),
  ],
  ...bySets(1, 4),
  reach: ({ toFailure }) => (toFailure ? 'past failure' : 'short of failure'),
  heldBack: (parameters) => ({ ...parameters, toFailure: false }),
  progress: 'earned',
  earned: ({ total, sets }, done) => done.total >= total.high * sets,
  loggedAs: 'reps',
  measures: true,
};
