import { balanceOf, isLopsided } from '../volume/balance';
import type { Check, Finding } from './finding';

/** Weekly sets of opposing sides outside 0.67 to 1.5: push and pull, quads and hamstrings, front and back. */
export const balance: Check = (input) => {
  const { balanceLeast, balanceMost } = input.conventions;
  return balanceOf(input.week).ratios.flatMap((ratio): Finding[] => {
    if (!isLopsided(ratio, input.conventions)) return [];
    return [
      {
        id: `balance/${ratio.name}`,
        severity: 'warn',
        subject: {},
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
