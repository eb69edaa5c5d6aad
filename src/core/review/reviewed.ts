import type { Watch } from '../watch/watch';

/** A block as a review looks at it: on a day of its life, or behind its end. */
export type Reviewed = Pick<
  Watch,
  'block' | 'athlete' | 'blockPlan' | 'log' | 'checkIns' | 'exposures' | 'exercises' | 'conventions' | 'today'
>;
