import type { Athlete } from '../athlete/athlete';
import type { Exercise } from '../exercises/exercise';
import { type Unit, valueIn } from './weight';

/** The part of the athlete's bodyweight that an exercise moves, in a unit; 0 if none. */
export function carriedWeight(
  { bodyweightShare }: Pick<Exercise, 'bodyweightShare'>,
  { bodyweight }: Pick<Athlete, 'bodyweight'>,
  unit: Unit,
): number {
  return bodyweightShare * valueIn(unit, bodyweight);
}
