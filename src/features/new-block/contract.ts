import type {
  Athlete,
  Block,
  Exercise,
  LocalDate,
  NewBlockSettings,
  Prerequisite,
  Problem,
  Unanswered,
} from '@/core';

/** What the route hands to the New block screen. */
export interface NewBlockData {
  readonly athlete: Athlete;
  readonly ownExercises: readonly Exercise[];
  /** The athlete's blocks, newest first. */
  readonly earlier: readonly { readonly id: string; readonly name: string }[];
  /** Blocks of the coach's other athletes. */
  readonly others: readonly { readonly id: string; readonly name: string; readonly athlete: string }[];
  readonly ownTemplates: readonly {
    readonly id: string;
    readonly name: string;
    readonly prerequisites: readonly Prerequisite[];
  }[];
  /** First Monday a new block can begin on: this week's, or the one after the running block's end. */
  readonly startDate: LocalDate;
  /** The last day something was logged on, or the end of a block that runs; null: there is neither. */
  readonly trainedUntil: LocalDate | null;
  /** What it starts from, where the coach came from a template. */
  readonly from: SourceChoice | null;
  /** Names the block proposes, so that two of them do not read alike. */
  readonly name: string;
}

/** Where the design comes from: by id, so that the server lays it out itself. */
export type SourceChoice =
  | { readonly kind: 'empty' }
  | { readonly kind: 'template'; readonly id: string }
  | { readonly kind: 'design'; readonly id: string };

export interface NewBlockActions {
  readonly design: (
    id: string,
  ) => Promise<{ readonly block: Block } | { readonly status: 'gone' } | Unanswered>;
  /** Starts the block and leads into it; answers only when it could not. */
  readonly start: (
    source: SourceChoice,
    settings: NewBlockSettings,
  ) => Promise<
    | { readonly status: 'refused'; readonly problems: readonly Problem[] }
    | { readonly status: 'gone' }
    | Unanswered
  >;
}
