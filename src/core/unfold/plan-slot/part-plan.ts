import type { RepRange } from '../../block/rep-range';
import type { Conventions } from '../../conventions/conventions';
import type { Held } from '../../effort/drift';
import type { RepMaxCurve } from '../../effort/rep-max';
import type { SetPlan } from '../../plan/set';
import type { Half, Part, Section } from '../../techniques/technique';
import type { Hundredths } from '../../units';

/** A part's chosen first set, and what its further sets depend on. */
export interface PartPlan {
  readonly part: Part;
  /** Load of its first set; null if unknown. */
  readonly load: Hundredths | null;
  readonly reps: number;
  /** The range as written, and what stays constant over its sets. */
  readonly range: RepRange;
  readonly mode: Held;
  /** RIR at its end, and RIR left after its first reps. */
  readonly rir: number;
  readonly leadRir: number;
  /** The week's RIR before any offset, for sets with their own effort. */
  readonly weekRir: number;
  /** Sets of the slot before this part's, and all of them without optional ones. */
  readonly before: number;
  readonly count: number;
  readonly optional: number;
  /** Reps lost per further set. */
  readonly perSet: number;
  /** One rep of drop-off in the counted unit: 1, or a share of a hold's seconds. */
  readonly unit: number;
  /** Seconds after each set. */
  readonly rest: number;
  /** Reps possible at a load in this part's first set by the strength estimate; null without one. */
  readonly capacity: ((load: Hundredths) => number) | null;
  /** RIR predicted for this many reps of a hold in its k-th set; replaces `capacity`. */
  readonly predictHold: ((reps: number, k: number) => number) | null;
  /** Half of the range in which the exercise is easier. */
  readonly easier: Half;
  /** Whether its sets measure the exercise's strength: half reps and timed sets do not. */
  readonly measuresStrength: boolean;
  readonly curve: RepMaxCurve;
  readonly conventions: Conventions;
}

/** A set's position in its slot. */
export interface SetPlace extends Pick<SetPlan, 'id' | 'round' | 'variant' | 'optional'> {
  /** Its number in its part, from 1. */
  readonly k: number;
  readonly words: OwnWords;
}

export type OwnWords = Pick<SetPlan, 'tempo' | 'cue'>;

export const NO_WORDS: OwnWords = {};

export const NO_SECTIONS: readonly Section[] = [];
