import type { Proposal } from '../calls/registry';
import type { Observation } from '../recovery/observation';
import type { WeekState } from './week-state';

/** The plan of a block, week by week, and what waits for the coach. Computed by unfold, never stored. */
export interface BlockPlan {
  readonly weeks: readonly WeekState[];
  /** The first week that is not done; after the last, the last. */
  readonly currentWeek: number;
  readonly proposals: readonly Proposal[];
  /** How muscles did in finished sessions, in training order. */
  readonly observations: readonly Observation[];
}
