/** How a coach of the house sees an athlete of another: to read alone, or in full, as if the athlete were theirs. */
export const SHARINGS = ['read', 'full'] as const;
export type Sharing = (typeof SHARINGS)[number];

/** Whose athlete somebody is who is seen by another coach of the house, and how. */
export interface SharedBy {
  /** The name of the athlete's own coach. */
  readonly coach: string;
  readonly may: Sharing;
}

/** What coaches do with an athlete, beside changing a block step by step, which the block's own history tells. */
export const DEEDS = [
  'handed out',
  'took back',
  'closed',
  'opened',
  'answered',
  'took answers back',
  'applied the routine',
  'changed the athlete',
  'measured',
  'entered a set',
  'said with a week',
  'started a block',
  'moved a block',
  'archived a block',
  'took out a block',
  'deleted a block',
  'brought back a block',
  'made a link for a phone',
  'signed phones out',
  'made a calendar link',
  'ended calendar links',
  'shared',
  'ended sharing',
  'handed over',
  'archived',
  'put back',
  'erased',
] as const;

/** Something a coach did with an athlete. */
export interface Deed {
  readonly what: (typeof DEEDS)[number];
  /** What it was about, in a word or two: the number of a week, the name of a block or of a coach; empty: nothing more. */
  readonly about: string;
  /** The coach's name; null: they are no longer there. */
  readonly by: string | null;
  /** ISO 8601. */
  readonly at: string;
}
