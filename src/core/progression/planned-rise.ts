import { roundHalfUp } from '../rounding';

/** Sets of a building week on a straight line from the first to the last, rounded half up. */
export function plannedRise(
  from: number,
  to: number,
  { week, weeks }: { week: number; weeks: number },
): number {
  return weeks <= 1 ? to : roundHalfUp(from + ((to - from) * (week - 1)) / (weeks - 1));
}
