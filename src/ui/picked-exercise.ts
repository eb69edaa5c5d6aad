/** Stands between an exercise's id and a set-up's in what a picker gives. */
export const VARIANT = '#';

/** What was picked: an exercise, perhaps in one of its set-ups. */
export function pickedExercise(value: string): { readonly id: string; readonly variant: string | null } {
  const [id = '', variant] = value.split(VARIANT);
  return { id, variant: variant ?? null };
}
