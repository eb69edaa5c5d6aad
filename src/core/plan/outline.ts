import type { SessionPlan } from './session';
import type { WeekPlan } from './week';

/** What a list of weeks says of a session, without what the session asks. */
export type SessionOutline = Pick<
  SessionPlan,
  'sessionId' | 'name' | 'day' | 'optional' | 'sets' | 'seconds'
>;

/** The sessions of a week as a list of weeks shows them. */
export function outlineOf({ sessions }: WeekPlan): readonly SessionOutline[] {
  return sessions.map(({ sessionId, name, day, optional, sets, seconds }) => ({
    sessionId,
    name,
    day,
    optional,
    sets,
    seconds,
  }));
}
