import type { Block, Exercise, Prerequisite, Unanswered } from '@/core';

/** What the route passes to the templates screen. */
export interface TemplatesData {
  /** The viewed template, by kind and id; null: none. */
  readonly shown: `template/${string}` | `design/${string}` | null;
  /** Its design, if it is a coach's template. */
  readonly design: Block | null;
  readonly own: readonly {
    readonly id: string;
    readonly name: string;
    readonly prerequisites: readonly Prerequisite[];
    /** Whether the team sees it, and whether it is the coach's own. */
    readonly shared: boolean;
    readonly isOwn: boolean;
  }[];
  /** Whether the team has no other coach. */
  readonly isAlone: boolean;
  readonly athletes: readonly { readonly id: string; readonly name: string }[];
  readonly ownExercises: readonly Exercise[];
}

export interface TemplatesActions {
  readonly rename: (
    id: string,
    name: string,
  ) => Promise<{ readonly status: 'renamed' } | { readonly status: 'gone' } | Unanswered>;
  /** Sets a template's prerequisites. */
  readonly savePrerequisites: (
    id: string,
    prerequisites: readonly Prerequisite[],
  ) => Promise<{ readonly status: 'kept' } | { readonly status: 'gone' } | Unanswered>;
  /** Shares it with the team, or makes it private again. */
  readonly share: (
    id: string,
    shared: boolean,
  ) => Promise<{ readonly status: 'kept' } | { readonly status: 'gone' } | Unanswered>;
  readonly remove: (id: string) => Promise<{ readonly status: 'removed' } | Unanswered>;
}
