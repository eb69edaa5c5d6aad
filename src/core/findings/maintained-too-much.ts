import { MUSCLES, type Muscle } from '../anatomy/muscle';
import { isFarAboveHold } from '../volume/maintained';
import { type Check, lazyFixes } from './finding';
import { canGiveSets, offered, trimTo } from './volume-fixes';

/**
 * Maintained muscles far above maintenance whose direct work can give up sets: they could go to growing muscles. Sets
 * that growing muscles need are no matter of the maintained one.
 */
export const heldAboveHold: Check = (input) => {
  const { week, conventions } = input;
  if (week.kind === 'deload') return [];
  const isFar = (muscle: Muscle, sets: number) =>
    isFarAboveHold(sets, week.muscles[muscle].landmarks.hold, conventions);
  const isHeldFar = (muscle: Muscle) => {
    const { goal, measured } = week.muscles[muscle];
    return goal === 'hold' && isFar(muscle, measured) && canGiveSets(muscle, input);
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
      fixes: lazyFixes(input, () => offered(trimTo(far, (muscle, sets) => !isFar(muscle, sets), input))),
    },
  ];
};
