import type { LocalDate } from '../calendar';
import { signsOf } from '../recovery/check-in';
import { signsSum } from '../recovery/signs';
import type { Watch } from './watch';

/** The fatigue score on a day, from what had been reported and trained until then. */
export function signsOn(
  day: LocalDate,
  { checkIns, blockPlan, conventions }: Pick<Watch, 'checkIns' | 'blockPlan' | 'conventions'>,
): number | null {
  const begun = new Set(
    blockPlan.weeks.filter(({ plan }) => plan.startDate <= day).map(({ plan }) => plan.week),
  );
  const observations = blockPlan.observations.filter(({ week }) => begun.has(week));
  const signs = signsOf(checkIns, observations, day);
  return signs === null ? null : signsSum(signs, false, conventions).sum;
}
