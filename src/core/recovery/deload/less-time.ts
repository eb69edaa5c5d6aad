import { whole } from '../../fields';
import type { DeloadKind } from './lightening';

export interface LessTime {
  readonly kind: 'less time';
  readonly minutes: number;
}

/** Sessions capped in minutes; what comes last goes first. */
export const lessTime: DeloadKind<LessTime> = {
  kind: 'less time',
  start: { kind: 'less time', minutes: 30 },
  fields: { minutes: whole(10, 180) },
  lightens: ({ minutes }) => ({ minutes }),
};
