import type { Athlete, Catalogue, Exercise, LocalDate, Problem, Unanswered } from '@/core';
import type { PastSet } from '@/formats/log-import/past-blocks';
import type { Taken } from '@/ui/words/import-results';

/** What the route passes to the Import and export screen. */
export interface FilesData {
  readonly athletes: readonly { readonly id: string; readonly name: string }[];
  /** Remembered meanings of exercise names in files. */
  readonly names: Readonly<Record<string, string>>;
  readonly ownExercises: readonly Exercise[];
  readonly today: LocalDate;
}

export interface FilesActions {
  /** The athlete a file is for: their unit, their equipment. */
  readonly profile: (
    athleteId: string,
  ) => Promise<
    { readonly status: 'found'; readonly athlete: Athlete } | { readonly status: 'gone' } | Unanswered
  >;
}

/** What the parts of the screen need. */
export interface FilesView extends FilesData {
  readonly catalogue: Catalogue;
  readonly profile: FilesActions['profile'];
}

/** What is to be imported. */
export type TakeIn =
  | { readonly kind: 'file'; readonly athleteId: string | null; readonly file: unknown }
  | {
      readonly kind: 'log';
      readonly athleteId: string;
      readonly sets: readonly PastSet[];
      /** Meanings of names, to be remembered. */
      readonly names: Readonly<Record<string, string>>;
    }
  | { readonly kind: 'measurements' | 'check-ins'; readonly athleteId: string; readonly csv: string };

export type TakenIn =
  | { readonly status: 'taken in'; readonly of: Taken /** Where it is seen. */; readonly to: string }
  | { readonly status: 'refused'; readonly problems: readonly Problem[] }
  | { readonly status: 'gone' }
  | Unanswered;
