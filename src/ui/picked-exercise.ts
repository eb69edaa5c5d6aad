/** Separates an exercise's id from a variant's in a picker's value. */
export const VARIANT = '#';

/** The chosen exercise, perhaps with a variant. */
export function pickedExercise(value: string): { readonly id: string; readonly variant: string | null } {
  const [id = '', variant] = value.split(VARIANT);
  return { id, variant: variant ?? null };
}
