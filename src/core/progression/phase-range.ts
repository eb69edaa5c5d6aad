import type { Phase } from '../athlete/athlete';
import type { RepRange } from '../block/rep-range';
import type { Conventions } from '../conventions/conventions';

/**
 * A rep range in a phase: while cutting both ends are five reps higher, the top at most thirty; a range already above
 * that stays.
 */
export function rangeInPhase(
  range: RepRange,
  phase: Phase,
  { cutReps, cutRepsTop }: Pick<Conventions, 'cutReps' | 'cutRepsTop'>,
): RepRange {
  if (phase !== 'cutting' || range.high > cutRepsTop) return range;
  const high = Math.min(cutRepsTop, range.high + cutReps);
  return { low: Math.min(high, range.low + cutReps), high };
}
