import type {
  ActivityEntry,
  Athlete,
  BlockSpan,
  BlockState,
  Exercise,
  Exposure,
  LocalDate,
  Measurement,
  SaveAthleteOutcome,
  SharedBy,
  Sharing,
  Training,
  Unanswered,
  Unsure,
  WatchAnswer,
} from '@/core';

/** What the route passes to the athlete screen. */
export interface AthleteData {
  readonly athlete: Athlete;
  readonly revision: number;
  readonly archived: boolean;
  /** When a deleted athlete is erased, ISO text; null: not deleted. */
  readonly eraseAt: string | null;
  /** Their current block, with all data. */
  readonly running: Training | null;
  /** The athlete's blocks, newest first, including archived and recently deleted ones. */
  /** Answered alerts in it, oldest first. */
  readonly dayAnswers: readonly WatchAnswer[];
  readonly blocks: readonly BlockEntry[];
  readonly ownExercises: readonly Exercise[];
  readonly measurements: readonly Measurement[];
  readonly exposures: readonly Exposure[];
  readonly phones: readonly Phone[];
  readonly calendarLinks: readonly CalendarLink[];
  /** Other coaches of the team, to whom the athlete can be transferred. */
  readonly colleagues: readonly { readonly id: string; readonly name: string }[];
  /** Those with whom the athlete is shared, and how. */
  readonly shares: readonly { readonly coachId: string; readonly may: Sharing }[];
  /** The owner, if the athlete is another coach's; otherwise null. */
  readonly shared: SharedBy | null;
  /** Coaches' actions on the athlete, latest first. */
  readonly deeds: readonly ActivityEntry[];
  /** Notes with the weeks of the running block, by week. */
  readonly weekLines: Readonly<Record<number, string>>;
  /** Workouts with pain not yet marked as seen. */
  readonly unseenPain: readonly string[];
  /** What phones could not send, as JSON. */
  readonly refused: readonly { readonly id: string; readonly item: string; readonly why: string }[];
  readonly today: LocalDate;
}

/** A block in an athlete's list. */
export interface BlockEntry {
  readonly id: string;
  readonly name: string;
  readonly state: BlockState;
  readonly startDate: LocalDate;
  /** Building weeks. */
  readonly weeks: number;
  /** The last sent week; 0 before the first. */
  readonly week: number;
  readonly archived: boolean;
  readonly deletedAt: string | null;
  /** Its dates in the year. */
  readonly span: BlockSpan;
}

export type MeasureAnswer =
  | { readonly status: 'kept'; readonly revision: number; readonly measurements: readonly Measurement[] }
  | { readonly status: 'gone' };

/** A phone signed in for the athlete. Times as ISO texts. */
export interface Phone {
  readonly id: string;
  readonly name: string;
  readonly since: string;
  readonly seen: string;
}

/** A private link to the calendar of the athlete's sessions. */
export interface CalendarLink {
  readonly createdAt: string;
  /** When a calendar last used it; null: never. */
  readonly seenAt: string | null;
}

export type InviteAnswer =
  | {
      readonly status: 'made';
      readonly url: string;
      /** The address as a QR code: a data URL. */
      readonly picture: string;
      readonly until: string;
    }
  | { readonly status: 'gone' };

/** Server actions, bound to the athlete by the route. */
export interface AthleteActions {
  readonly save: (athlete: Athlete, base: number) => Promise<SaveAthleteOutcome | Unanswered>;
  readonly saveMeasurement: (
    change: { readonly keep: Measurement } | { readonly remove: string },
  ) => Promise<MeasureAnswer | Unanswered>;
  readonly createPhoneLink: () => Promise<InviteAnswer | Unanswered>;
  readonly revoke: (
    which: { readonly phoneId: string } | 'all',
  ) => Promise<{ readonly status: 'revoked'; readonly phones: readonly Phone[] } | Unanswered>;
  /** Creates a private calendar link and revokes the previous one. */
  readonly createCalendarLink: () => Promise<
    { readonly status: 'made'; readonly url: string } | { readonly status: 'gone' } | Unanswered
  >;
  /** Transfers the athlete with everything; leads to the desk, and only returns if it could not. */
  readonly transfer: (coachId: string) => Promise<{ readonly status: 'gone' } | Unsure>;
  /** Shares the athlete with a coach of the team, to read or in full; null ends it. */
  readonly share: (
    coachId: string,
    may: Sharing | null,
  ) => Promise<{ readonly status: 'shared' } | { readonly status: 'gone' } | Unanswered>;
  readonly revokeCalendarLinks: () => Promise<{ readonly status: 'ended' } | Unanswered>;
  /** Adds a note to a week of the running block. */
  readonly saveWeekNote: (
    week: number,
    line: string,
  ) => Promise<{ readonly status: 'said' } | { readonly status: 'gone' } | Unanswered>;
  /** Marks reported pain as seen. */
  readonly markPainSeen: (workoutId: string) => Promise<{ readonly status: 'seen' } | Unanswered>;
  /** Settles an item that phones could not send. */
  readonly settleRefused: (itemId: string) => Promise<{ readonly status: 'settled' } | Unanswered>;
  /** Archives, restores, deletes or undeletes a block. */
  readonly changeBlockState: (
    blockId: string,
    what: 'archive' | 'unarchive' | 'delete' | 'restore',
  ) => Promise<{ readonly status: 'put' } | { readonly status: 'gone' } | Unanswered>;
  /** Moves a block with no sent week to another start date. */
  readonly moveBlock: (
    blockId: string,
    startDate: LocalDate,
  ) => Promise<{ readonly status: 'moved' | 'gone' | 'handed out' } | Unanswered>;
  /** Copies one of their blocks. */
  readonly copyBlock: (
    blockId: string,
    name: string,
    startDate: LocalDate,
  ) => Promise<{ readonly status: 'copied'; readonly id: string } | { readonly status: 'gone' } | Unanswered>;
  readonly archive: (archived: boolean) => Promise<void>;
  readonly deleteAthlete: () => Promise<Unsure>;
}
