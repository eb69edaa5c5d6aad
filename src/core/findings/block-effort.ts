import { MUSCLES } from '../anatomy/muscle';
import { isAtLeast, isAtMost } from '../rounding';
import type { Check, Finding } from './finding';

/** Share of building weeks at the maximum from which it is reported. */
const OFTEN = 0.5;

/** Weeks done from which a muscle that never left its minimum is reported. */
const LEAST_DONE = 4;
/** Sets above its minimum up to which a muscle still counts as at the minimum. */
const AT_MINIMUM = 0.5;

/**
 * Blocks that never come close to failure, muscles at their maximum for at least half of the weeks, and growing muscles
 * that stood at their minimum in every week done.
 */
export const blockEffort: Check = ({ blockPlan, conventions }) => {
  const building = blockPlan.weeks.map(({ plan }) => plan).filter(({ kind }) => kind === 'building');
  const efforts = building.flatMap(({ sessions }) =>
    sessions.flatMap(({ slots }) =>
      slots.flatMap(({ sets }) => sets.flatMap(({ role, rir }) => (role === 'easy' ? [] : [rir]))),
    ),
  );
  const nearest = Math.min(...efforts);
  const findings: Finding[] = [];
  if (efforts.length > 0 && isAtLeast(nearest, conventions.neverHardRir))
    findings.push({
      id: 'never-hard',
      severity: 'note',
      subject: {},
      detail: { rule: 'never hard', nearest },
      fixes: [],
    });
  for (const muscle of MUSCLES) {
    const often = building.filter(({ muscles }) =>
      isAtLeast(muscles[muscle].measured, muscles[muscle].landmarks.ceiling),
    ).length;
    if (often === 0 || often < building.length * OFTEN) continue;
    findings.push({
      id: `often-at-ceiling/${muscle}`,
      severity: 'note',
      subject: { muscle },
      detail: { rule: 'often at ceiling', muscle, weeks: often, of: building.length },
      fixes: [],
    });
  }
  const done = blockPlan.weeks.filter(({ plan, status }) => plan.kind === 'building' && status === 'done');
  const parked = MUSCLES.filter((muscle) =>
    done.every(({ plan }) => {
      const { goal, measured, landmarks } = plan.muscles[muscle];
      return goal !== 'hold' && measured > 0 && isAtMost(measured, landmarks.floor + AT_MINIMUM);
    }),
  );
  const [first] = parked;
  if (first !== undefined && done.length >= LEAST_DONE)
    findings.push({
      id: `always-at-minimum/${parked.join(',')}`,
      severity: 'note',
      subject: { muscle: first },
      detail: { rule: 'always at minimum', muscles: parked, weeks: done.length },
      fixes: [],
    });
  return findings;
};
