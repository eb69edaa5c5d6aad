import type { Athlete } from '../athlete/athlete';
import type { Answer } from '../calls/registry';
import type { Exercise } from '../exercises/exercise';
import type { IssuedWeek } from '../plan/week-state';
import type { Problem } from '../problem';
import type { IssueRefusal } from '../unfold/issue';
import type { TrainingChanges } from './changes';
import type { StandingStep, Training } from './training';

/**
 * The result of saving. `steps` are all steps since the sender's revision, in order: applied to that revision's block
 * they give the current one.
 */
export type SaveOutcome =
  | { readonly status: 'saved'; readonly revision: number; readonly steps: readonly StandingStep[] }
  | { readonly status: 'collision'; readonly revision: number; readonly steps: readonly StandingStep[] }
  | {
      readonly status: 'refused';
      readonly revision: number;
      readonly steps: readonly StandingStep[];
      /** The invalid step; later ones were not processed. */
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
  | { readonly status: 'open on a phone'; readonly at: string }
  | { readonly status: 'later week issued' }
  | { readonly status: 'gone' };

/** The result of sending. Everything not named as refused is stored. */
export type LogOutcome =
  | {
      readonly status: 'taken';
      readonly refused: readonly { readonly id: string; readonly why: 'id taken' }[];
      /** Whether the week was recalled after it was opened; what was done is stored all the same. */
      readonly recalled: boolean;
    }
  | { readonly status: 'gone' };

/** The result of saving an athlete's facts. */
export type SaveAthleteOutcome =
  | { readonly status: 'saved'; readonly revision: number }
  | { readonly status: 'stale'; readonly revision: number; readonly theirs: Athlete }
  | { readonly status: 'refused'; readonly problems: readonly Problem[] }
  | { readonly status: 'gone' };

/** Where an exercise is used in a block. */
export interface ExerciseUse {
  readonly blockId: string;
  readonly blockName: string;
  readonly athleteName: string;
  /** Slots by their pinned revision. */
  readonly slots: readonly { readonly slotId: string; readonly session: string; readonly revision: number }[];
}

export type SaveExerciseOutcome =
  | { readonly status: 'saved'; readonly exercise: Exercise; readonly uses: readonly ExerciseUse[] }
  | { readonly status: 'stale'; readonly newest: Exercise }
  | { readonly status: 'refused'; readonly problems: readonly Problem[] }
  | { readonly status: 'gone' };

/** Answers of the server that do not concern the request itself. */
export type Unanswered =
  | { readonly status: 'unavailable' }
  | { readonly status: 'signed out' }
  /** The athlete belongs to another coach who shared them for reading only. */
  | { readonly status: 'to read' }
  | { readonly status: 'malformed' };

/** The same for actions that need a recently confirmed password. */
export type Unsure = Unanswered | { readonly status: 'password first' };
