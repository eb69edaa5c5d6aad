import type { LocalDate } from '../calendar';
import { conventionsOf } from '../conventions/own-conventions';
import type { Exposure } from '../effort/exposure';
import { blockExposures } from '../effort/exposures-of';
import type { Catalogue } from '../exercises/catalogue';
import type { BlockPlan } from '../plan/block-plan';
import type { Training } from '../training/training';
import type { Watch } from '../watch/alert-kind';

/** A block as a review sees it: on a day during or after it. */
export type Reviewed = Omit<Watch, 'isFollowed'>;

/** What was lifted in the block itself. */
export function liftedIn({
  blockPlan,
  exposures,
}: Pick<Reviewed, 'blockPlan' | 'exposures'>): readonly Exposure[] {
  const days = new Set(
    blockPlan.weeks.flatMap(({ performed }) => [...performed.values()].map(({ workout }) => workout.date)),
  );
  const slots = new Set(
    blockPlan.weeks.flatMap(({ plan }) =>
      plan.sessions.flatMap(({ slots: of }) => of.map(({ slotId }) => slotId)),
    ),
  );
  return exposures.filter(({ date, slotId }) => days.has(date) && slots.has(slotId));
}

/** The inputs of a review. */
export interface ReviewSource extends Pick<Training, 'blockId' | 'block' | 'athlete' | 'log' | 'checkIns'> {
  readonly blockPlan: BlockPlan;
  readonly catalogue: Pick<Catalogue, 'find' | 'newest'>;
  readonly today: LocalDate;
}

/** A block with everything lifted in it, as its review sees it. */
export function blockToReview({ catalogue, ...source }: ReviewSource): Reviewed {
  const { block, athlete, blockPlan, log, checkIns, today } = source;
  return {
    block,
    athlete,
    blockPlan,
    log,
    checkIns,
    today,
    exposures: blockExposures(blockPlan.weeks, athlete, catalogue.newest),
    exercises: catalogue.find,
    conventions: conventionsOf({ own: athlete.conventions, block: block.conventions }),
  };
}
