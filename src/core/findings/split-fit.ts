import { LEVELS } from '../athlete/athlete';
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
      place: {},
      detail: { rule: 'split', shape: template.shape, level: athlete.level, from: template.from },
      fixes: [],
    });
  }
  for (const { exerciseId, reps } of template.prerequisites) {
    const best = athlete.bestSets[exerciseId];
    // Reps with assistance are not clean; added load only makes them stronger.
    const known = best === undefined ? null : best.load.value < 0 ? 0 : best.reps + Math.floor(best.rir);
    if (known !== null && known >= reps) continue;
    findings.push({
      id: `prerequisite/${exerciseId}`,
      severity: 'note',
      place: {},
      detail: { rule: 'prerequisite', shape: template.shape, exerciseId, reps, known },
      fixes: [],
    });
  }
  return findings;
};
