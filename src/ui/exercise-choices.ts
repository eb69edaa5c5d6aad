import { type Catalogue, lacking, OPEN_EXERCISES, type Place, primeMovers } from '@/core';
import type { Choice } from './picker';
import { listed } from './words/figures';

const VARIANT = '#';

/** What was picked: an exercise, perhaps in one of its set-ups. */
export function pickedExercise(value: string): { readonly id: string; readonly variant: string | null } {
  const [id = '', variant] = value.split(VARIANT);
  return { id, variant: variant ?? null };
}

/**
 * All exercises and their variants to pick from, with what each trains and with what; those the place lacks last.
 * @param open with slots that name a pattern alone and wait for their exercise
 */
export function exerciseChoices(catalogue: Catalogue, place: Place, open = false): readonly Choice[] {
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
  const waiting = open
    ? OPEN_EXERCISES.map(({ id, name }) => ({ value: id, label: name, facts: 'left open, to be filled' }))
    : [];
  return [...here, ...elsewhere, ...waiting];
}
