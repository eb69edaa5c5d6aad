import { isAtLeast } from '../rounding';
import { sessionsOf } from './cycle';
import type { Check } from './finding';

/** A novice with fewer full days off a week than recovery needs; a day of hard sport is not a day off. */
export const noviceRest: Check = (input) => {
  const { block, athlete, conventions } = input;
  if (athlete.level !== 'novice') return [];
  const busy = new Set([
    ...sessionsOf(input).map(({ session }) => session.day),
    ...block.activities.filter(({ hard }) => hard).map(({ day }) => day),
  ]);
  const off = ((block.cycleDays - busy.size) * 7) / block.cycleDays;
  if (isAtLeast(off, conventions.noviceDaysOff)) return [];
  return [
    {
      id: 'novice-rest',
      severity: 'note',
      subject: {},
      detail: { rule: 'novice rest', days: off, wanted: conventions.noviceDaysOff },
      fixes: [],
    },
  ];
};
