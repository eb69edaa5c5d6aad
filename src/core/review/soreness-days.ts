import type { Muscle } from '../anatomy/muscle';
import { daysBetween } from '../calendar';
import type { Reviewed } from './reviewed';

/**
 * Days until a muscle's soreness was gone, by session in order of reporting; soreness that is still there is left
 * out.
 */
export function sorenessDays({ log }: Pick<Reviewed, 'log'>): ReadonlyMap<Muscle, readonly number[]> {
  const trained = new Map(log.workouts.map(({ id, date }) => [id, date]));
  const days = new Map<Muscle, number[]>();
  for (const { workoutId, muscle, ended } of log.soreness) {
    const date = trained.get(workoutId);
    if (date === undefined || ended === 'still') continue;
    const took = ended === 'none' ? 0 : Math.max(0, daysBetween(date, ended));
    days.set(muscle, [...(days.get(muscle) ?? []), took]);
  }
  return days;
}
