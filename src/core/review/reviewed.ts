import type { Exposure } from '../effort/exposure';
import type { Watch } from '../watch/watch';

/** A block as a review looks at it: on a day of its life, or behind its end. */
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
