import type { Level } from '../../athlete/athlete';
import type { Shape } from '../shape';

/** A required number of clean reps of a lift. */
export interface Prerequisite {
  readonly exerciseId: string;
  readonly reps: number;
}

/** What a split requires of an athlete. */
export interface Demand {
  /** The least training experience it suits. */
  readonly from: Level;
  readonly prerequisites: readonly Prerequisite[];
}

/** What each kind of split requires. */
export const DEMANDS: Readonly<Record<Shape, Demand>> = {
  'full body': { from: 'novice', prerequisites: [] },
  'upper/lower': { from: 'novice', prerequisites: [] },
  'push/pull': { from: 'intermediate', prerequisites: [] },
  'push/pull and legs': { from: 'intermediate', prerequisites: [] },
  'push/pull/legs': { from: 'intermediate', prerequisites: [] },
  'torso/limbs': { from: 'intermediate', prerequisites: [] },
  'body parts': { from: 'advanced', prerequisites: [] },
  'bent arm/straight arm': {
    from: 'advanced',
    prerequisites: [
      { exerciseId: 'pull-up', reps: 10 },
      { exerciseId: 'dip', reps: 12 },
    ],
  },
  'upper/lower and full body': { from: 'intermediate', prerequisites: [] },
  'small daily doses': { from: 'intermediate', prerequisites: [] },
};
