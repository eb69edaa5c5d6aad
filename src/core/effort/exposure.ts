import type { LocalDate } from '../calendar';

/** A performed set as evidence of strength. Load as moved, in one unit for all sets of an exercise. */
export interface MovedSet {
  readonly load: number;
  readonly reps: number;
  readonly rir: number;
  /** Reps lost to earlier sets of the slot. */
  readonly fatigue: number;
  /** Reps and RIR exactly as planned: such a set may only repeat the plan and says little about strength. */
  readonly asAsked?: true;
  /** Reps of each side, if noted. */
  readonly sides?: { readonly left: number; readonly right: number };
}

/** A slot in a session as performed, sets in order. */
export interface Exposure {
  readonly exerciseId: string;
  readonly slotId: string;
  readonly week: number;
  readonly date: LocalDate;
  readonly sets: readonly MovedSet[];
}

/** Reps that would have been possible fresh: done, left, and lost to earlier sets. */
export function freshReps({ reps, rir, fatigue }: MovedSet): number {
  return Math.max(1, reps + rir + fatigue);
}
