import type { SetPlan } from './set';

/** An unplanned set of full reps: extra work. */
export function plainSet(
  id: string,
  round: number,
  changes: Pick<SetPlan, 'reps' | 'rir'> & Partial<SetPlan>,
): SetPlan {
  return {
    id,
    role: 'work',
    load: null,
    predictedRir: null,
    hard: false,
    credit: 0,
    round,
    piece: 1,
    rest: 0,
    manner: 'full',
    sections: [],
    variant: null,
    measuresStrength: false,
    optional: false,
    ...changes,
  };
}
