import type { Athlete, AthleteModel, Block, Exercise, Run } from '@/core';

/** A worker's task: blocks to simulate for one athlete with the same random numbers. */
export interface SimulationTask {
  readonly blocks: readonly Block[];
  readonly athlete: Athlete;
  readonly ownExercises: readonly Exercise[];
  readonly model: AthleteModel;
  /** The seeds of its chunks of runs: a seed gives the same runs in any worker. */
  readonly seeds: readonly number[];
  /** Runs per chunk. */
  readonly runs: number;
}

/** A chunk of runs, by block. */
export interface SimulationChunk {
  readonly runs: readonly (readonly Run[])[];
}
