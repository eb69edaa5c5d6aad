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

/** What the route passes to the New block screen. */
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
  /** First Monday on which a new block can start: this week's, or the one after the running block's end. */
  readonly startDate: LocalDate;
  /** The last day with a log, or the end of a running block; null: there is neither. */
  readonly trainedUntil: LocalDate | null;
  /** What it starts from, if the coach came from a template. */
  readonly from: SourceChoice | null;
  /** Default names for the block, each unused. */
  readonly name: string;
}

/** The source of the design, by id, so that the server lays it out itself. */
export type SourceChoice =
  | { readonly kind: 'empty' }
  | { readonly kind: 'template'; readonly id: string }
  | { readonly kind: 'design'; readonly id: string };

export interface NewBlockActions {
  readonly design: (
    id: string,
  ) => Promise<{ readonly block: Block } | { readonly status: 'gone' } | Unanswered>;
  /** Creates the block and opens it; only returns if it could not. */
  readonly start: (
    source: SourceChoice,
    settings: NewBlockSettings,
  ) => Promise<
    | { readonly status: 'refused'; readonly problems: readonly Problem[] }
    | { readonly status: 'gone' }
    | Unanswered
  >;
}
