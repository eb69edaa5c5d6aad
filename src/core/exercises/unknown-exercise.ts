import type { Exercise } from './exercise';

/** An exercise the block names but nobody knows: credits nothing, so that the rest still unfolds. */
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
