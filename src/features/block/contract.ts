import type { BalanceProposal, Block, LocalDate, RevisionLine, Training, Unanswered } from '@/core';
import type { BlockServer, BlockData as SessionData } from '../../client/block-state';

/** What the route passes to the block's screen. */
export interface BlockData extends SessionData {
  /** The athlete's local date. */
  readonly today: LocalDate;
  /** When active rest begins in the athlete's other blocks. */
  readonly activeRests: readonly LocalDate[];
}

/** Server actions, bound to the block by the route. */
export interface BlockActions extends BlockServer {
  /** Saves the block's design as a template of the coach. */
  readonly saveTemplate: (
    name: string,
  ) => Promise<{ readonly status: 'kept' } | { readonly status: 'gone' } | Unanswered>;
  /** The latest changes of the block, newest first. */
  readonly revisions: () => Promise<
    { readonly status: 'found'; readonly lines: readonly RevisionLine[] } | Unanswered
  >;
  /** The block as it was at a revision. */
  readonly revision: (
    revision: number,
  ) => Promise<
    { readonly status: 'found'; readonly block: Block } | { readonly status: 'gone' } | Unanswered
  >;
  /** The athlete's previous block, with all data. */
  readonly blockBefore: () => Promise<
    { readonly status: 'found'; readonly training: Training } | { readonly status: 'gone' } | Unanswered
  >;
  /** Applies a lesson of the block to its athlete, dismisses it, or undoes either. */
  readonly learn: (
    about: string,
    how: 'take' | 'refuse' | 'forget',
  ) => Promise<{ readonly status: 'kept' | 'stale' | 'gone' } | Unanswered>;
  /** Creates the next block with the accepted suggestions, by name. */
  readonly makeNext: (
    taken: readonly string[],
  ) => Promise<
    { readonly status: 'made'; readonly blockId: string } | { readonly status: 'gone' } | Unanswered
  >;
  /** Sets and exercises that bring every growing muscle to its target; null if there are none. */
  readonly proposeBalance: () => Promise<
    | { readonly status: 'found'; readonly proposal: BalanceProposal | null }
    | { readonly status: 'gone' }
    | Unanswered
  >;
}
