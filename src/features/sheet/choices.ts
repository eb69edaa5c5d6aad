import {
  DEFAULT_TOP_SET_BACK_OFFS,
  type Place,
  type Slot,
  setCount,
  type TechniqueKind,
  type TechniqueParameters,
  withSetCount,
} from '@/core';
import type { Choice } from '@/ui/picker';

/** The athlete's places to pick from; the first is what a session has that names none. */
export function placeChoices(places: readonly Place[]): readonly Choice[] {
  return places.map(({ id, name }, at) => ({ value: id, label: name, facts: at === 0 ? 'usual place' : '' }));
}

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
