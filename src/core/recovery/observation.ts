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
  /** In week 1 and deep in a cut: sets by which the work seems to be below the athlete's minimum. */
  readonly startShortfall: number;
}
