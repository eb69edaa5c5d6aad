import type { SessionPlan } from './session';
import type { WeekPlan } from './week';

/** A session in a list of weeks, without its content. */
export type SessionOutline = Pick<
  SessionPlan,
  'sessionId' | 'name' | 'day' | 'optional' | 'sets' | 'seconds'
>;

/** A week's sessions for a list of weeks. */
export function weekOutline({ sessions }: WeekPlan): readonly SessionOutline[] {
  return sessions.map(({ sessionId, name, day, optional, sets, seconds }) => ({
    sessionId,
    name,
    day,
    optional,
    sets,
    seconds,
  }));
}
