import type { Exercise } from '../exercises/exercise';
import { innerTechnique, type TechniqueParameters } from './registry';

/** Why a technique suits an exercise badly although it is allowed. */
export type Misfit = 'hardest in the middle wanted' | 'hardest stretched wanted';

/** Parts of few reps suit an exercise that is hardest in mid-range; stretched half reps one that is hardest there. */
export function techniqueMisfit(
  technique: TechniqueParameters,
  { hardest }: Pick<Exercise, 'hardest'>,
): Misfit | null {
  switch (innerTechnique(technique).kind) {
    case 'cluster':
      return hardest === 'middle' ? null : 'hardest in the middle wanted';
    case 'lengthened partials':
      return hardest === 'stretched' ? null : 'hardest stretched wanted';
    default:
      return null;
  }
}
