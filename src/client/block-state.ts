import type {
  AnswerOutcome,
  BlockPlan,
  HistoryStep,
  IssuedWeek,
  IssueOutcome,
  PageState,
  RecallOutcome,
  ReloadOutcome,
  SaveOutcome,
  SentAnswer,
  SentStep,
  SharedBy,
  Training,
  Unanswered,
} from '@/core';
import type { DocumentState } from './document';
import type { QueueState } from './sync-queue';

/** The server's functions, bound to the block. */
export interface BlockServer {
  readonly save: (base: number, steps: readonly SentStep[]) => Promise<SaveOutcome | Unanswered>;
  readonly answer: (answers: readonly SentAnswer[], page: PageState) => Promise<AnswerOutcome | Unanswered>;
  /** What has changed since the page's version; everything if it has none. */
  readonly reload: (page: PageState | null) => Promise<ReloadOutcome | Unanswered>;
  readonly issue: (week: number, revision: number) => Promise<IssueOutcome | Unanswered>;
  /** @param knowingly whether the coach was warned that the week is open on a phone */
  readonly recall: (week: number, knowingly: boolean) => Promise<RecallOutcome | Unanswered>;
  /** Closes a sent week that will not be finished, or reopens it. */
  readonly close: (
    week: number,
    closed: boolean,
  ) => Promise<{ readonly status: 'closed' } | { readonly status: 'gone' } | Unanswered>;
  /** A sent week with its reasons. */
  readonly reasons: (
    week: number,
  ) => Promise<
    { readonly status: 'found'; readonly week: IssuedWeek } | { readonly status: 'gone' } | Unanswered
  >;
}

/** A step with the revision it was made on. */
export type QueuedStep = SentStep & { readonly base: number };

/** The document's saving state. */
export type Saving =
  | { readonly status: 'saved'; readonly at: number | null }
  | { readonly status: 'saving' }
  | { readonly status: 'waiting'; readonly because: 'unavailable' | 'signed out' | 'unreachable' }
  | { readonly status: 'collision' }
  /** The server cannot read what this page sends: it stays here and can be copied as text. */
  | { readonly status: 'malformed' }
  | { readonly status: 'gone' };

/** A notice of the session; the interface words it. */
export type Notice =
  | Exclude<
      AnswerOutcome | IssueOutcome | RecallOutcome,
      { readonly status: 'answered' | 'issued' | 'recalled' }
    >
  | Unanswered
  | { readonly status: 'unreachable' }
  /** Proposals that were answered elsewhere, or whose facts have changed. */
  | { readonly status: 'missed'; readonly calls: number };

/** Everything a block's screen shows of block and training; the rest is computed on request. */
export interface BlockState {
  readonly document: DocumentState;
  readonly training: Training;
  readonly saving: Saving;
  readonly pending: readonly QueuedStep[];
  /** Whether unsaved steps are safe in the browser's store. */
  readonly isStored: boolean;
  /** An answer, a sent week or a recall is in progress. */
  readonly isBusy: boolean;
  readonly notice: Notice | null;
}

export interface BlockData {
  readonly training: Training;
  readonly history: readonly HistoryStep[];
  /** The owner, if the block is another coach's; otherwise null. */
  readonly shared: SharedBy | null;
}

/** A block with its plan and findings. */
export interface Judged {
  readonly block: DocumentState['block'];
  readonly training: Training;
  readonly blockPlan: BlockPlan;
}

/** The document's saving state, from its queue. @param at when it was last saved; null: not on this page */
export function savingState(sending: QueueState<QueuedStep>['sending'], at: number | null): Saving {
  switch (sending.status) {
    case 'clear':
      return { status: 'saved', at };
    case 'sending':
      return { status: 'saving' };
    case 'waiting':
      return { status: 'waiting', because: sending.because };
    case 'stopped':
      if (sending.why === 'collision' || sending.why === 'gone') return { status: sending.why };
      return { status: 'malformed' };
  }
}
