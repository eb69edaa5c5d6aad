import type { Proposal } from '../calls/registry';
import type { WeekState } from './week-state';

/** What should happen in a block, week by week, and what waits for the coach. Derived by unfold, never stored. */
export interface BlockPlan {
  readonly weeks: readonly WeekState[];
  /** The first week that is not done; after the last, the last. */
  readonly currentWeek: number;
  readonly proposals: readonly Proposal[];
}
