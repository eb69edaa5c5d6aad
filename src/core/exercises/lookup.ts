import type { Exercise } from './exercise';

/** A particular revision of an exercise. */
export interface ExerciseRef {
  readonly id: string;
  readonly revision: number;
}

/** Facts of an exercise revision; undefined if it does not exist. */
export type ExerciseLookup = (ref: ExerciseRef) => Exercise | undefined;
