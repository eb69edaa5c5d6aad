/** How a teammate's athlete is shared: to read, or in full, as if the athlete were one's own. */
export const SHARINGS = ['read', 'full'] as const;
export type Sharing = (typeof SHARINGS)[number];

/** Whose athlete it is, for an athlete shared by a teammate, and how it is shared. */
export interface SharedBy {
  /** The name of the athlete's own coach. */
  readonly coach: string;
  readonly may: Sharing;
}

/** What coaches do with an athlete, apart from edits of a block, which have their own history. */
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

/** An action of a coach concerning an athlete. */
export interface ActivityEntry {
  readonly what: (typeof DEEDS)[number];
  /** Its object in a word or two: a week's number, the name of a block or coach; possibly empty. */
  readonly about: string;
  /** The coach's name; null: the account was deleted. */
  readonly by: string | null;
  /** ISO 8601. */
  readonly at: string;
}
