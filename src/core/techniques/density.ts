import { z } from 'zod';
import type { Technique } from './technique';

/** Any other technique, with its rest cut week by week. */
export interface Density<Inner extends { readonly kind: string }> {
  readonly kind: 'density';
  readonly of: Inner;
  /** Seconds of rest cut after each session that was met. */
  readonly cut: number;
  /** Rest at which the load rises and the rest starts anew. */
  readonly least: number;
  /** Seconds cut so far. */
  readonly taken: number;
}

function isLeast({ taken, least }: Pick<Density<never>, 'taken' | 'least'>, rest: number): boolean {
  return rest - taken <= least;
}

/**
 * Rest cut by 5-10 s a week at equal load and reps; at the least rest the load rises and the rest starts anew.
 * @param inner the techniques that can stand inside
 */
export function densityOf<Inner extends { readonly kind: string }>(
  inner: Pick<
    Technique<Inner>,
    'schema' | 'start' | 'parts' | 'setCount' | 'withSetCount' | 'setLimits' | 'reach' | 'heldBack'
  >,
): Technique<Density<Inner>> {
  return {
    kind: 'density',
    schema: z.strictObject({
      kind: z.literal('density'),
      of: inner.schema,
      cut: z.int().min(1).max(30),
      least: z.int().min(15).max(300),
      taken: z.int().min(0).max(600).default(0),
    }),
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
