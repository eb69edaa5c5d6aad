import type { Athlete } from '../athlete/athlete';
import type { Exercise } from '../exercises/exercise';
import { type Unit, valueIn, type Weight } from './weight';

/** The part of the athlete's bodyweight that an exercise moves, in a unit; 0 if none. */
export function carriedWeight(
  { bodyweightShare }: Pick<Exercise, 'bodyweightShare'>,
  { bodyweight }: Pick<Athlete, 'bodyweight'>,
  unit: Unit,
): number {
  return bodyweightShare * valueIn(unit, bodyweight);
}

/** How loads of a bar can be relieved by bands. */
export function isBar({ loading }: Pick<Exercise, 'loading'>): boolean {
  return loading === 'barbell' || loading === 'plate-loaded';
}

/**
 * What bands take off a bar on average over the range, in a unit: half of what they take off at the bottom, because
 * at the top they are slack. A convention: bands differ, and the slot's own log corrects it.
 */
export function reliefWeight(exercise: Pick<Exercise, 'loading'>, relief: Weight | null, unit: Unit): number {
  return relief === null || !isBar(exercise) ? 0 : valueIn(unit, relief) / 2;
}
