import { MUSCLES, type Muscle } from '../anatomy/muscle';
import type { Goal } from '../volume/goal';
import type { Check } from './finding';

/** Priority muscles while cutting: a body short of food keeps what it has; every muscle at its floor comes first. */
export const specialisingInCut: Check = ({ block, blockPlan, week }) => {
  const cutting = blockPlan.weeks.find(
    ({ plan }) => plan.week >= week.week && plan.kind === 'building' && plan.phase === 'cutting',
  );
  const first = MUSCLES.filter((muscle) => week.muscles[muscle].goal === 'priority');
  if (cutting === undefined || first.length === 0) return [];
  const goals: Partial<Record<Muscle, Goal>> = { ...block.goals };
  for (const muscle of first) goals[muscle] = 'grow';
  return [
    {
      id: `specialising-in-cut/${first.join(',')}`,
      severity: 'note',
      subject: first[0] === undefined ? {} : { muscle: first[0] },
      detail: { rule: 'specialising in a cut', muscles: first, week: cutting.plan.week },
      fixes: [
        { does: 'no priority', muscles: first, edit: { kind: 'block/set', field: 'goals', value: goals } },
      ],
    },
  ];
};
