import { choice, whole, yes } from '../fields';
import { bySets, type Done, type Half, plainPart, type Technique } from './technique';

export interface PartialsAfterFailure {
  readonly kind: 'partials after failure';
  readonly sets: number;
  readonly on: 'every set' | 'last set';
  readonly partials: number;
  /** The half used: the easier one for the exercise, or a named one. */
  readonly half: 'easier half' | Half;
  /** Full reps to failure; otherwise to the set's RIR. */
  readonly toFailure: boolean;
}

export const MOST_PARTIALS = 12;

/**
 * Partial reps next time. Both counts together are to be beaten: with equal full reps one partial more than done,
 * with more full reps the written number again, with fewer the same.
 */
export function nextPartials(asked: number, closing: Done['closing'], given: number): number {
  if (closing === undefined || closing.full < closing.asked) return asked;
  if (closing.full > closing.asked) return given;
  return Math.min(MOST_PARTIALS, Math.max(1, closing.partials + 1));
}

/** Full reps to failure or to the set's RIR, then partials in one half; on every set or only the last. */
export const partialsAfterFailure: Technique<PartialsAfterFailure> = {
  kind: 'partials after failure',
  fields: {
    sets: whole(1, 6),
    on: choice(['every set', 'last set']),
    partials: whole(1, MOST_PARTIALS),
    half: choice(['easier half', 'long half', 'short half']),
    toFailure: yes(true),
  },
  start: {
    kind: 'partials after failure',
    sets: 2,
    on: 'last set',
    partials: 4,
    half: 'easier half',
    toFailure: true,
  },
  parts: ({ sets, on, partials, half, toFailure }) => {
    const effort = !toFailure ? {} : on === 'every set' ? { rir: 0 } : { lastRir: 0 };
    return [
      plainPart(sets, {
        ...effort,
        sections: (last, easier) => {
          if (!last && on !== 'every set') return [];
          return [{ manner: half === 'easier half' ? easier : half, reps: partials, past: true }];
        },
      }),
    ];
  },
  ...bySets(1, 6),
  // Even after reps left, partials end where full reps are no longer possible.
  reach: ({ toFailure }) => (toFailure ? 'past failure' : 'to failure'),
  heldBack: () => null,
  progress: 'reps',
  next: (parameters, { closing }, _, given) => ({
    ...parameters,
    partials: nextPartials(parameters.partials, closing, given.partials),
  }),
  loggedAs: 'full and partial reps',
  measures: true,
};
