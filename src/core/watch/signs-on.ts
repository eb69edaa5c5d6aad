import type { LocalDate } from '../calendar';
import { signsOf } from '../recovery/check-in';
import { signsSum } from '../recovery/signs';
import type { Watch } from './watch';

/** The sum of the signs as it was on a day: by what had been told and trained until then. */
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
