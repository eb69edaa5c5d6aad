import type { Athlete } from '../../athlete/athlete';
import type { Demand, Prerequisite } from './demands';

/** A prerequisite beside what the athlete has on record: clean reps, null where there is nothing. */
export interface PrerequisiteState extends Prerequisite {
  readonly best: number | null;
  readonly met: boolean;
}

/** How an athlete stands to what a template asks before it. Reps with assistance are not clean; added load only makes them stronger. */
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
