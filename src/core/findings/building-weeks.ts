import { isAtMost } from '../rounding';
import type { Check } from './finding';

/**
 * More building weeks before a deload than advisable for an intermediate athlete; a novice needs no planned deload.
 */
export const buildingWeeks: Check = ({ block, athlete, conventions }) => {
  if (athlete.level === 'novice' && block.deload !== null)
    return [
      {
        id: 'novice-deload',
        severity: 'note',
        subject: {},
        detail: { rule: 'novice deload' },
        fixes: [{ does: 'no deload', edit: { kind: 'block/set', field: 'deload', value: null } }],
      },
    ];
  const most = conventions.buildingWeeks;
  // A cycle may be longer or shorter than a week.
  const weeks = (block.weeks * block.cycleDays) / 7;
  if (athlete.level !== 'intermediate' || isAtMost(weeks, most)) return [];
  const passes = Math.floor((most * 7) / block.cycleDays + 1e-9);
  return [
    {
      id: 'building-weeks',
      severity: 'warn',
      subject: {},
      detail: { rule: 'building weeks', weeks, most },
      fixes: [
        {
          does: 'shorten block',
          weeks: passes,
          edit: { kind: 'block/set', field: 'weeks', value: passes },
        },
      ],
    },
  ];
};
