import { z } from 'zod';
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
  schema: z.strictObject({
    kind: z.literal('rest-pause'),
    sets: z.int().min(1).max(4),
    pauses: z.int().min(1).max(4),
    pause: z.int().min(10).max(45),
    total: z.strictObject({ low: z.int().min(2).max(60), high: z.int().min(2).max(60) }),
    toFailure: z.boolean(),
  }),
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
