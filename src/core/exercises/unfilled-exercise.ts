import { type Exercise, PATTERNS, type Pattern } from './exercise';

const PREFIX = 'open-';
const idOf = (pattern: Pattern) => `${PREFIX}${pattern.replace(/[^a-z]+/g, '-')}`;

/**
 * A slot that names only a movement pattern and waits for its exercise. It counts toward no muscle and needs no equipment;
 * when it is sent like this, the athlete chooses while training, and what was done counts.
 */
function unfilledExercise(pattern: Pattern): Exercise {
  return {
    id: idOf(pattern),
    revision: 1,
    name: `any ${pattern}`,
    pattern,
    kind: 'isolation',
    contributions: {},
    equipment: ['floor'],
    loading: 'none',
    measure: 'reps',
    bodyweightShare: 0,
    sides: 1,
    axialLoad: 0,
    stimulus: 1,
    fatigue: 1,
    hardest: 'middle',
    longHalf: 'none',
    failableAlone: true,
    joints: [],
    tempo: '2010',
    restSeconds: 120,
    cues: 'Choose an exercise.',
    variants: [],
    chain: null,
    skill: null,
  };
}

/** One for each movement pattern. */
export const UNFILLED_EXERCISES: readonly Exercise[] = PATTERNS.map(unfilledExercise);

/** Whether a slot still waits for its exercise. */
export function isUnfilled({ id }: Pick<Exercise, 'id'>): boolean {
  return id.startsWith(PREFIX);
}
