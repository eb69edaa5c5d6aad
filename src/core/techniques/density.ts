import { type Fields, whole } from '../fields';
import type { Technique } from './technique';

/** Any other technique, with its rest reduced week by week. */
export interface Density<Inner extends { readonly kind: string }> {
  readonly kind: 'density';
  readonly of: Inner;
  /** Seconds of rest removed after each session that met its target. */
  readonly cut: number;
  /** Rest at which the load rises and the rest starts over. */
  readonly least: number;
  /** Seconds removed so far. */
  readonly taken: number;
}

/** Its own parameters; the inner technique has its own fields. */
export const DENSITY_FIELDS = { cut: whole(1, 30), least: whole(15, 300), taken: whole(0, 600, 0) };

function isLeast({ taken, least }: Pick<Density<never>, 'taken' | 'least'>, rest: number): boolean {
  return rest - taken <= least;
}

/**
 * Rest reduced by 5-10 s a week at equal load and reps; at the minimum rest the load rises and the rest starts over.
 * @param inner the techniques possible inside
 */
export function densityOf<Inner extends { readonly kind: string }>(
  inner: Pick<
    Technique<Inner>,
    'start' | 'parts' | 'setCount' | 'withSetCount' | 'setLimits' | 'reach' | 'heldBack'
  >,
): Technique<Density<Inner>> {
  return {
    kind: 'density',
    fields: DENSITY_FIELDS as Fields<Density<Inner>>,
    start: { kind: 'density', of: inner.start, cut: 10, least: 45, taken: 0 },
    parts: ({ of, least, taken }) =>
      inner.parts(of).map((part) => ({
        ...part,
        rest: (seconds) => Math.max(Math.min(seconds, least), seconds - taken),
      })),
    setCount: ({ of }) => inner.setCount(of),
    withSetCount: (parameters, sets) => ({ ...parameters, of: inner.withSetCount(parameters.of, sets) }),
    setLimits: ({ of }) => inner.setLimits(of),
    reach: ({ of }) => inner.reach(of),
    heldBack: (parameters) => {
      const of = inner.heldBack(parameters.of);
      return of === null ? null : { ...parameters, of };
    },
    progress: 'earned',
    earned: (parameters, done, { rest }) => done.met && isLeast(parameters, rest),
    next: (parameters, done, { rest }) => {
      if (!done.met) return parameters;
      return { ...parameters, taken: isLeast(parameters, rest) ? 0 : parameters.taken + parameters.cut };
    },
    keepsReps: true,
    loggedAs: 'reps',
    measures: true,
  };
}
