import { whole } from '../../fields';
import type { DeloadKind } from './lightening';

export interface Easier {
  readonly kind: 'easier';
  readonly rir: number;
}

/** Reps fall to half of what was asked at most; then the load falls. */
const LEAST_REPS = 0.5;

/** The same sets further from failure: for athletes who judge effort accurately. */
export const easier: DeloadKind<Easier> = {
  kind: 'easier',
  start: { kind: 'easier', rir: 5 },
  fields: { rir: whole(4, 6) },
  lightens: ({ rir }) => ({ rir, leastReps: LEAST_REPS }),
};
