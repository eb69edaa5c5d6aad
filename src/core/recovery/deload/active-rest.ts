import { whole } from '../../fields';
import type { DeloadKind } from './lightening';

export interface ActiveRest {
  readonly kind: 'active rest';
  readonly weeks: number;
}

/** Weeks off or of different activity: at most once a year, for long-trained athletes who have gone stale. */
export const activeRest: DeloadKind<ActiveRest> = {
  kind: 'active rest',
  start: { kind: 'active rest', weeks: 2 },
  fields: { weeks: whole(1, 4) },
  lightens: () => ({ kept: 'none' }),
};
