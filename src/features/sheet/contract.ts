import type {
  Answer,
  Athlete,
  Block,
  Edit,
  HistoryStep,
  IssuedWeek,
  IssueRefusal,
  LocalDate,
  Log,
  Problem,
} from '@/core';

/** What the route hands to the Sheet. */
export interface Training {
  readonly blockId: string;
  readonly revision: number;
  readonly block: Block;
  readonly athlete: Athlete;
  readonly issued: readonly IssuedWeek[];
  readonly log: Log;
  readonly answers: readonly Answer[];
}

export interface SheetData extends Training {
  readonly history: readonly HistoryStep[];
  readonly today: LocalDate;
}

/** A step on its way to the server. Its id makes a repeated send harmless. */
export interface Step {
  readonly id: string;
  readonly action: HistoryStep['action'];
  readonly edit: Edit;
}

export type Unanswered =
  | { readonly status: 'unavailable' }
  | { readonly status: 'signed out' }
  | { readonly status: 'malformed' };

export type SaveAnswer =
  | { readonly status: 'saved'; readonly revision: number; readonly merged: Block | null }
  | {
      readonly status: 'collision';
      readonly revision: number;
      readonly theirs: Block;
      readonly saved: number;
    }
  | {
      readonly status: 'refused';
      readonly revision: number;
      readonly theirs: Block;
      readonly problems: readonly Problem[];
      readonly saved: number;
    }
  | { readonly status: 'gone' }
  | Unanswered;

export interface CallAnswer {
  readonly id: string;
  readonly outcome: Answer['outcome'];
  readonly choice: Answer['choice'];
}

export type TrainingAnswer =
  | { readonly status: 'answered'; readonly training: Training }
  | { readonly status: 'gone' }
  | Unanswered;

export type IssueAnswer =
  | { readonly status: 'issued'; readonly week: IssuedWeek }
  | { readonly status: 'refused'; readonly refusal: IssueRefusal }
  | { readonly status: 'stale' }
  | { readonly status: 'gone' }
  | Unanswered;

export type RecallAnswer =
  | { readonly status: 'recalled' }
  | { readonly status: 'already logged' }
  | { readonly status: 'later week issued' }
  | { readonly status: 'gone' }
  | Unanswered;

/** Server actions, bound to the block by the route. */
export interface SheetActions {
  readonly save: (base: number, steps: readonly Step[]) => Promise<SaveAnswer>;
  readonly answer: (answers: readonly CallAnswer[]) => Promise<TrainingAnswer>;
  readonly reload: () => Promise<TrainingAnswer>;
  readonly issue: (week: number, revision: number) => Promise<IssueAnswer>;
  readonly recall: (week: number) => Promise<RecallAnswer>;
}
