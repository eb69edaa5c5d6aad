import { MUSCLES, type Muscle } from '../anatomy/muscle';
import { isInGroup, ROLL_UPS, type RollUp } from '../anatomy/roll-up';
import type { Conventions } from '../conventions/conventions';
import type { MuscleWeek, WeekPlan } from '../plan/week';
import { isAtLeast, isAtMost } from '../rounding';

/** Weekly sets of the larger side from which a balance is judged. */
const LEAST_JUDGED = 4;

/** A side of a comparison: a muscle or a group. */
export type Side = 'quads' | 'hamstrings' | 'push' | 'pull' | 'front' | 'back' | 'upper' | 'lower';

/** Weekly fractional sets of one side against the other. */
export interface Ratio {
  readonly name: 'push and pull' | 'quads and hamstrings' | 'front and back' | 'upper and lower';
  readonly sides: readonly [Side, Side];
  readonly sets: number;
  readonly against: number;
}

export interface Balance {
  /** The three that are judged. */
  readonly ratios: readonly Ratio[];
  /** Upper and lower body, for display only. */
  readonly halves: Ratio;
}

/** Whether one side exceeds the other beyond the rules' limits. */
export function isLopsided(
  { sets, against }: Pick<Ratio, 'sets' | 'against'>,
  { balanceLeast, balanceMost }: Conventions,
): boolean {
  // Too few sets on both sides are not a matter of balance.
  if (!isAtLeast(Math.max(sets, against), LEAST_JUDGED)) return false;
  return !isAtLeast(sets, balanceLeast * against) || !isAtMost(sets, balanceMost * against);
}

/** The muscles of one side of a ratio. */
export function musclesOf(side: Side): readonly Muscle[] {
  return side === 'quads' || side === 'hamstrings' ? [side] : ROLL_UPS[side];
}

/** Balance compares fractional sets whatever school the block counts by. */
const fractionalSets = ({ fractional, measured }: MuscleWeek) => fractional ?? measured;

/** A week's balance between muscle groups. */
export function weeklyBalance(week: Pick<WeekPlan, 'muscles'>): Balance {
  const sum = (rollUp: RollUp) =>
    MUSCLES.reduce(
      (total, muscle) => total + (isInGroup(rollUp, muscle) ? fractionalSets(week.muscles[muscle]) : 0),
      0,
    );
  const ratio = (name: Ratio['name'], sides: Ratio['sides'], sets: number, against: number): Ratio => ({
    name,
    sides,
    sets,
    against,
  });
  const { quads, hamstrings } = week.muscles;
  return {
    ratios: [
      ratio('push and pull', ['push', 'pull'], sum('push'), sum('pull')),
      ratio(
        'quads and hamstrings',
        ['quads', 'hamstrings'],
        fractionalSets(quads),
        fractionalSets(hamstrings),
      ),
      ratio('front and back', ['front', 'back'], sum('front'), sum('back')),
    ],
    halves: ratio('upper and lower', ['upper', 'lower'], sum('upper'), sum('lower')),
  };
}
