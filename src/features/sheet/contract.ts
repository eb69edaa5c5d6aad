import type {
  AnswerOutcome,
  HistoryStep,
  IssueOutcome,
  LocalDate,
  RecallOutcome,
  SaveOutcome,
  SentAnswer,
  SentStep,
  Training,
  Unanswered,
} from '@/core';

/** What the route hands to the Sheet. */
export interface SheetData extends Training {
  readonly history: readonly HistoryStep[];
  /** Today where the athlete is. */
  readonly today: LocalDate;
}

/** Server actions, bound to the block by the route. */
export interface SheetActions {
  readonly save: (base: number, steps: readonly SentStep[]) => Promise<SaveOutcome | Unanswered>;
  readonly answer: (answers: readonly SentAnswer[]) => Promise<AnswerOutcome | Unanswered>;
  readonly reload: () => Promise<AnswerOutcome | Unanswered>;
  readonly issue: (week: number, revision: number) => Promise<IssueOutcome | Unanswered>;
  /** Keeps the block's design as a template of the coach's own. */
  readonly saveTemplate: () => Promise<
    { readonly status: 'kept' } | { readonly status: 'gone' } | Unanswered
  >;
  readonly recall: (week: number) => Promise<RecallOutcome | Unanswered>;
}
