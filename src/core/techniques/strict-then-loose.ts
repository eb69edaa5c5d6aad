import { whole } from '../fields';
import { bySets, plainPart, type Section, type Technique } from './technique';

export interface StrictThenLoose {
  readonly kind: 'strict then loose';
  readonly sets: number;
  /** Loose reps after the last strict one. */
  readonly loose: number;
}

/** Strict reps to failure, then some loose ones, at most as many again. Isolation only; strict reps progress. */
export const strictThenLoose: Technique<StrictThenLoose> = {
  kind: 'strict then loose',
  fields: { sets: whole(1, 4), loose: whole(1, 20) },
  start: { kind: 'strict then loose', sets: 2, loose: 3 },
  parts: ({ sets, loose }) => {
    const section: Section = { manner: 'loose', reps: loose, past: true };
    return [plainPart(sets, { rir: 0, sections: () => [section] })];
  },
  ...bySets(1, 4),
  reach: () => 'past failure',
  heldBack: () => null,
  progress: 'reps',
  loggedAs: 'full and partial reps',
  measures: true,
};
