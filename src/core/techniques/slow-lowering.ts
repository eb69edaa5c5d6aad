import { whole } from '../fields';
import { bySets, plainPart, type Technique } from './technique';

export interface SlowLowering {
  readonly kind: 'slow lowering';
  readonly sets: number;
  /** Seconds of lowering. */
  readonly down: number;
}

/** What follows the lowering if no tempo is written: no pause, one second up. */
const OTHERWISE = '010';

/** Sets with a lowering phase of 3-6 s. */
export const slowLowering: Technique<SlowLowering> = {
  kind: 'slow lowering',
  fields: { sets: whole(1, 8), down: whole(3, 6) },
  start: { kind: 'slow lowering', sets: 3, down: 4 },
  parts: ({ sets }) => [plainPart(sets)],
  ...bySets(1, 8),
  reach: () => 'short of failure',
  heldBack: (parameters) => parameters,
  progress: 'load rule',
  loggedAs: 'reps',
  measures: true,
  tempo: ({ down }, written) =>
    written?.includes('-')
      ? [down, ...written.split('-').slice(1)].join('-')
      : `${down}${written?.slice(1) ?? OTHERWISE}`,
};
