import type { Athlete } from '../athlete/athlete';
import type { Block } from '../block/block';
import type { Edit } from '../block/edit';
import type { HistoryStep } from '../block/history';
import type { LocalDate } from '../calendar';
import type { Log, LoggedSet, SorenessReport } from '../log/log';
import type { Problem } from '../problem';
import type { IssueRefusal } from '../unfold/issue';
import type { Answer, IssuedWeek } from '../unfold/ladder';

/** A block with its athlete and all that happened in it: what unfold works from, and where the document stands. */
export interface Training {
  readonly blockId: string;
  readonly revision: number;
  readonly block: Block;
  readonly athlete: Athlete;
  readonly issued: readonly IssuedWeek[];
  readonly log: Log;
  readonly answers: readonly Answer[];
}

/** A step on its way to be saved. Its id is made where it was taken, so that a repeated send is one step. */
export interface SentStep {
  readonly id: string;
  readonly action: HistoryStep['action'];
  readonly edit: Edit;
}

/** How saving went. `saved` counts the sent steps that stand; `theirs` is the block as it stands. */
export type SaveOutcome =
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
  | { readonly status: 'gone' };

/** A coach's answer to a call, by the call's id. */
export type SentAnswer = Pick<Answer, 'id' | 'outcome' | 'choice'>;

export type AnswerOutcome =
  | { readonly status: 'answered'; readonly training: Training }
  | { readonly status: 'gone' };

export type IssueOutcome =
  | { readonly status: 'issued'; readonly week: IssuedWeek }
  | { readonly status: 'refused'; readonly refusal: IssueRefusal }
  | { readonly status: 'stale' }
  | { readonly status: 'gone' };

export type RecallOutcome =
  | { readonly status: 'recalled' }
  | { readonly status: 'already logged' }
  | { readonly status: 'later week issued' }
  | { readonly status: 'gone' };

/** A set as a phone sends it; which workout it belongs to is said beside it. */
export type SentSet = Omit<LoggedSet, 'workoutId'>;

/** When soreness in a muscle had ended, as a phone sends it. */
export type SentSoreness = Omit<SorenessReport, 'workoutId'> & { readonly id: string };

/** What a phone has done in one session and nobody has confirmed yet. */
export interface Outgoing {
  readonly localDate: LocalDate;
  readonly sets: readonly SentSet[];
  readonly finish: boolean;
  readonly soreness: readonly SentSoreness[];
}

export type LogOutcome =
  | { readonly status: 'kept' }
  | { readonly status: 'recalled' }
  | { readonly status: 'unknown set'; readonly id: string }
  | { readonly status: 'gone' };

/** Answers of the server that are not about the matter itself. */
export type Unanswered =
  | { readonly status: 'unavailable' }
  | { readonly status: 'signed out' }
  | { readonly status: 'malformed' };
