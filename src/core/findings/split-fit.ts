import { LEVELS } from '../athlete/athlete';
import { prerequisitesFor } from '../block/templates/prerequisites';
import { TEMPLATES } from '../block/templates/shipped';
import type { Check, Finding } from './finding';

/** A split that does not suit the athlete's training age, and prerequisites that are not met by the best sets on record. */
export const splitFit: Check = ({ block, athlete }) => {
  const template = TEMPLATES.find(({ shape }) => shape === block.shape);
  if (template === undefined) return [];
  const findings: Finding[] = [];
  if (LEVELS.indexOf(athlete.level) < LEVELS.indexOf(template.from)) {
    findings.push({
      id: 'split',
      severity: 'note',
      subject: {},
      detail: { rule: 'split', shape: template.shape, level: athlete.level, from: template.from },
      fixes: [],
    });
  }
  for (const { exerciseId, reps, best, met } of prerequisitesFor(template, athlete)) {
    if (met) continue;
    findings.push({
      id: `prerequisite/${exerciseId}`,
      severity: 'note',
      subject: {},
      detail: { rule: 'prerequisite', shape: template.shape, exerciseId, reps, best },
      fixes: [],
    });
  }
  return findings;
};
