import { z } from 'zod';
import type { DeloadKind } from './lightening';

export interface ActiveRest {
  readonly kind: 'active rest';
  readonly weeks: number;
}

/** Weeks off, or of something unlike training: once a year at most, for the long-trained and stale. */
export const activeRest: DeloadKind<ActiveRest> = {
  kind: 'active rest',
  start: { kind: 'active rest', weeks: 2 },
  schema: z.strictObject({ kind: z.literal('active rest'), weeks: z.int().min(1).max(4) }),
  lightens: () => ({ kept: 'none' }),
};
