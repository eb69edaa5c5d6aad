import { z } from 'zod';
import { CONVENTIONS } from '../../conventions/conventions';
import type { DeloadKind } from './lightening';

export interface FewerSets {
  readonly kind: 'fewer sets';
  /** Share of sets kept, rounded half up per slot, at least one. */
  readonly sets: number;
  /** Reps cut to the easy RIR, or kept: schools. */
  readonly reps: 'cut' | 'kept';
}

/** Fewer sets at the usual load, reps cut until enough are left: the usual case. */
export const fewerSets: DeloadKind<FewerSets> = {
  kind: 'fewer sets',
  start: { kind: 'fewer sets', sets: CONVENTIONS.deloadSets.default, reps: 'cut' },
  schema: z.strictObject({
    kind: z.literal('fewer sets'),
    sets: z.number().min(0.1).max(1),
    reps: z.enum(['cut', 'kept']).default('cut'),
  }),
  lightens: ({ sets, reps }, { easyRir }) => ({ sets, ...(reps === 'cut' ? { rir: easyRir } : {}) }),
};
