import type { Athlete, AthleteModel, Block, Exercise, Run } from '@/core';

/** What a worker is asked: blocks to be lived by one athlete, each with the same luck. */
export interface RehearsalAsked {
  readonly blocks: readonly Block[];
  readonly athlete: Athlete;
  readonly ownExercises: readonly Exercise[];
  readonly model: AthleteModel;
  /** The seeds of its chunks of runs: what a seed lives is the same in any worker. */
  readonly seeds: readonly number[];
  /** Runs of each chunk. */
  readonly runs: number;
}

/** A chunk of runs, by block. */
export interface RehearsalSaid {
  readonly runs: readonly (readonly Run[])[];
}
