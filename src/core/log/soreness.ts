import type { Muscle } from '../anatomy/muscle';
import type { LocalDate } from '../calendar';

/** The athlete's report on soreness from a session: none, gone since a day, or still there. */
export type SorenessEnd = 'none' | 'still' | LocalDate;

export interface SorenessReport {
  readonly workoutId: string;
  readonly muscle: Muscle;
  readonly ended: SorenessEnd;
  /** The day of the report. */
  readonly said: LocalDate;
}

/** When soreness ended relative to the muscle's next session. */
export const SORENESS = ['never sore', 'early', 'just in time', 'still sore'] as const;
export type Soreness = (typeof SORENESS)[number];

/**
 * Gone a day or more before the next session is early; on its day just in time; later or not yet is still sore.
 * "Still there" before the next session says nothing yet.
 * @param next day of the muscle's next session; undefined if there has been none
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
