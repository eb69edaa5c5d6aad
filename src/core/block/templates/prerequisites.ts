import type { Athlete } from '../../athlete/athlete';
import type { Prerequisite, Template } from './template';

/** A prerequisite beside what the athlete has on record: clean reps, null where there is nothing. */
export interface PrerequisiteState extends Prerequisite {
  readonly known: number | null;
  readonly met: boolean;
}

/** How an athlete stands to what a template asks before it. Reps with assistance are not clean; added load only makes them stronger. */
export function prerequisitesFor(
  { prerequisites }: Pick<Template, 'prerequisites'>,
  { bestSets }: Pick<Athlete, 'bestSets'>,
): readonly PrerequisiteState[] {
  return prerequisites.map(({ exerciseId, reps }) => {
    const best = bestSets[exerciseId];
    const known = best === undefined ? null : best.load.value < 0 ? 0 : best.reps + Math.floor(best.rir);
    return { exerciseId, reps, known, met: known !== null && known >= reps };
  });
}
