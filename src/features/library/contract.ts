import type { Equipment, Exercise, ExerciseUse, SaveExerciseOutcome, Unanswered } from '@/core';

/** A place for filtering exercises: one of an athlete's, or a kind of place. */
export interface PlaceFilter {
  readonly name: string;
  readonly equipment: readonly Equipment[];
}

export interface LibraryData {
  /** Every revision of the coach's custom exercises. */
  readonly own: readonly Exercise[];
  /** The coach's names for exercises, by id. */
  readonly names: Readonly<Record<string, string>>;
  /** By id: whether the team sees it, and whether it is the coach's own. */
  /** Whether the team has no other coach. */
  readonly isAlone: boolean;
  readonly sharing: Readonly<Record<string, { readonly shared: boolean; readonly isOwn: boolean }>>;
  readonly places: readonly PlaceFilter[];
}

/** The result of renaming: another exercise may have the name. */
export type RenameOutcome =
  | { readonly status: 'saved' }
  | { readonly status: 'taken'; readonly name: string }
  | Unanswered;

export interface LibraryActions {
  /** Gives an exercise the coach's own name; null restores the original. */
  readonly rename: (exerciseId: string, name: string | null) => Promise<RenameOutcome>;
  readonly findUses: (exerciseId: string) => Promise<readonly ExerciseUse[] | Unanswered>;
  readonly save: (exercise: Exercise) => Promise<SaveExerciseOutcome | Unanswered>;
  /** Shares an exercise with the team, or makes it private again. */
  readonly share: (
    exerciseId: string,
    shared: boolean,
  ) => Promise<{ readonly status: 'kept' } | { readonly status: 'gone' } | Unanswered>;
  /** Moves blocks to a revision; returns those that could not be moved. */
  readonly adoptInBlocks: (
    blockIds: readonly string[],
    ref: { readonly id: string; readonly revision: number },
  ) => Promise<readonly string[] | Unanswered>;
}
