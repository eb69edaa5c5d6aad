import type { Athlete } from '../athlete/athlete';
import type { Block } from '../block/block';
import type { Edit } from '../block/edits/edit';
import type { HistoryStep } from '../block/history';
import type { LocalDate } from '../calendar';
import type { Answer } from '../calls/registry';
import type { Exercise } from '../exercises/exercise';
import type { RampVerdict } from '../loading/warm-up-ramp';
import type { Log, LoggedSet } from '../log/log';
import type { SorenessReport } from '../log/soreness';
import type { SessionNote } from '../on-the-day/session-note';
import type { IssuedWeek } from '../plan/week-state';
import type { CheckIn } from '../recovery/check-in';

/** A block with its athlete and all that happened in it: what unfold works from, and where the document stands. */
export interface Training {
  readonly blockId: string;
  readonly revision: number;
  readonly block: Block;
  readonly athlete: Athlete;
  readonly athleteRevision: number;
  /** Every revision of the coach's own exercises. */
  readonly ownExercises: readonly Exercise[];
  readonly issued: readonly IssuedWeek[];
  readonly log: Log;
  readonly answers: readonly Answer[];
  /** The athlete's latest check-ins, oldest first. */
  readonly checkIns: readonly CheckIn[];
  /** When the server read it, ISO 8601 by its clock. */
  readonly readAt: string;
}

/** A step on its way to be saved. Its id is made where it was taken, so that a repeated send is one step. */
export interface SentStep {
  readonly id: string;
  readonly action: HistoryStep['action'];
  readonly edit: Edit;
}

/** A step that stands, as one who knows the block before it needs it; null: as they sent it themselves. */
export interface StandingStep {
  readonly id: string;
  readonly edit: Edit | null;
}

/** A set as a phone sends it; which workout it belongs to is said beside it. */
export type SentSet = Omit<LoggedSet, 'workoutId'>;

/** When soreness in a muscle ended, as a phone sends it. */
export type SentSoreness = Omit<SorenessReport, 'workoutId'> & { readonly id: string };

/** How the last ramp set of a slot moved, as a phone sends it. */
export interface SentRamp {
  readonly id: string;
  readonly slotId: string;
  readonly verdict: RampVerdict;
}

/** What a phone has done in one session and nobody has confirmed yet. */
export interface Outgoing {
  readonly localDate: LocalDate;
  readonly sets: readonly SentSet[];
  readonly finish: boolean;
  readonly soreness: readonly SentSoreness[];
  readonly ramps: readonly SentRamp[];
  readonly notes: readonly SessionNote[];
}
