/**
 * The muscles a set can be credited to, in the order the interface lists them (front to back, top to bottom).
 */
export const MUSCLES = [
  'chest',
  'front delts',
  'side delts',
  'rear delts',
  'lats',
  'upper back',
  'traps',
  'spinal erectors',
  'biceps',
  'triceps',
  'forearms',
  'abs',
  'glutes',
  'quads',
  'hamstrings',
  'adductors',
  'abductors',
  'calves',
] as const;

export type Muscle = (typeof MUSCLES)[number];

/** One value for every muscle. */
export type PerMuscle<T> = Readonly<Record<Muscle, T>>;

/** Builds a value for every muscle. */
export function perMuscle<T>(value: (muscle: Muscle) => T): PerMuscle<T> {
  return Object.fromEntries(MUSCLES.map((muscle) => [muscle, value(muscle)])) as Record<Muscle, T>;
}
