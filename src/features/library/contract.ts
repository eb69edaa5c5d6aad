import type { Equipment, Exercise, ExerciseUse, SaveExerciseOutcome, Unanswered } from '@/core';

/** A place by which exercises are found: one of an athlete's, or a kind of place. */
export interface PlaceFilter {
  readonly name: string;
  readonly equipment: readonly Equipment[];
}

export interface LibraryData {
  /** Every revision of the coach's own exercises. */
  readonly own: readonly Exercise[];
  readonly places: readonly PlaceFilter[];
}

export interface LibraryActions {
  readonly uses: (exerciseId: string) => Promise<readonly ExerciseUse[] | Unanswered>;
  readonly save: (exercise: Exercise) => Promise<SaveExerciseOutcome | Unanswered>;
  /** Moves blocks to a revision; says which could not be moved. */
  readonly adopt: (
    blockIds: readonly string[],
    ref: { readonly id: string; readonly revision: number },
  ) => Promise<readonly string[] | Unanswered>;
}
