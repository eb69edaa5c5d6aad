import type { Muscle } from '../anatomy/muscle';

/** A muscle's goal: priority muscles come first, maintained ones stay where they are. */
export const GOALS = ['grow', 'priority', 'hold'] as const;
export type Goal = (typeof GOALS)[number];

/** Goals by muscle; muscles not listed grow. */
export type Goals = Readonly<Partial<Record<Muscle, Goal>>>;

/** A muscle's goal: the block's, otherwise the athlete's, otherwise to grow. */
export function muscleGoal(
  block: { readonly goals: Goals },
  athlete: { readonly goals: Goals },
  muscle: Muscle,
): Goal {
  return block.goals[muscle] ?? athlete.goals[muscle] ?? 'grow';
}
