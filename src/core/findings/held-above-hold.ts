import { MUSCLES, type Muscle } from '../anatomy/muscle';
import { isAtLeast, isAtMost } from '../rounding';
import type { Check, CheckInput } from './finding';
import { slotsFor } from './slot-sets';
import { offered, trimTo } from './volume-fixes';

/** Whether so many sets are far above a hold; exactly two above, where that is more than half, is far enough. */
function isFar(sets: number, hold: number, { conventions }: CheckInput): boolean {
  const { heldShare, heldSets } = conventions;
  return !isAtMost(sets, hold * (1 + heldShare / 100)) && isAtLeast(sets - hold, heldSets);
}

/** Muscles on hold whose direct work does far more than hold them: what they get is taken from those that should grow. */
export const heldAboveHold: Check = (input) => {
  const { week } = input;
  if (week.kind === 'deload') return [];
  const isHeldFar = (muscle: Muscle) => {
    const { goal, measured, landmarks } = week.muscles[muscle];
    return goal === 'hold' && isFar(measured, landmarks.hold, input) && slotsFor(muscle, input).length > 0;
  };
  const far = MUSCLES.filter(isHeldFar);
  const [first] = far;
  if (first === undefined) return [];
  return [
    {
      id: `held-above-hold/${far.join(',')}`,
      severity: 'note',
      subject: { muscle: first, week: week.week },
      detail: {
        rule: 'held above hold',
        muscles: far.map((muscle) => ({
          muscle,
          sets: week.muscles[muscle].measured,
          hold: week.muscles[muscle].landmarks.hold,
        })),
      },
      fixes: offered(
        trimTo(far, (muscle, sets) => !isFar(sets, week.muscles[muscle].landmarks.hold, input), input),
      ),
    },
  ];
};
