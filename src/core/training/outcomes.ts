import type { Athlete } from '../athlete/athlete';
import type { Answer } from '../calls/registry';
import type { Exercise } from '../exercises/exercise';
import type { IssuedWeek } from '../plan/week-state';
import type { Problem } from '../problem';
import type { IssueRefusal } from '../unfold/issue';
import type { TrainingChanges } from './changes';
import type { StandingStep, Training } from './training';

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
  | { readonly status: 'open on a phone'; readonly at: string }
  | { readonly status: 'later week issued' }
  | { readonly status: 'gone' };

/** How sending went. What is not named as refused is kept, each for good. */
export type LogOutcome =
  | {
      readonly status: 'taken';
      readonly refused: readonly { readonly id: string; readonly why: 'id taken' }[];
      /** Whether the week was taken back since it was opened: what was done is kept all the same. */
      readonly recalled: boolean;
    }
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

/** Answers of the server that are not about the matter itself. */
export type Unanswered =
  | { readonly status: 'unavailable' }
  | { readonly status: 'signed out' }
  /** The athlete is another coach's, who lets this one read and no more. */
  | { readonly status: 'to read' }
  | { readonly status: 'malformed' };

/** The same of what is not done on the strength of a device left open. */
export type Unsure = Unanswered | { readonly status: 'password first' };
