import { sessionsOf } from './cycle';
import type { Check } from './finding';

/** Sessions on weekdays when the athlete cannot train, in one finding; only in cycles with fixed weekdays. */
export const unavailableDay: Check = (input) => {
  const { days } = input.athlete;
  if (input.block.cycleDays % 7 !== 0 || days.length === 0) return [];
  const off = sessionsOf(input).flatMap(({ session }) => (days.includes(session.day % 7) ? [] : [session]));
  const [first] = off;
  if (first === undefined) return [];
  return [
    {
      id: `unavailable-day/${off.map(({ sessionId }) => sessionId).join(',')}`,
      severity: 'note',
      subject: { sessionId: first.sessionId },
      detail: {
        rule: 'unavailable day',
        sessions: off.map(({ name, day }) => ({ session: name, day })),
      },
      fixes: [],
    },
  ];
};
