import type { Athlete, Catalogue, Exercise, LocalDate, Problem, Unanswered } from '@/core';
import type { PastSet } from '@/formats/log-import/past-blocks';
import type { Taken } from '@/ui/words/import-results';

/** What the route hands to the In and out screen. */
export interface FilesData {
  readonly athletes: readonly { readonly id: string; readonly name: string }[];
  /** What names in others' files mean, as it was said before. */
  readonly names: Readonly<Record<string, string>>;
  readonly ownExercises: readonly Exercise[];
  readonly today: LocalDate;
}

export interface FilesActions {
  /** Whom a file is for, as they are: their unit, their equipment. */
  readonly profile: (
    athleteId: string,
  ) => Promise<
    { readonly status: 'found'; readonly athlete: Athlete } | { readonly status: 'gone' } | Unanswered
  >;
}

/** What the parts of the screen look at. */
export interface FilesView extends FilesData {
  readonly catalogue: Catalogue;
  readonly profile: FilesActions['profile'];
}

/** What is asked to be taken in. */
export type TakeIn =
  | { readonly kind: 'file'; readonly athleteId: string | null; readonly file: unknown }
  | {
      readonly kind: 'log';
      readonly athleteId: string;
      readonly sets: readonly PastSet[];
      /** What names mean, to be remembered. */
      readonly names: Readonly<Record<string, string>>;
    }
  | { readonly kind: 'measurements' | 'check-ins'; readonly athleteId: string; readonly csv: string };

export type TakenIn =
  | { readonly status: 'taken in'; readonly of: Taken /** Where it is seen. */; readonly to: string }
  | { readonly status: 'refused'; readonly problems: readonly Problem[] }
  | { readonly status: 'gone' }
  | Unanswered;
