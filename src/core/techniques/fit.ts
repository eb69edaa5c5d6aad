import type { Exercise } from '../exercises/exercise';
import { insideOf, type TechniqueParameters } from './registry';

/** Why a technique suits an exercise badly though it may be done. */
export type Misfit = 'hardest in the middle wanted' | 'hardest stretched wanted';

/** Pieces of few reps want an exercise hardest in the middle of its range, half reps at long length one hardest there. */
export function misfitOf(
  technique: TechniqueParameters,
  { hardest }: Pick<Exercise, 'hardest'>,
): Misfit | null {
  switch (insideOf(technique).kind) {
    case 'cluster':
      return hardest === 'middle' ? null : 'hardest in the middle wanted';
    case 'lengthened partials':
      return hardest === 'stretched' ? null : 'hardest stretched wanted';
    default:
      return null;
  }
}
