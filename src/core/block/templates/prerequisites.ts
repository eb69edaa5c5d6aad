import type { Athlete } from '../../athlete/athlete';
import type { Demand, Prerequisite } from './demands';

/** A prerequisite with the athlete's record: clean reps, null if there are none. */
export interface PrerequisiteState extends Prerequisite {
  readonly best: number | null;
  readonly met: boolean;
}

/**
 * How an athlete's record compares with a template's prerequisites. Assisted reps are not clean; added load counts.
 */
export function prerequisitesFor(
  { prerequisites }: Pick<Demand, 'prerequisites'>,
  { bestSets }: Pick<Athlete, 'bestSets'>,
): readonly PrerequisiteState[] {
  return prerequisites.map(({ exerciseId, reps }) => {
    const set = bestSets[exerciseId];
    const best = set === undefined ? null : set.load.value < 0 ? 0 : set.reps + Math.floor(set.rir);
    return { exerciseId, reps, best, met: best !== null && best >= reps };
  });
}
