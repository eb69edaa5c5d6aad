import { LEVELS } from '../athlete/athlete';
import { DEMANDS } from '../block/templates/demands';
import { prerequisitesFor } from '../block/templates/prerequisites';
import type { Check, Finding } from './finding';

/**
 * A split that does not suit the athlete's training experience, and prerequisites not met by the recorded best sets.
 */
export const splitFit: Check = ({ block, athlete }) => {
  const { shape } = block;
  if (shape === null) return [];
  const demand = DEMANDS[shape];
  const findings: Finding[] = [];
  if (LEVELS.indexOf(athlete.level) < LEVELS.indexOf(demand.from)) {
    findings.push({
      id: 'split',
      severity: 'note',
      subject: {},
      detail: { rule: 'split', shape, level: athlete.level, from: demand.from },
      fixes: [],
    });
  }
  for (const { exerciseId, reps, best, met } of prerequisitesFor(demand, athlete)) {
    if (met) continue;
    findings.push({
      id: `prerequisite/${exerciseId}`,
      severity: 'note',
      subject: {},
      detail: { rule: 'prerequisite', shape, exerciseId, reps, best },
      fixes: [],
    });
  }
  return findings;
};
