import { sessionsOf } from './cycle';
import type { Check, Finding, Fix } from './finding';

/**
 * Sessions on weekdays when the athlete cannot train; only in cycles with fixed weekdays. One finding for all, with
 * the nearest free day for a single session.
 */
export const unavailableDay: Check = (input): readonly Finding[] => {
  const { days } = input.athlete;
  const { cycleDays } = input.block;
  if (cycleDays % 7 !== 0 || days.length === 0) return [];
  const sessions = sessionsOf(input).map(({ session }) => session);
  const off = sessions.filter(({ day }) => !days.includes(day % 7));
  const [first] = off;
  if (first === undefined) return [];
  const free = Array.from({ length: cycleDays }, (_, day) => day)
    .filter((day) => days.includes(day % 7) && sessions.every((one) => one.day !== day))
    .sort((a, b) => Math.abs(a - first.day) - Math.abs(b - first.day));
  const [day] = free;
  const fixes: readonly Fix[] =
    off.length > 1 || day === undefined
      ? []
      : [
          {
            does: 'move session',
            session: first.name,
            day,
            cycleDays,
            edit: { kind: 'session/set', session: first.sessionId, field: 'day', value: day },
          },
        ];
  return [
    {
      id: `unavailable-day/${off.map(({ sessionId }) => sessionId).join(',')}`,
      severity: 'note',
      subject: { sessionId: first.sessionId },
      detail: {
        rule: 'unavailable day',
        sessions: off.map(({ name, day: on }) => ({ session: name, day: on })),
      },
      fixes,
    },
  ];
};
