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

/** Whether an exercise loads a bar, which bands can hold up. */
export function isBar({ loading }: Pick<Exercise, 'loading'>): boolean {
  return loading === 'barbell' || loading === 'plate-loaded';
}

/**
 * What bands take off a bar on average: half of what they take off at the bottom, because they are slack at the top.
 * A convention: bands differ, and the slot's own log corrects it.
 */
export function meanRelief(atTheBottom: number): number {
  return atTheBottom / 2;
}
