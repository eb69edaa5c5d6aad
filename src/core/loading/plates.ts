import { hundredths } from '../units';
import type { PlateLoad } from './equipment';

/**
 * The plates on each side of a bar or plate-loaded machine, heaviest first (innermost), with the fewest plates.
 * @param load total in hundredths of its unit, including bar or starting weight
 * @returns plate weights as decimals, or undefined if the plates owned cannot make it
 */
export function platesPerSide(load: number, barbell: PlateLoad): readonly number[] | undefined {
  const side = (load - hundredths(barbell.bar)) / 2;
  if (side < 0 || !Number.isInteger(side)) return undefined;
  const plates = barbell.plates
    .flatMap((plate) => Array<number>(plate.pairs).fill(hundredths(plate.weight)))
    .sort((a, b) => b - a);
  // Fewest plates for every reachable sum; the answer is reconstructed from it.
  let best = new Map<number, readonly number[]>([[0, []]]);
  for (const plate of plates) {
    const next = new Map(best);
    for (const [sum, used] of best) {
      const held = next.get(sum + plate);
      if (sum + plate > side) continue;
      const candidate = [...used, plate];
      if (held === undefined || isBetterPlating(candidate, held)) next.set(sum + plate, candidate);
    }
    best = next;
  }
  return best.get(side)?.map((plate) => plate / 100);
}

/** Fewer plates; with equal counts the heavier ones further in. */
function isBetterPlating(a: readonly number[], b: readonly number[]): boolean {
  if (a.length !== b.length) return a.length < b.length;
  const at = a.findIndex((plate, index) => plate !== b[index]);
  return at >= 0 && (a[at] as number) > (b[at] as number);
}
