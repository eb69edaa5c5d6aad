import type { Athlete, AthleteModel, Block, Exercise, Rehearsal } from '@/core';

/** What the worker is asked: blocks to be lived by one athlete, each with the same luck. */
export interface RehearsalAsked {
  readonly blocks: readonly Block[];
  readonly athlete: Athlete;
  readonly ownExercises: readonly Exercise[];
  readonly model: AthleteModel;
  readonly runs: number;
  readonly seed: number;
}

/** How far it is, and what the runs so far come to. */
export interface RehearsalSaid {
  readonly done: number;
  readonly results: readonly Rehearsal[];
}
