import { MUSCLES } from '../anatomy/muscle';
import { isAtLeast } from '../rounding';
import type { Check, Finding } from './finding';

/** Share of building weeks at the maximum from which it is reported. */
const OFTEN = 0.5;

/** Blocks that never come close to failure, and muscles at their maximum for at least half of the weeks. */
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
  return findings;
};
