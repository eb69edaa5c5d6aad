import type { LocalDate } from '../calendar';
import { fatigueSigns } from '../recovery/check-in';
import { fatigueScore } from '../recovery/signs';
import type { Watch } from './alert-kind';

/** The fatigue score on a day, from what had been reported and trained until then. */
export function signsOn(
  day: LocalDate,
  { checkIns, blockPlan, conventions }: Pick<Watch, 'checkIns' | 'blockPlan' | 'conventions'>,
): number | null {
  const begun = new Set(
    blockPlan.weeks.filter(({ plan }) => plan.startDate <= day).map(({ plan }) => plan.week),
  );
  const observations = blockPlan.observations.filter(({ week }) => begun.has(week));
  const signs = fatigueSigns(checkIns, observations, day);
  return signs === null ? null : fatigueScore(signs, false, conventions).sum;
}
