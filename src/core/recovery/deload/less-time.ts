import { z } from 'zod';
import type { DeloadKind } from './lightening';

export interface LessTime {
  readonly kind: 'less time';
  readonly minutes: number;
}

/** Sessions capped in minutes; what comes last goes first. */
export const lessTime: DeloadKind<LessTime> = {
  kind: 'less time',
  start: { kind: 'less time', minutes: 30 },
  schema: z.strictObject({ kind: z.literal('less time'), minutes: z.int().min(10).max(180) }),
  lightens: ({ minutes }) => ({ minutes }),
};
