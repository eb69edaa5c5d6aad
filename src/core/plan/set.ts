import type { Manner, Role, Section } from '../techniques/technique';

/**
 * A planned set. Load in the slot's unit, the added weight for bodyweight work; null if the athlete is to find it.
 */
export interface SetPlan {
  /** Unique within its slot; stays the same in the sent week. */
  readonly id: string;
  readonly role: Role;
  readonly load: number | null;
  readonly reps: number;
  readonly rir: number;
  /** RIR of the week, where the set asks for the RIR that its load predicts; absent otherwise. */
  readonly weekRir?: number;
  /** The RIR predicted from the strength estimate; null without one. */
  readonly predictedRir: number | null;
  readonly hard: boolean;
  /** Its credit in sets, 0-1, before the muscle's share. */
  readonly credit: number;
  /**
   * The round of mini-sets it belongs to, from 1, and its position in it, from 1; a whole set is position 1 of its
   * own round.
   */
  readonly round: number;
  readonly piece: number;
  /** Seconds of rest before the slot's next set. */
  readonly rest: number;
  /** How its reps are done. */
  readonly manner: Manner;
  /** What follows its reps without a pause. */
  readonly sections: readonly Section[];
  /** The set's variant, if variants rotate; null: the slot's. */
  readonly variant: string | null;
  /** The set's own tempo and cue; absent: the slot's. */
  readonly tempo?: string;
  readonly cue?: string;
  /** Whether it measures the exercise's strength: half reps and timed sets do not. */
  readonly measuresStrength: boolean;
  /** Done only with energy left, and counted only if done. */
  readonly optional: boolean;
}
