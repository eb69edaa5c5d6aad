import { isLopsided, musclesOf, type Ratio, weeklyBalance } from '../volume/balance';
import { type Check, type CheckInput, type Finding, type Fix, lazyFixes } from './finding';
import { balanceSides, offered } from './volume-fixes';

function balancingFixes({ sides, sets, against }: Ratio, input: CheckInput): readonly Fix[] {
  const [one, other] = [musclesOf(sides[0]), musclesOf(sides[1])];
  const level = (a: number, b: number) => !isLopsided({ sets: a, against: b }, input.conventions);
  return offered(
    sets < against
      ? balanceSides(one, other, level, input)
      : balanceSides(other, one, (short, long) => level(long, short), input),
  );
}

/**
 * Weekly sets of opposing sides with a ratio outside 0.67 to 1.5: push and pull, quads and hamstrings, front and
 * back.
 */
export const balance: Check = (input) => {
  const { balanceLeast, balanceMost } = input.conventions;
  return weeklyBalance(input.week).ratios.flatMap((ratio): Finding[] => {
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
        fixes: lazyFixes(input, () => balancingFixes(ratio, input)),
      },
    ];
  });
};
