import { type Exercise, PATTERNS, type Pattern } from './exercise';

const PREFIX = 'open-';
const idOf = (pattern: Pattern) => `${PREFIX}${pattern.replace(/[^a-z]+/g, '-')}`;

/**
 * A slot that names a movement pattern alone and waits for its exercise. It credits nothing and needs nothing; handed
 * out so, the athlete chooses on the floor, and what was done counts.
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
    cues: 'An exercise is still to be chosen.',
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
