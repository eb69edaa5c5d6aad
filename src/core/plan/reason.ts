import type { Muscle } from '../anatomy/muscle';
import type { Level, Phase, Style } from '../athlete/athlete';
import type { Slot } from '../block/block';
import type { RepRange } from '../block/rep-range';
import type { Unit } from '../loading/weight';
import type { Soreness } from '../log/soreness';
import type { LoadChoice } from '../progression/load-rules/load-choice';
import type { RuleName } from '../progression/load-rules/registry';
import type { Cap } from '../progression/set-response';
import type { Verdict } from '../recovery/performance';
import type { Goal } from '../volume/goal';
import type { LandmarkTrace } from '../volume/landmarks';
import type { Crediting } from '../volume/schools';

/** Where a strength estimate comes from. Loads are decimals of the slot's unit. */
export type StrengthSource =
  | {
      readonly kind: 'logged';
      readonly week: number;
      readonly load: number;
      readonly reps: number;
      readonly rir: number;
    }
  | {
      readonly kind: 'best set' | 'start set';
      readonly load: number;
      readonly reps: number;
      readonly rir: number;
      /** Per cent by which it is reduced for being old when the block starts. */
      readonly lessPercent?: number;
      /** The work of a half rep relative to a full one, if the slot uses half reps and the set did not. */
      readonly halfCost?: number;
    };

/** A strength estimate and, for future weeks, its projection. */
export interface Strength {
  readonly source: StrengthSource;
  /** Estimated one-rep max now, including bodyweight; for holds the longest hold in seconds. */
  readonly measured: number;
  /** The same in the week concerned. */
  readonly oneRepMax: number;
  /** Weeks of projected gain between the two. */
  readonly weeksAhead: number;
  readonly gainPercent: number;
  /** The other of the last two exposures, and why it was not used: weaker, or further from failure. */
  readonly over?: {
    readonly week: number;
    readonly load: number;
    readonly reps: number;
    readonly rir: number;
    readonly why: 'weaker' | 'easier';
  };
}

/**
 * Why a figure is what it is: the rule as a code, its inputs and alternatives. Data from the core; the interface
 * words it.
 */
export type Reason =
  /** Stored with the week on the server: see reasons-apart. */
  | { readonly code: 'not fetched' }
  | {
      readonly code: 'rir/ramp';
      readonly week: number;
      readonly weeks: number;
      readonly first: number;
      readonly last: number;
      readonly offset: number;
      readonly value: number;
    }
  | { readonly code: 'rir/fixed'; readonly value: number }
  | { readonly code: 'rir/easy'; readonly week: 'deload' | 'recover'; readonly value: number }
  | {
      readonly code: 'load/best-fit';
      /** The rule applied; absent in weeks sent when there was only one. */
      readonly rule?: RuleName;
      readonly unit: Unit;
      readonly last: { readonly load: number; readonly reps: number } | null;
      readonly strength: Strength;
      readonly targetRir: number;
      readonly range: RepRange;
      readonly fit: LoadChoice;
    }
  | {
      readonly code: 'load/hold';
      readonly unit: Unit;
      readonly load: number;
      readonly seconds: number;
      readonly strength: Strength;
      readonly targetRir: number;
      readonly range: RepRange;
    }
  | {
      readonly code: 'load/override';
      readonly unit: Unit;
      readonly load: number | null;
      readonly reps: number;
      readonly proposed: Reason;
    }
  /** Held one rep short of failure, because the exercise cannot be failed alone. */
  | { readonly code: 'rir/held back'; readonly value: number; readonly proposed: Reason }
  | { readonly code: 'rir/override'; readonly value: number; readonly proposed: number }
  | { readonly code: 'sets/override'; readonly sets: number; readonly proposed: number }
  | { readonly code: 'load/search'; readonly targetRir: number; readonly range: RepRange }
  | {
      readonly code: 'load/answered';
      readonly outcome: 'accepted' | 'changed' | 'held';
      readonly unit: Unit;
      readonly load: number;
      readonly reps: number;
      readonly proposed: Reason;
    }
  | {
      readonly code: 'load/easy';
      readonly week: 'deload' | 'recover';
      readonly unit: Unit;
      readonly from: { readonly load: number; readonly reps: number };
      readonly load: number;
      readonly reps: number;
      readonly predictedRir: number;
    }
  | {
      readonly code: 'whole-body-deload';
      /** Growing muscles below target, recovering and at their maximum, each counted once. */
      readonly behind: number;
      readonly recovering: number;
      readonly atCeiling: number;
      readonly growing: number;
      /** How many of the last two weeks were at RIR 1 or less. */
      readonly hardWeeks: number;
    }
  | {
      readonly code: 'sets/prescribed';
      readonly sets: number;
      /** The planned rise of sets. */
      readonly ramp?: {
        readonly from: number;
        readonly to: number;
        readonly week: number;
        readonly weeks: number;
      };
    }
  | {
      readonly code: 'sets/response';
      readonly prescribed: number;
      readonly added: readonly { readonly muscle: Muscle; readonly week: number; readonly add: number }[];
      readonly sets: number;
    }
  | {
      readonly code: 'sets/easy';
      readonly week: 'deload' | 'recover';
      readonly from: number;
      readonly factor: number;
      readonly sets: number;
    }
  | {
      readonly code: 'sets/after-recover';
      readonly muscle: Muscle;
      readonly failedAt: number;
      readonly floor: number;
      readonly sets: number;
    }
  | {
      readonly code: 'reps/drift';
      readonly mode: Slot['drift'];
      readonly seconds: number;
      readonly perSet: number;
      /** Least reps of set 1 for which the last set still reaches the bottom of the range; absent in older weeks. */
      readonly low?: number;
      /** The range as written, and as changed by the phase. */
      readonly moved?: { readonly from: RepRange; readonly to: RepRange; readonly phase: Phase };
    }
  | {
      readonly code: 'volume';
      readonly muscle: Muscle;
      readonly goal: Goal;
      readonly landmarks: LandmarkTrace;
      readonly cycleDays: number;
      readonly crediting: Crediting;
      /** Weekly sets as the block counts them. */
      readonly sets: number;
      /** The figure compared with the volume range. */
      readonly measured: number;
      readonly direct: number;
      readonly frequency: number;
      readonly directFrequency: number;
      readonly parts: readonly {
        readonly exerciseId: string;
        readonly sets: number;
        readonly contribution: number;
        readonly credit: number;
      }[];
    }
  | {
      readonly code: 'budget';
      readonly hardSets: number;
      readonly budget: number;
      readonly level: Level;
      readonly phase: Phase;
      readonly hardSport: number;
    }
  | {
      readonly code: 'minutes';
      readonly mode: 'strict' | 'realistic';
      readonly work: number;
      readonly rest: number;
      readonly warmUp: number;
      readonly low: number;
      readonly high: number;
    }
  | {
      readonly code: 'set-response';
      readonly muscle: Muscle;
      readonly soreness: Soreness | 'no check-in';
      readonly verdict: Verdict;
      readonly score: number;
      readonly behindTwice: boolean;
      /** Week 1 only: sets by which the start seems too low. */
      readonly startShortfall: number;
      readonly style: Style;
      readonly wanted: number;
      readonly add: number;
      readonly capped: Cap | null;
    };
