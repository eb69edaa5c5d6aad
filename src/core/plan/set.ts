import type { Manner, Role, Section } from '../techniques/technique';

/** A set as asked. Load in the slot's unit, for bodyweight work what is added; null while it is still looked for. */
export interface SetPlan {
  /** Unique within its slot; stays with the set through the issued week. */
  readonly id: string;
  readonly role: Role;
  readonly load: number | null;
  readonly reps: number;
  readonly rir: number;
  /** RIR the strength estimate predicts; null without one. */
  readonly predictedRir: number | null;
  readonly hard: boolean;
  /** Sets it counts for, 0-1, before the muscle's share. */
  readonly credit: number;
  /** The round of mini-sets it is a piece of, from 1, and its place in it, from 1; the whole set is 1 of its own. */
  readonly round: number;
  readonly piece: number;
  /** Seconds of rest before the slot's next set. */
  readonly rest: number;
  /** How its reps are done. */
  readonly manner: Manner;
  /** What follows its reps without a pause. */
  readonly sections: readonly Section[];
  /** Set-up of this set where they rotate; null: the slot's. */
  readonly variant: string | null;
  /** Tempo of its own and what to mind in it; absent: the slot's. */
  readonly tempo?: string;
  readonly cue?: string;
  /** Whether it says anything of the exercise's strength at large: half reps and sets by the clock do not. */
  readonly measuresStrength: boolean;
  /** Done only when there is energy left, and counted only then. */
  readonly optional: boolean;
}
