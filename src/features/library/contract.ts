import type {
  Contributions,
  Equipment,
  Exercise,
  ExerciseUse,
  OwnFacts,
  Problem,
  SaveExerciseOutcome,
  Unanswered,
} from '@/core';

/** A place for filtering exercises: one of an athlete's, or a kind of place. */
export interface PlaceFilter {
  readonly name: string;
  readonly equipment: readonly Equipment[];
}

export interface LibraryData {
  /** Every revision of the coach's custom exercises. */
  readonly own: readonly Exercise[];
  /** The coach's names and shares for exercises, by id. */
  readonly facts: Readonly<Record<string, OwnFacts>>;
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

/** The result of changing shares: they may make no sense. */
export type SharesOutcome =
  | { readonly status: 'saved' }
  | { readonly status: 'refused'; readonly problems: readonly Problem[] }
  | Unanswered;

export interface LibraryActions {
  /** Gives an exercise the coach's own name; null restores the original. */
  readonly rename: (exerciseId: string, name: string | null) => Promise<RenameOutcome>;
  /** Gives a shipped exercise the coach's own shares; null restores the shipped ones. */
  readonly setShares: (exerciseId: string, shares: Contributions | null) => Promise<SharesOutcome>;
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
