import { sessionsOf } from './cycle';
import type { Check } from './finding';

const mean = (list: readonly number[]) => list.reduce((sum, one) => sum + one, 0) / list.length;

/** Mean sets of upper days and of lower days that differ by more than a third. */
export const unevenDays: Check = (input) => {
  const sets = (half: 'upper' | 'lower') =>
    sessionsOf(input)
      .filter((one) => one.half === half)
      .map(({ session }) => session.sets);
  const [upper, lower] = [sets('upper'), sets('lower')];
  if (upper.length === 0 || lower.length === 0) return [];
  const [up, low] = [mean(upper), mean(lower)];
  if (Math.abs(up - low) <= Math.max(up, low) / 3 + 1e-9) return [];
  return [
    {
      id: 'uneven-days',
      severity: 'note',
      subject: {},
      detail: { rule: 'uneven days', upper: up, lower: low },
      fixes: [],
    },
  ];
};
