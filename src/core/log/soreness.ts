import type { Muscle } from '../anatomy/muscle';
import type { LocalDate } from '../calendar';

/** When soreness from a session ended, as the athlete says it: there was none, from a day on it was gone, it is still there. */
export type SorenessEnd = 'none' | 'still' | LocalDate;

export interface SorenessReport {
  readonly workoutId: string;
  readonly muscle: Muscle;
  readonly ended: SorenessEnd;
  /** The day on which it was said. */
  readonly said: LocalDate;
}

/** How the end of soreness stands to the muscle's next session. */
export const SORENESS = ['never sore', 'early', 'just in time', 'still sore'] as const;
export type Soreness = (typeof SORENESS)[number];

/**
 * Gone a day or more before the next session is early; on its day, just in time; later or not yet, still sore. What is
 * "still there" before the next session has come says nothing yet.
 * @param next day of the muscle's next session; undefined while there was none
 */
export function sorenessAt(
  { ended, said }: Pick<SorenessReport, 'ended' | 'said'>,
  next: LocalDate | undefined,
): Soreness | undefined {
  if (ended === 'none') return 'never sore';
  if (ended === 'still') return next !== undefined && said >= next ? 'still sore' : undefined;
  if (next === undefined || ended < next) return 'early';
  return ended === next ? 'just in time' : 'still sore';
}
