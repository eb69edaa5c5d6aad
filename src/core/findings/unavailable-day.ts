import { sessionsOf } from './cycle';
import type { Check, Finding } from './finding';

/** A session on a weekday when the athlete cannot train; only in cycles with fixed weekdays. */
export const unavailableDay: Check = (input) => {
  const { days } = input.athlete;
  if (input.block.cycleDays % 7 !== 0 || days.length === 0) return [];
  return sessionsOf(input)
    .filter(({ session }) => !days.includes(session.day % 7))
    .map(
      ({ session }): Finding => ({
        id: `unavailable-day/${session.sessionId}`,
        severity: 'note',
        subject: { sessionId: session.sessionId },
        detail: { rule: 'unavailable day', session: session.name, day: session.day },
        fixes: [],
      }),
    );
};
