import { z } from 'zod';
import { bySets, plainPart, type Section, sectionsCost, type Technique } from './technique';

export interface SectionedReps {
  readonly kind: 'sectioned reps';
  readonly sets: number;
  /** Reps of each section. */
  readonly each: number;
  /** A last section of slow full reps. */
  readonly slow: boolean;
}

/** p full, p of the long half, p of the other, p slow if wished: one set without a pause. */
export const sectionedReps: Technique<SectionedReps> = {
  kind: 'sectioned reps',
  schema: z.strictObject({
    kind: z.literal('sectioned reps'),
    sets: z.int().min(1).max(6),
    each: z.int().min(3).max(12),
    slow: z.boolean(),
  }),
  start: { kind: 'sectioned reps', sets: 2, each: 7, slow: false },
  parts: ({ sets, each, slow }) => {
    const sections: readonly Section[] = [
      { manner: 'long half', reps: each },
      { manner: 'short half', reps: each },
      ...(slow ? [{ manner: 'slow', reps: each } as const] : []),
    ];
    return [
      plainPart(sets, {
        range: { low: each, high: each },
        leadRir: (rir) => rir + sectionsCost(sections),
        sections: () => sections,
      }),
    ];
  },
  ...bySets(1, 6),
  reach: () => 'short of failure',
  heldBack: (parameters) => parameters,
  progress: 'load rule',
  loggedAs: 'full and partial reps',
  measures: true,
};
