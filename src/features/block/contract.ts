import type { BalanceProposal, Block, LocalDate, RevisionLine, Training, Unanswered } from '@/core';
import type { BlockServer, BlockData as SessionData } from '../../client/block-state';

/** What the route hands to the block's screen. */
export interface BlockData extends SessionData {
  /** Today where the athlete is. */
  readonly today: LocalDate;
}

/** Server actions, bound to the block by the route. */
export interface BlockActions extends BlockServer {
  /** Keeps the block's design as a template of the coach's own, under a name. */
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
  /** The athlete's block before this one, with all that happened in it. */
  readonly blockBefore: () => Promise<
    { readonly status: 'found'; readonly training: Training } | { readonly status: 'gone' } | Unanswered
  >;
  /** Takes a lesson of the block over into its athlete, refuses it, or forgets either. */
  readonly learn: (
    about: string,
    how: 'take' | 'refuse' | 'forget',
  ) => Promise<{ readonly status: 'kept' | 'stale' | 'gone' } | Unanswered>;
  /** Makes the next block from this one, with the suggestions that were taken, by their names. */
  readonly makeNext: (
    taken: readonly string[],
  ) => Promise<
    { readonly status: 'made'; readonly blockId: string } | { readonly status: 'gone' } | Unanswered
  >;
  /** Sets and exercises that bring every growing muscle to its target; null where there are none. */
  readonly proposeBalance: () => Promise<
    | { readonly status: 'found'; readonly proposal: BalanceProposal | null }
    | { readonly status: 'gone' }
    | Unanswered
  >;
}
