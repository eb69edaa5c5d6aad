import {
  type Place,
  type Slot,
  setCount,
  startOf,
  type TechniqueKind,
  type TechniqueParameters,
  withSetCount,
} from '@/core';
import type { Choice } from '@/ui/picker';

/** The athlete's places to pick from; the first is what a session has that names none. */
export function placeChoices(places: readonly Place[]): readonly Choice[] {
  return places.map(({ id, name }, at) => ({ value: id, label: name, facts: at === 0 ? 'usual place' : '' }));
}

const HOLD_REPS = '/hold reps';

export const TECHNIQUE_CHOICES: readonly Choice[] = [
  { value: 'straight', label: 'straight sets', facts: 'fewer reps, same RIR' },
  { value: `straight${HOLD_REPS}`, label: 'straight sets, same reps', facts: 'each nearer failure' },
  { value: 'top + back-offs', label: 'top set + back-offs', facts: 'one heavier, then lighter' },
  {
    value: `top + back-offs${HOLD_REPS}`,
    label: 'top set + back-offs, same reps',
    facts: 'back-offs each nearer failure',
  },
];

/** A picked technique with how its later sets drift; the number of sets stays where its shape allows. */
export function pickedTechnique(
  value: string,
  sets: number,
): { readonly technique: TechniqueParameters; readonly drift: Slot['drift'] } {
  const kind = value.replace(HOLD_REPS, '') as TechniqueKind;
  return {
    technique: withSetCount(startOf(kind), sets),
    drift: value.endsWith(HOLD_REPS) ? 'hold reps' : 'hold RIR',
  };
}

export function setsOf(slot: Slot): number {
  return setCount(slot.technique);
}
