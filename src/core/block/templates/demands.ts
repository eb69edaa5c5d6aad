import type { Level } from '../../athlete/athlete';
import type { Shape } from '../shape';

/** So many clean reps of a lift before the split makes sense. */
export interface Prerequisite {
  readonly exerciseId: string;
  readonly reps: number;
}

/** What a split asks of whoever trains by it. */
export interface Demand {
  /** Who it suits, from this training age on. */
  readonly from: Level;
  readonly prerequisites: readonly Prerequisite[];
}

/** What each shape of split asks. */
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
