import type { Level, Phase } from '../athlete/athlete';
import type { Conventions } from '../conventions/conventions';

/** Expected e1RM gain in per cent per week, for projecting future weeks. */
export function projectedGain(level: Level, phase: Phase, conventions: Conventions): number {
  const gain = {
    novice: conventions.gainNovice,
    intermediate: conventions.gainIntermediate,
    advanced: conventions.gainAdvanced,
  }[level];
  return phase === 'cutting' ? gain * conventions.gainCutting : gain;
}
