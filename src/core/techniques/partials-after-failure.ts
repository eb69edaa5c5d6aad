import { choice, whole } from '../fields';
import { bySets, type Manner, plainPart, type Section, type Technique } from './technique';

export interface PartialsAfterFailure {
  readonly kind: 'partials after failure';
  readonly sets: number;
  readonly on: 'every set' | 'last set';
  readonly partials: number;
  readonly half: Extract<Manner, 'long half' | 'short half'>;
}

const MOST_PARTIALS = 12;

/** Full reps to failure, then partials in the long or the easier half; of every set or of the last only. */
export const partialsAfterFailure: Technique<PartialsAfterFailure> = {
  kind: 'partials after failure',
  fields: {
    sets: whole(1, 6),
    on: choice(['every set', 'last set']),
    partials: whole(1, MOST_PARTIALS),
    half: choice(['long half', 'short half']),
  },
  start: { kind: 'partials after failure', sets: 2, on: 'last set', partials: 4, half: 'long half' },
  parts: ({ sets, on, partials, half }) => {
    const section: Section = { manner: half, reps: partials, past: true };
    return [
      plainPart(sets, {
        ...(on === 'every set' ? { rir: 0 } : { lastRir: 0 }),
        sections: (last) => (last || on === 'every set' ? [section] : []),
      }),
    ];
  },
  ...bySets(1, 6),
  reach: () => 'past failure',
  heldBack: () => null,
  progress: 'reps',
  // The pair is the number to beat: at equal full reps one partial more than was done, with more of them the given number.
  next: (parameters, { closing }, _, given) => {
    if (closing === undefined || closing.full < closing.asked) return parameters;
    return {
      ...parameters,
      partials:
        closing.full > closing.asked
          ? given.partials
          : Math.min(MOST_PARTIALS, Math.max(1, closing.partials + 1)),
    };
  },
  loggedAs: 'full and partial reps',
  measures: true,
};
