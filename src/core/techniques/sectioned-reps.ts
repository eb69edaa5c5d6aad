import { whole, yes } from '../fields';
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
  fields: { sets: whole(1, 6), each: whole(3, 12), slow: yes() },
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
