import { LEVELS } from '../athlete/athlete';
import { DEMANDS } from '../block/templates/demands';
import { prerequisitesFor } from '../block/templates/prerequisites';
import type { Check, Finding } from './finding';

/**
 * A split that does not suit the athlete's training experience, and prerequisites not met by the recorded best sets,
 * one finding for all.
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
  const lifts = prerequisitesFor(demand, athlete)
    .filter(({ met }) => !met)
    .map(({ exerciseId, reps, best }) => ({ exerciseId, reps, best }));
  if (lifts.length > 0)
    findings.push({
      id: `prerequisite/${lifts.map(({ exerciseId }) => exerciseId).join(',')}`,
      severity: 'note',
      subject: {},
      detail: { rule: 'prerequisite', shape, lifts },
      fixes: [],
    });
  return findings;
};
