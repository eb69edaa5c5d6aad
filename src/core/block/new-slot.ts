import type { Exercise } from '../exercises/exercise';
import type { Slot } from './block';
import type { RepRange } from './rep-range';

/** Reps for a middling set; seconds for what is held, short for holds on straight arms. */
function usualRange(exercise: Exercise): RepRange {
  if (exercise.measure === 'seconds')
    return exercise.skill === 'tendon-heavy' ? { low: 5, high: 15 } : { low: 20, high: 45 };
  return exercise.kind === 'compound' ? { low: 8, high: 12 } : { low: 10, high: 15 };
}

/** Prescription of a new slot: the exercise's own tempo and rest, a middling range, the default rules. */
export function newSlot(id: string, exercise: Exercise, variant: string | null = null): Slot {
  return {
    id,
    exercise: { id: exercise.id, revision: exercise.revision },
    variant,
    substitutes: [],
    rotate: [],
    joined: false,
    safety: '',
    motion: 'full',
    optionalSets: 0,
    stretch: null,
    technique: { kind: 'straight', sets: exercise.kind === 'compound' ? 3 : 2 },
    range: usualRange(exercise),
    rir: { kind: 'week', offset: 0 },
    setTargets: [],
    tempo: exercise.measure === 'seconds' ? null : exercise.tempo,
    rest: exercise.restSeconds,
    drift: 'hold RIR',
    loadRule: 'best fit',
    loadStep: null,
    setRule: 'by response',
    start: null,
    weeks: [],
    note: '',
  };
}
