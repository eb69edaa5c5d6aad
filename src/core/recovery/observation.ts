import type { Muscle } from '../anatomy/muscle';
import type { Soreness } from '../log/soreness';
import type { Performance } from './performance';

/** How a muscle did in one finished session. */
export interface Observation {
  readonly muscle: Muscle;
  readonly week: number;
  readonly sessionId: string;
  readonly date: string;
  readonly soreness: Soreness | 'no check-in';
  readonly performance: Performance;
  readonly behindTwice: boolean;
  /** Week 1 only: sets by which the start seems to be below the athlete's minimum. */
  readonly startShortfall: number;
}
