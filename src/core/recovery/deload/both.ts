import { share } from '../../fields';
import type { DeloadKind } from './lightening';

export interface Both {
  readonly kind: 'both';
  readonly sets: number;
}

/** Fewer sets, half the reps, half of the one-rep max: after long hard periods. */
export const both: DeloadKind<Both> = {
  kind: 'both',
  start: { kind: 'both', sets: 0.4 },
  fields: { sets: share(0.1, 1) },
  lightens: ({ sets }) => ({ sets, reps: 0.5, ofMax: 0.5 }),
};
