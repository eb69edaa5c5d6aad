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

/** What the server answers to, bound to the block. */
export interface BlockServer {
  readonly save: (base: number, steps: readonly SentStep[]) => Promise<SaveOutcome | Unanswered>;
  readonly answer: (answers: readonly SentAnswer[], page: PageState) => Promise<AnswerOutcome | Unanswered>;
  /** What has changed since a page knew it; everything where it knows nothing. */
  readonly reload: (page: PageState | null) => Promise<ReloadOutcome | Unanswered>;
  readonly issue: (week: number, revision: number) => Promise<IssueOutcome | Unanswered>;
  /** @param knowingly whether it was said that a phone has the week open */
  readonly recall: (week: number, knowingly: boolean) => Promise<RecallOutcome | Unanswered>;
  /** Closes an issued week that will not be finished, or opens it again. */
  readonly close: (
    week: number,
    closed: boolean,
  ) => Promise<{ readonly status: 'closed' } | { readonly status: 'gone' } | Unanswered>;
  /** An issued week with its reasons. */
  readonly reasons: (
    week: number,
  ) => Promise<
    { readonly status: 'found'; readonly week: IssuedWeek } | { readonly status: 'gone' } | Unanswered
  >;
}

/** A step with the revision it was taken on. */
export type QueuedStep = SentStep & { readonly base: number };

/** How the document stands towards the server. */
export type Saving =
  | { readonly status: 'saved'; readonly at: number | null }
  | { readonly status: 'saving' }
  | { readonly status: 'waiting'; readonly because: 'unavailable' | 'signed out' | 'unreachable' }
  | { readonly status: 'collision' }
  /** The server cannot read what this page sends: it stays here and can be taken away as text. */
  | { readonly status: 'malformed' }
  | { readonly status: 'gone' };

/** What the session has to tell, worded by the interface. */
export type Notice =
  | Exclude<
      AnswerOutcome | IssueOutcome | RecallOutcome,
      { readonly status: 'answered' | 'issued' | 'recalled' }
    >
  | Unanswered
  | { readonly status: 'unreachable' }
  /** Calls that were answered elsewhere, or whose facts have changed. */
  | { readonly status: 'missed'; readonly calls: number };

/** All that a block's screen shows of block and training; what follows from it is derived when asked for. */
export interface BlockState {
  readonly document: DocumentState;
  readonly training: Training;
  readonly saving: Saving;
  readonly pending: readonly QueuedStep[];
  /** Whether what waits is safe in the browser's store. */
  readonly isStored: boolean;
  /** An answer, an issue or a recall is on its way. */
  readonly isBusy: boolean;
  readonly notice: Notice | null;
}

export interface BlockData {
  readonly training: Training;
  readonly history: readonly HistoryStep[];
  /** Whose block it is, where it is another coach's; null: one's own. */
  readonly shared: SharedBy | null;
}

/** A block with what follows from it. */
export interface Judged {
  readonly block: DocumentState['block'];
  readonly training: Training;
  readonly blockPlan: BlockPlan;
}

/** How the document stands, as its queue has it. @param at when it was last saved; null: not on this page */
export function savingOf(sending: QueueState<QueuedStep>['sending'], at: number | null): Saving {
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
