import type {
  Athlete,
  BlockSpan,
  BlockState,
  Deed,
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

/** What the route hands to the Athlete screen. */
export interface AthleteData {
  readonly athlete: Athlete;
  readonly revision: number;
  readonly archived: boolean;
  /** When they are erased for good, as an ISO text; null: they stay. */
  readonly eraseAt: string | null;
  /** The block that is theirs just now, with all that happened in it. */
  readonly running: Training | null;
  /** The athlete's blocks, newest first; those put away and thrown away of late among them. */
  /** What was answered to calls of the days in it, oldest first. */
  readonly dayAnswers: readonly WatchAnswer[];
  readonly blocks: readonly BlockEntry[];
  readonly ownExercises: readonly Exercise[];
  readonly measurements: readonly Measurement[];
  readonly exposures: readonly Exposure[];
  readonly phones: readonly Phone[];
  readonly calendarLinks: readonly CalendarLink[];
  /** Other coaches of the house, whom the athlete can be handed over to. */
  readonly colleagues: readonly { readonly id: string; readonly name: string }[];
  /** Whom of them the athlete is shown to, and how. */
  readonly shares: readonly { readonly coachId: string; readonly may: Sharing }[];
  /** Whose athlete it is, where it is another coach's; null: one's own. */
  readonly shared: SharedBy | null;
  /** What coaches did with the athlete, the latest first. */
  readonly deeds: readonly Deed[];
  /** What is said with the weeks of the running block, by week. */
  readonly weekLines: Readonly<Record<number, string>>;
  /** Workouts in which pain was told and not yet marked as seen. */
  readonly unseenPain: readonly string[];
  /** What phones have that the server did not take, as JSON. */
  readonly refused: readonly { readonly id: string; readonly item: string; readonly why: string }[];
  readonly today: LocalDate;
}

/** A block in the list of an athlete's. */
export interface BlockEntry {
  readonly id: string;
  readonly name: string;
  readonly state: BlockState;
  readonly startDate: LocalDate;
  /** Building weeks. */
  readonly weeks: number;
  /** The week handed out last; 0 before the first. */
  readonly week: number;
  readonly archived: boolean;
  readonly deletedAt: string | null;
  /** Where it lies in the year. */
  readonly span: BlockSpan;
}

export type MeasureAnswer =
  | { readonly status: 'kept'; readonly revision: number; readonly measurements: readonly Measurement[] }
  | { readonly status: 'gone' };

/** A phone that is signed in for the athlete. Times as ISO texts. */
export interface Phone {
  readonly id: string;
  readonly name: string;
  readonly since: string;
  readonly seen: string;
}

/** A private link to the calendar of the athlete's sessions. */
export interface CalendarLink {
  readonly createdAt: string;
  /** When a calendar last asked by it; null: never. */
  readonly seenAt: string | null;
}

export type InviteAnswer =
  | {
      readonly status: 'made';
      readonly url: string;
      /** The address as a code to photograph: a data URL. */
      readonly picture: string;
      readonly until: string;
    }
  | { readonly status: 'gone' };

/** Server actions, bound to the athlete by the route. */
export interface AthleteActions {
  readonly save: (athlete: Athlete, base: number) => Promise<SaveAthleteOutcome | Unanswered>;
  readonly measure: (
    change: { readonly keep: Measurement } | { readonly remove: string },
  ) => Promise<MeasureAnswer | Unanswered>;
  readonly invite: () => Promise<InviteAnswer | Unanswered>;
  readonly revoke: (
    which: { readonly phoneId: string } | 'all',
  ) => Promise<{ readonly status: 'revoked'; readonly phones: readonly Phone[] } | Unanswered>;
  /** A new private link to the calendar; the one before it ends. */
  readonly linkCalendar: () => Promise<
    { readonly status: 'made'; readonly url: string } | { readonly status: 'gone' } | Unanswered
  >;
  /** Hands the athlete over with everything; leads to the desk, and answers only where it could not. */
  readonly handOver: (coachId: string) => Promise<{ readonly status: 'gone' } | Unsure>;
  /** Shows the athlete to another coach of the house, to read or in full; null: no longer. */
  readonly share: (
    coachId: string,
    may: Sharing | null,
  ) => Promise<{ readonly status: 'shared' } | { readonly status: 'gone' } | Unanswered>;
  readonly endCalendar: () => Promise<{ readonly status: 'ended' } | Unanswered>;
  /** Says a line with a week of the running block. */
  readonly say: (
    week: number,
    line: string,
  ) => Promise<{ readonly status: 'said' } | { readonly status: 'gone' } | Unanswered>;
  /** Marks pain that was told as seen. */
  readonly seen: (workoutId: string) => Promise<{ readonly status: 'seen' } | Unanswered>;
  /** Settles one of what phones have that was not taken. */
  readonly settle: (itemId: string) => Promise<{ readonly status: 'settled' } | Unanswered>;
  /** Puts a block away or takes it out again, throws it away or brings it back. */
  readonly life: (
    blockId: string,
    what: 'archive' | 'unarchive' | 'delete' | 'restore',
  ) => Promise<{ readonly status: 'put' } | { readonly status: 'gone' } | Unanswered>;
  /** Moves a block of which no week is handed out to another first day. */
  readonly moveBlock: (
    blockId: string,
    startDate: LocalDate,
  ) => Promise<{ readonly status: 'moved' | 'gone' | 'handed out' } | Unanswered>;
  /** Another block like one of theirs. */
  readonly copyBlock: (
    blockId: string,
    name: string,
    startDate: LocalDate,
  ) => Promise<{ readonly status: 'copied'; readonly id: string } | { readonly status: 'gone' } | Unanswered>;
  readonly archive: (archived: boolean) => Promise<void>;
  readonly erase: () => Promise<Unsure>;
}
