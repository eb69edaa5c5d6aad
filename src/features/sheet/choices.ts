import {
  type Catalogue,
  DEFAULT_TOP_SET_BACK_OFFS,
  lacking,
  type Place,
  primeMovers,
  type Slot,
  setCount,
  type TechniqueKind,
  type TechniqueParameters,
  withSetCount,
} from '@/core';
import { listed } from '@/ui/words/figures';
import type { Choice } from './picker';

const VARIANT = '#';

/** What was picked: an exercise, perhaps in one of its set-ups. */
export function pickedExercise(value: string): { readonly id: string; readonly variant: string | null } {
  const [id = '', variant] = value.split(VARIANT);
  return { id, variant: variant ?? null };
}

/** All exercises and their variants to pick from, with what each trains and with what; those the place lacks last. */
export function exerciseChoices(catalogue: Catalogue, place: Place): readonly Choice[] {
  const here: Choice[] = [];
  const elsewhere: Choice[] = [];
  for (const exercise of catalogue.list) {
    const missing = lacking(exercise, place);
    const facts =
      missing.length === 0
        ? `${primeMovers(exercise).join(', ')} · ${exercise.equipment[0] ?? ''}`
        : `${place.name} has no ${listed(missing)}`;
    const list = missing.length === 0 ? here : elsewhere;
    list.push({ value: exercise.id, label: exercise.name, facts });
    for (const variant of exercise.variants)
      list.push({
        value: `${exercise.id}${VARIANT}${variant.id}`,
        label: `${exercise.name}, ${variant.name}`,
        facts,
      });
  }
  return [...here, ...elsewhere];
}

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
