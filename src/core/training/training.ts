import type { Athlete } from '../athlete/athlete';
import type { Block } from '../block/block';
import type { Edit } from '../block/edits/edit';
import type { HistoryStep } from '../block/history';
import type { LocalDate } from '../calendar';
import type { Answer } from '../calls/registry';
import type { Exercise } from '../exercises/exercise';
import type { RampVerdict } from '../loading/warm-up-ramp';
import type { Log, LoggedSet, SorenessReport } from '../log/log';
import type { IssuedWeek } from '../plan/week-state';
import type { Problem } from '../problem';
import type { IssueRefusal } from '../unfold/issue';
import type { TrainingChanges } from './changes';

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

/**
 * How saving went. `steps` are all that have come to stand since the revision the sender started from, in order: laid
 * on the block of that revision they give the block of this one.
 */
export type SaveOutcome =
  | { readonly status: 'saved'; readonly revision: number; readonly steps: readonly StandingStep[] }
  | { readonly status: 'collision'; readonly revision: number; readonly steps: readonly StandingStep[] }
  | {
      readonly status: 'refused';
      readonly revision: number;
      readonly steps: readonly StandingStep[];
      /** The step that may not stand; those after it were not looked at. */
      readonly step: string;
      readonly problems: readonly Problem[];
    }
  | { readonly status: 'gone' };

/** A coach's answer to a call, by the call's id. */
export type SentAnswer = Pick<Answer, 'id' | 'outcome' | 'choice'>;

export type AnswerOutcome =
  | {
      readonly status: 'answered';
      readonly changes: TrainingChanges;
      /** Calls that were no longer open: their facts have changed, or they were answered elsewhere. */
      readonly missed: readonly string[];
    }
  | { readonly status: 'gone' };

export type ReloadOutcome =
  | { readonly status: 'changes'; readonly changes: TrainingChanges }
  | { readonly status: 'whole'; readonly training: Training }
  | { readonly status: 'gone' };

export type IssueOutcome =
  | { readonly status: 'issued'; readonly week: IssuedWeek }
  | { readonly status: 'refused'; readonly refusal: IssueRefusal }
  | { readonly status: 'stale' }
  | { readonly status: 'gone' };

export type RecallOutcome =
  | { readonly status: 'recalled' }
  | { readonly status: 'already logged' }
  | { readonly status: 'later week issued' }
  | { readonly status: 'gone' };

/** A set as a phone sends it; which workout it belongs to is said beside it. */
export type SentSet = Omit<LoggedSet, 'workoutId'>;

/** When soreness in a muscle had ended, as a phone sends it. */
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
}

/** How sending went. What is not named as refused is kept, each for good. */
export type LogOutcome =
  | {
      readonly status: 'taken';
      readonly refused: readonly { readonly id: string; readonly why: 'unknown set' | 'id taken' }[];
    }
  | { readonly status: 'recalled' }
  | { readonly status: 'gone' };

/** How keeping changed facts of an athlete went. */
export type SaveAthleteOutcome =
  | { readonly status: 'saved'; readonly revision: number }
  | { readonly status: 'stale'; readonly revision: number; readonly theirs: Athlete }
  | { readonly status: 'refused'; readonly problems: readonly Problem[] }
  | { readonly status: 'gone' };

/** Where an exercise stands in a block. */
export interface ExerciseUse {
  readonly blockId: string;
  readonly blockName: string;
  readonly athleteName: string;
  /** Slots by the revision they pin. */
  readonly slots: readonly { readonly slotId: string; readonly session: string; readonly revision: number }[];
}

export type SaveExerciseOutcome =
  | { readonly status: 'saved'; readonly exercise: Exercise; readonly uses: readonly ExerciseUse[] }
  | { readonly status: 'stale'; readonly newest: Exercise }
  | { readonly status: 'refused'; readonly problems: readonly Problem[] }
  | { readonly status: 'gone' };

/** What is measured of a body over time. Weights in kg or lb, girths in cm or in. */
export const MEASUREMENTS = [
  'body weight',
  'waist',
  'hips',
  'chest',
  'shoulders',
  'upper arm',
  'thigh',
  'calf',
] as const;
export type MeasurementKind = (typeof MEASUREMENTS)[number];
export const MEASUREMENT_UNITS = ['kg', 'lb', 'cm', 'in'] as const;
export type MeasurementUnit = (typeof MEASUREMENT_UNITS)[number];

export interface Measurement {
  readonly id: string;
  readonly date: LocalDate;
  readonly kind: MeasurementKind;
  readonly value: number;
  readonly unit: MeasurementUnit;
}

/** Answers of the server that are not about the matter itself. */
export type Unanswered =
  | { readonly status: 'unavailable' }
  | { readonly status: 'signed out' }
  | { readonly status: 'malformed' };
