import type { Block, Exercise, Prerequisite, Unanswered } from '@/core';

/** What the route hands to the screen of templates. */
export interface TemplatesData {
  /** The template that is looked at, as its kind and id; null: nothing there. */
  readonly shown: `template/${string}` | `design/${string}` | null;
  /** The design of it, where it is the coach's own. */
  readonly design: Block | null;
  readonly own: readonly {
    readonly id: string;
    readonly name: string;
    readonly prerequisites: readonly Prerequisite[];
    /** Whether all coaches of the house see it, and whether it is the coach's own. */
    readonly shared: boolean;
    readonly isOwn: boolean;
  }[];
  /** Whether the coach is the only one of their house. */
  readonly isAlone: boolean;
  readonly athletes: readonly { readonly id: string; readonly name: string }[];
  readonly ownExercises: readonly Exercise[];
}

export interface TemplatesActions {
  readonly rename: (
    id: string,
    name: string,
  ) => Promise<{ readonly status: 'renamed' } | { readonly status: 'gone' } | Unanswered>;
  /** Sets what a template asks before it. */
  readonly asks: (
    id: string,
    prerequisites: readonly Prerequisite[],
  ) => Promise<{ readonly status: 'kept' } | { readonly status: 'gone' } | Unanswered>;
  /** Shares it with the house, or keeps it to oneself again. */
  readonly share: (
    id: string,
    shared: boolean,
  ) => Promise<{ readonly status: 'kept' } | { readonly status: 'gone' } | Unanswered>;
  readonly remove: (id: string) => Promise<{ readonly status: 'removed' } | Unanswered>;
}
