import type { LocalDate } from '../calendar';

/** A performed set as strength sees it. Load as moved, in one unit for all sets of an exercise. */
export interface MovedSet {
  readonly load: number;
  readonly reps: number;
  readonly rir: number;
  /** Reps lost to the sets of the slot before it. */
  readonly fatigue: number;
  /** Done in reps and reserve just as asked: it says what was written, not what would have gone. */
  readonly asAsked?: true;
  /** Reps of each side, where they were noted. */
  readonly sides?: { readonly left: number; readonly right: number };
}

/** One slot in one session as it was performed, sets in order. */
export interface Exposure {
  readonly exerciseId: string;
  readonly slotId: string;
  readonly week: number;
  readonly date: LocalDate;
  readonly sets: readonly MovedSet[];
}

/** Reps that could have been done fresh: done, in reserve, and lost to earlier sets. */
export function freshReps({ reps, rir, fatigue }: MovedSet): number {
  return Math.max(1, reps + rir + fatigue);
}
