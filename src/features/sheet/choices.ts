import {
  DEFAULT_TOP_SET_BACK_OFFS,
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

export function setsOf(slot: Slot): number {
  return setCount(slot.technique);
}
