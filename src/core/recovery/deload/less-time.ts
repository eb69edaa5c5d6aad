import { whole } from '../../fields';
import type { DeloadKind } from './lightening';

export interface LessTime {
  readonly kind: 'less time';
  readonly minutes: number;
}

/** A cap on session minutes; the last exercises are dropped first. */
export const lessTime: DeloadKind<LessTime> = {
  kind: 'less time',
  start: { kind: 'less time', minutes: 30 },
  fields: { minutes: whole(10, 180) },
  lightens: ({ minutes }) => ({ minutes }),
};
