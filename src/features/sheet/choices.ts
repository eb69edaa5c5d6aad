import {
  DEFAULT_TOP_SET_BACK_OFFS,
  type Exercise,
  LIBRARY,
  primeMovers,
  type Slot,
  setCount,
  type TechniqueKind,
  type TechniqueParameters,
  withSetCount,
} from '@/core';
import type { Choice } from './picker';

/** The library as a list to pick from, with what each trains and with what. */
export const EXERCISE_CHOICES: readonly Choice[] = LIBRARY.map((exercise) => ({
  value: exercise.id,
  label: exercise.name,
  facts: `${primeMovers(exercise).join(', ')} · ${exercise.equipment[0] ?? ''}`,
}));

export const TECHNIQUE_CHOICES: readonly Choice[] = [
  { value: 'straight', label: 'straight sets', facts: 'one load' },
  { value: 'top + back-offs', label: 'top set + back-offs', facts: 'one heavier, then lighter' },
];

/** A technique of another kind that keeps the number of sets where its shape allows. */
export function techniqueOf(kind: TechniqueKind, sets: number): TechniqueParameters {
  return kind === 'straight' ? { kind, sets } : withSetCount(DEFAULT_TOP_SET_BACK_OFFS, sets);
}

/** Prescription of a new slot: the exercise's own tempo and rest, a middling range. */
export function newSlot(id: string, exercise: Exercise): Slot {
  const range = exercise.kind === 'compound' ? { low: 8, high: 12 } : { low: 10, high: 15 };
  return {
    id,
    exercise: { id: exercise.id, revision: exercise.revision },
    technique: { kind: 'straight', sets: exercise.kind === 'compound' ? 3 : 2 },
    range,
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

export function setsOf(slot: Slot): number {
  return setCount(slot.technique);
}
