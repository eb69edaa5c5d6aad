import { MUSCLES, type Muscle } from '../anatomy/muscle';
import type { Athlete } from '../athlete/athlete';
import { type Block, weekStart } from '../block/block';
import { addDays } from '../calendar';
import { deloadWeeks } from '../recovery/deload/deload';
import type { Goal } from '../volume/goal';
import type { Check } from './finding';

/** Days after a block within which an event still counts as its goal. */
const TOWARDS = 56;

/** Whether the athlete has an event in the block or soon after it. */
function hasEvent({ dates }: Pick<Athlete, 'dates'>, block: Block): boolean {
  const end = addDays(weekStart(block, block.weeks + deloadWeeks(block.deload) + 1), TOWARDS);
  return dates.some(({ date }) => date >= block.startDate && date <= end);
}

/**
 * Priority muscles while cutting: in a deficit the aim is to keep muscle, with every muscle at its minimum first. An
 * event may take precedence.
 */
export const specialisingInCut: Check = ({ block, athlete, blockPlan, week }) => {
  if (hasEvent(athlete, block)) return [];
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
