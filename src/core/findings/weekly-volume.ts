import { MUSCLES, type Muscle } from '../anatomy/muscle';
import type { WeekPlan } from '../plan/week';
import { isAtLeast, isAtMost } from '../rounding';
import type { Goal } from '../volume/goal';
import { skillSets } from './cycle';
import { type Check, type CheckInput, type Finding, lazyFixes } from './finding';
import { addSets, dropSets, offered, withinBudget } from './volume-fixes';

/** The building weeks from the checked one on: a change of phase changes minimums and budgets. */
function weeksAhead(input: CheckInput): readonly WeekPlan[] {
  return input.blockPlan.weeks
    .map(({ plan }) => (plan.week === input.week.week ? input.week : plan))
    .filter(({ week, kind }) => week >= input.week.week && kind === 'building');
}

/** The week with the largest excess: fixing it fixes the others. */
function worstWeek(weeks: readonly WeekPlan[], by: (week: WeekPlan) => number): WeekPlan {
  return weeks.reduce((worst, one) => (by(one) > by(worst) ? one : worst));
}

function belowFloor(muscle: Muscle, input: CheckInput): Finding[] {
  const low = weeksAhead(input).filter(({ muscles }) => {
    const { goal, measured, landmarks } = muscles[muscle];
    return goal !== 'hold' && measured > 0 && !isAtLeast(measured, landmarks.floor);
  });
  const [week] = low;
  if (week === undefined) return [];
  const worst = worstWeek(low, ({ muscles }) => muscles[muscle].landmarks.floor - muscles[muscle].measured);
  const { measured: sets, landmarks } = week.muscles[muscle];
  return [
    {
      id: `below-floor/${muscle}`,
      severity: 'warn',
      subject: { muscle, week: week.week },
      detail: { rule: 'below floor', muscle, sets, floor: landmarks.floor, week: week.week },
      fixes: lazyFixes(input, () => offered(addSets(muscle, { ...input, week: worst }))),
    },
  ];
}

function aboveCeiling(muscle: Muscle, input: CheckInput): Finding[] {
  // Technical skills are practice: they may come on most days.
  const setsOf = (week: WeekPlan) => week.muscles[muscle].measured - skillSets(muscle, week, input);
  const first = input.blockPlan.weeks.find(
    ({ plan }) =>
      plan.week >= input.week.week &&
      plan.kind === 'building' &&
      !isAtMost(setsOf(plan), plan.muscles[muscle].landmarks.ceiling),
  );
  if (first === undefined) return [];
  const { landmarks } = first.plan.muscles[muscle];
  const { week } = first.plan;
  const sets = setsOf(first.plan);
  return [
    {
      id: `above-ceiling/${muscle}`,
      severity: 'warn',
      subject: { muscle, week },
      detail: { rule: 'above ceiling', muscle, sets, ceiling: landmarks.ceiling, week },
      fixes: lazyFixes(input, () => offered(dropSets(muscle, input))),
    },
  ];
}

/** Growing muscles below minimum or untrained, muscles above maximum, and weeks above the budget. */
export const weeklyVolume: Check = (input) => {
  const { week, block } = input;
  if (week.kind === 'deload') return [];
  const untrained = MUSCLES.filter((muscle) => {
    const { goal, measured: sets, landmarks } = week.muscles[muscle];
    return goal !== 'hold' && sets === 0 && landmarks.floor > 0;
  });
  const findings: Finding[] = [];
  const above = weeksAhead(input).filter(({ hardSets, budget }) => !isAtMost(hardSets, budget));
  const [over] = above;
  if (over !== undefined) {
    const worst = worstWeek(above, ({ hardSets, budget }) => hardSets - budget);
    findings.push({
      id: 'above-budget',
      severity: 'warn',
      subject: { week: over.week },
      detail: { rule: 'above budget', sets: over.hardSets, budget: over.budget, week: over.week },
      fixes: lazyFixes(input, () => offered(withinBudget({ ...input, week: worst }))),
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
