import { CONVENTIONS } from '../../conventions/conventions';
import { choice, share } from '../../fields';
import type { DeloadKind } from './lightening';

export interface FewerSets {
  readonly kind: 'fewer sets';
  /** Share of sets kept, rounded half up per slot, at least one. */
  readonly sets: number;
  /** Reps reduced to the easy RIR, or unchanged: opinions differ. */
  readonly reps: 'cut' | 'kept';
}

/** Fewer sets at the usual load, reps reduced until enough are left: the usual choice. */
export const fewerSets: DeloadKind<FewerSets> = {
  kind: 'fewer sets',
  start: { kind: 'fewer sets', sets: CONVENTIONS.deloadSets.default, reps: 'cut' },
  fields: { sets: share(0.1, 1), reps: choice(['cut', 'kept'], 'cut') },
  lightens: ({ sets, reps }, { easyRir }) => ({ sets, ...(reps === 'cut' ? { rir: easyRir } : {}) }),
};
