import type { Athlete } from '../athlete/athlete';
import type { Exercise } from '../exercises/exercise';
import { type Unit, valueIn } from './weight';

/** The part of the athlete's own weight that an exercise lifts, in a unit; 0 where it lifts none. */
export function carriedWeight(
  { bodyweightShare }: Pick<Exercise, 'bodyweightShare'>,
  { bodyweight }: Pick<Athlete, 'bodyweight'>,
  unit: Unit,
): number {
  return bodyweightShare * valueIn(unit, bodyweight);
}
