import type { Muscle } from './muscle';

/** Named groups of muscles used by balance and calendar rules. A muscle may be in several groups or none. */
export const ROLL_UPS = {
  upper: [
    'chest',
    'front delts',
    'side delts',
    'rear delts',
    'lats',
    'upper back',
    'traps',
    'biceps',
    'triceps',
    'forearms',
  ],
  lower: ['glutes', 'quads', 'hamstrings', 'adductors', 'abductors', 'calves'],
  push: ['chest', 'front delts', 'side delts', 'triceps'],
  pull: ['lats', 'upper back', 'rear delts', 'biceps', 'traps'],
  front: ['chest', 'front delts', 'side delts', 'biceps', 'abs', 'quads'],
  back: ['lats', 'upper back', 'rear delts', 'spinal erectors', 'triceps', 'hamstrings'],
  small: [
    'front delts',
    'side delts',
    'rear delts',
    'biceps',
    'triceps',
    'forearms',
    'calves',
    'abs',
    'traps',
  ],
} as const satisfies Record<string, readonly Muscle[]>;

export type RollUp = keyof typeof ROLL_UPS;

/** Whether a muscle belongs to a roll-up. */
export function isInGroup(rollUp: RollUp, muscle: Muscle): boolean {
  return (ROLL_UPS[rollUp] as readonly Muscle[]).includes(muscle);
}
