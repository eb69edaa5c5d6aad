import type { Muscle, PerMuscle } from '../anatomy/muscle';
import type { Phase } from '../athlete/athlete';
import type { LocalDate } from '../calendar';
import type { Goal } from '../volume/goal';
import type { Landmarks } from '../volume/landmark';
import type { Reason } from './reason';
import type { SessionPlan } from './session';

/** A muscle in a week. */
export interface MuscleWeek {
  readonly muscle: Muscle;
  readonly goal: Goal;
  /** Weekly sets as the block counts them. */
  readonly sets: number;
  /** The figure compared with the volume range: fractional weekly sets, or direct ones with a fixed dose. */
  readonly measured: number;
  /** Fractional weekly sets, if a fixed dose compares direct ones. */
  readonly fractional?: number;
  /** Sessions per week that credit it at least an exposure. */
  readonly frequency: number;
  /** The same, counting only sets with it as prime mover. */
  readonly directFrequency: number;
  readonly landmarks: Landmarks;
  readonly why: Reason;
}

/** One pass of the cycle. */
export interface WeekPlan {
  /** From 1; the deload is the last. */
  readonly week: number;
  readonly kind: 'building' | 'deload';
  readonly startDate: LocalDate;
  readonly phase: Phase;
  readonly rir: number;
  readonly whyRir: Reason;
  readonly sessions: readonly SessionPlan[];
  readonly muscles: PerMuscle<MuscleWeek>;
  /** Hard sets per week, each counted once whatever it trains. In a deload all sets performed. */
  readonly hardSets: number;
  readonly budget: number;
  readonly whyHardSets: Reason;
}
