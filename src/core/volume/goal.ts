import type { Muscle } from '../anatomy/muscle';

/** What a muscle is trained for: priority muscles come first, held ones stay where they are. */
export const GOALS = ['grow', 'priority', 'hold'] as const;
export type Goal = (typeof GOALS)[number];

/** Goals by muscle; muscles not named are to grow. */
export type Goals = Readonly<Partial<Record<Muscle, Goal>>>;

/** Goal of a muscle: the block's own word, else the athlete's, else to grow. */
export function goalOf(
  block: { readonly goals: Goals },
  athlete: { readonly goals: Goals },
  muscle: Muscle,
): Goal {
  return block.goals[muscle] ?? athlete.goals[muscle] ?? 'grow';
}
