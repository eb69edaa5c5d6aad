import { sessionsOf } from './cycle';
import type { Check } from './finding';

const MOST_IN_A_ROW = 2;

/** More than two rest days in a row while other sessions are on consecutive days. */
export const restDays: Check = (input) => {
  const { cycleDays } = input.block;
  const days = [...new Set(sessionsOf(input).map(({ session }) => session.day))].sort((a, b) => a - b);
  if (days.length < 2) return [];
  const gaps = days.map(
    (day, at) => ((days[(at + 1) % days.length] as number) - day + cycleDays) % cycleDays || cycleDays,
  );
  const longest = Math.max(...gaps) - 1;
  if (longest <= MOST_IN_A_ROW || !gaps.includes(1)) return [];
  const at = gaps.indexOf(longest + 1);
  const before = sessionsOf(input).find(({ session }) => session.day === days[at]);
  return [
    {
      id: 'rest-days',
      severity: 'note',
      subject: before === undefined ? {} : { sessionId: before.session.sessionId },
      detail: { rule: 'rest days', days: longest },
      fixes: [],
    },
  ];
};
