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

/** A block with its athlete and everything that happened in it: the input of unfold, and the document's version. */
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

/** A step to be saved. Its id is made where the step is made, so that sending it twice gives one step. */
export interface SentStep {
  readonly id: string;
  readonly action: HistoryStep['action'];
  readonly edit: Edit;
}

/** A saved step for a page that knows the block before it; null: that page sent it itself. */
export interface StandingStep {
  readonly id: string;
  readonly edit: Edit | null;
}

/** A set as a phone sends it; the workout is given beside it. */
export type SentSet = Omit<LoggedSet, 'workoutId'>;

/** When soreness in a muscle ended, as a phone sends it. */
export type SentSoreness = Omit<SorenessReport, 'workoutId'> & { readonly id: string };

/** How the last ramp set of a slot moved, as a phone sends it. */
export interface SentRamp {
  readonly id: string;
  readonly slotId: string;
  readonly verdict: RampVerdict;
}

/** What a phone has done in a session that the server has not confirmed. */
export interface Outgoing {
  readonly localDate: LocalDate;
  readonly sets: readonly SentSet[];
  readonly finish: boolean;
  readonly soreness: readonly SentSoreness[];
  readonly ramps: readonly SentRamp[];
  readonly notes: readonly SessionNote[];
}
