import type { Exercise } from './exercise';

/**
 * Stands in for an exercise that does not exist any more: counts toward nothing, so that the rest of the block still
 * unfolds.
 */
export function unknownExercise(ref: Pick<Exercise, 'id' | 'revision'>): Exercise {
  return {
    id: ref.id,
    revision: ref.revision,
    name: ref.id,
    pattern: 'squat',
    kind: 'isolation',
    contributions: {},
    equipment: [],
    loading: 'stack',
    measure: 'reps',
    bodyweightShare: 0,
    sides: 1,
    axialLoad: 0,
    stimulus: 1,
    fatigue: 5,
    hardest: 'middle',
    longHalf: 'none',
    failableAlone: false,
    joints: [],
    tempo: '3010',
    restSeconds: 120,
    cues: '',
    variants: [],
    chain: null,
    skill: null,
  };
}
