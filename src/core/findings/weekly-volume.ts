import { MUSCLES, type Muscle } from '../anatomy/muscle';
import type { Goal } from '../volume/goal';
import type { Check, CheckInput, Finding } from './finding';
import { addSets, dropSets, offered, withinBudget } from './volume-fixes';

function belowFloor(muscle: Muscle, input: CheckInput): Finding[] {
  const { week } = input;
  const { goal, measured: sets, landmarks } = week.muscles[muscle];
  if (goal === 'hold' || sets === 0 || sets >= landmarks.floor) return [];
  return [
    {
      id: `below-floor/${muscle}`,
      severity: 'warn',
      subject: { muscle, week: week.week },
      detail: { rule: 'below floor', muscle, sets, floor: landmarks.floor, week: week.week },
      fixes: offered(addSets(muscle, input)),
    },
  ];
}

function aboveCeiling(muscle: Muscle, input: CheckInput): Finding[] {
  const first = input.blockPlan.weeks.find(
    ({ plan }) =>
      plan.week >= input.week.week &&
      plan.kind === 'building' &&
      plan.muscles[muscle].measured > plan.muscles[muscle].landmarks.ceiling,
  );
  if (first === undefined) return [];
  const { measured: sets, landmarks } = first.plan.muscles[muscle];
  const { week } = first.plan;
  return [
    {
      id: `above-ceiling/${muscle}`,
      severity: 'warn',
      subject: { muscle, week },
      detail: { rule: 'above ceiling', muscle, sets, ceiling: landmarks.ceiling, week },
      fixes: offered(dropSets(muscle, input)),
    },
  ];
}

/** Growing muscles below floor or untrained, any muscle above ceiling, the body above its budget. */
export const weeklyVolume: Check = (input) => {
  const { week, block } = input;
  if (week.kind === 'deload') return [];
  const untrained = MUSCLES.filter((muscle) => {
    const { goal, measured: sets, landmarks } = week.muscles[muscle];
    return goal !== 'hold' && sets === 0 && landmarks.floor > 0;
  });
  const findings: Finding[] = [];
  if (week.hardSets > week.budget) {
    findings.push({
      id: 'above-budget',
      severity: 'warn',
      subject: { week: week.week },
      detail: { rule: 'above budget', sets: week.hardSets, budget: week.budget, week: week.week },
      fixes: offered(withinBudget(input)),
    });
  }
  findings.push(
    ...MUSCLES.flatMap((muscle) => [...belowFloor(muscle, input), ...aboveCeiling(muscle, input)]),
  );
  if (untrained.length > 0) {
    const held: Partial<Record<Muscle, Goal>> = { ...block.goals };
    for (const muscle of untrained) held[muscle] = 'hold';
    findings.push({
      id: `untrained/${untrained.join(',')}`,
      severity: 'warn',
      subject: untrained[0] === undefined ? {} : { muscle: untrained[0] },
      detail: { rule: 'untrained', muscles: untrained },
      fixes: [
        {
          does: 'hold muscles',
          muscles: untrained,
          edit: { kind: 'block/set', field: 'goals', value: held },
        },
      ],
    });
  }
  return findings;
};
