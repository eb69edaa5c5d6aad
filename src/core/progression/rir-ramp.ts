import { roundHalfDown } from '../rounding';

/**
 * Target RIR of a building week: from `first` in week 1 evenly down to `last`, halves rounded down. A single week
 * gets `last`.
 * @param week from 1
 */
export function rampRir(
  ramp: { readonly first: number; readonly last: number },
  week: number,
  weeks: number,
): number {
  if (weeks <= 1) return ramp.last;
  return roundHalfDown(ramp.first - ((ramp.first - ramp.last) * (week - 1)) / (weeks - 1));
}
