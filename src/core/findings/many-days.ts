import { isAtLeast } from '../rounding';
import { sessionsOf } from './cycle';
import type { Check } from './finding';

/** Training days a week from which sleep, food and a calm life decide. */
const MANY = 6;

/** Six or more training days a week. */
export const manyDays: Check = (input) => {
  const { cycleDays } = input.block;
  const days = (new Set(sessionsOf(input).map(({ session }) => session.day)).size * 7) / cycleDays;
  if (!isAtLeast(days, MANY)) return [];
  return [{ id: 'many-days', severity: 'note', subject: {}, detail: { rule: 'many days', days }, fixes: [] }];
};
