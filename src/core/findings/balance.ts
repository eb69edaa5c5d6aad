import { balanceOf } from '../volume/balance';
import type { Check, Finding } from './finding';

/** Weekly sets of opposing sides outside 0.67 to 1.5: push and pull, quads and hamstrings, front and back. */
export const balance: Check = (input) => {
  const { balanceLeast, balanceMost } = input.conventions;
  return balanceOf(input.week).ratios.flatMap((ratio): Finding[] => {
    // Too little on both sides is not a matter of balance.
    if (ratio.sets + ratio.against === 0 || ratio.sets + ratio.against < 6) return [];
    const value = ratio.against === 0 ? Number.POSITIVE_INFINITY : ratio.sets / ratio.against;
    if (value >= balanceLeast && value <= balanceMost) return [];
    return [
      {
        id: `balance/${ratio.name}`,
        severity: 'warn',
        place: {},
        detail: {
          rule: 'balance',
          sides: ratio.sides,
          sets: ratio.sets,
          against: ratio.against,
          least: balanceLeast,
          most: balanceMost,
        },
        fixes: [],
      },
    ];
  });
};
