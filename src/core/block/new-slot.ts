import type { Exercise } from '../exercises/exercise';
import type { Slot } from './block';

/** Prescription of a new slot: the exercise's own tempo and rest, a middling range, the default rules. */
export function newSlot(id: string, exercise: Exercise): Slot {
  const compound = exercise.kind === 'compound';
  return {
    id,
    exercise: { id: exercise.id, revision: exercise.revision },
    technique: { kind: 'straight', sets: compound ? 3 : 2 },
    range: compound ? { low: 8, high: 12 } : { low: 10, high: 15 },
    rir: { kind: 'week', offset: 0 },
    tempo: exercise.tempo,
    rest: exercise.restSeconds,
    drift: 'hold RIR',
    loadRule: 'best fit',
    setRule: 'by response',
    start: null,
    note: '',
  };
}
