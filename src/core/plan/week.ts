import type { Muscle, PerMuscle } from '../anatomy/muscle';
import type { Phase } from '../athlete/athlete';
import type { LocalDate } from '../calendar';
import type { Goal } from '../volume/goal';
import type { Landmarks } from '../volume/landmark';
import type { Reason } from './reason';
import type { SessionPlan } from './session';

/** A muscle in one week. */
export interface MuscleWeek {
  readonly muscle: Muscle;
  readonly goal: Goal;
  /** Weekly sets as the block's school credits them. */
  readonly sets: number;
  /** What the landmarks are compared with: fractional weekly sets, or direct ones under a fixed dose. */
  readonly measured: number;
  /** Sessions a week that credit it at least an exposure. */
  readonly frequency: number;
  /** The same, by sets that train it as prime mover alone. */
  readonly directFrequency: number;
  readonly landmarks: Landmarks;
  readonly why: Reason;
}

/** One pass of the cycle. */
export interface WeekPlan {
  /** 1-based; the deload is the last. */
  readonly week: number;
  readonly kind: 'building' | 'deload';
  readonly startDate: LocalDate;
  readonly phase: Phase;
  readonly rir: number;
  readonly whyRir: Reason;
  readonly sessions: readonly SessionPlan[];
  readonly muscles: PerMuscle<MuscleWeek>;
  /** Hard sets, each once whatever it trains; a week. In a deload all performed sets. */
  readonly hardSets: number;
  readonly budget: number;
  readonly whyHardSets: Reason;
}
