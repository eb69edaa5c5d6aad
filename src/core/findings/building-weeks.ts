import type { Check } from './finding';

/** More building weeks before a deload than an intermediate athlete should plan. */
export const buildingWeeks: Check = ({ block, athlete, conventions }) => {
  const most = conventions.buildingWeeks;
  if (athlete.level !== 'intermediate' || block.weeks <= most) return [];
  return [
    {
      id: 'building-weeks',
      severity: 'warn',
      subject: {},
      detail: { rule: 'building weeks', weeks: block.weeks, most },
      fixes: [
        {
          does: 'shorten block',
          weeks: most,
          edit: { kind: 'block/set', field: 'weeks', value: most },
        },
      ],
    },
  ];
};
