import { share, whole, yes } from '../fields';
import { minisToRir } from './stamina';
import { bySets, plainPart, type Technique } from './technique';

export interface DropSet {
  readonly kind: 'drop set';
  readonly sets: number;
  readonly drops: number;
  /** Share of the load removed each time. */
  readonly off: number;
  readonly toFailure: boolean;
}

/** To failure, a fifth to a quarter off, again; one to three drops. The reps of the first part progress. */
export const dropSet: Technique<DropSet> = {
  kind: 'drop set',
  fields: { sets: whole(1, 4), drops: whole(1, 3), off: share(0.1, 0.4), toFailure: yes() },
  start: { kind: 'drop set', sets: 1, drops: 2, off: 0.2, toFailure: true },
  parts: ({ sets, drops, off, toFailure }) => [
    plainPart(sets, {
      ...(toFailure ? { rir: 0 } : { leastRir: 1 }),
      minis: (lead) =>
        minisToRir(
          lead,
          Array.from({ length: drops }, (_, at) => ({ pause: 0, share: (1 - off) ** (at + 1) })),
        ),
    }),
  ],
  ...bySets(1, 4),
  reach: ({ toFailure }) => (toFailure ? 'past failure' : 'short of failure'),
  heldBack: (parameters) => ({ ...parameters, toFailure: false }),
  progress: 'reps',
  loggedAs: 'reps',
  measures: true,
};
