import type { EquipmentSet } from './equipment';
import { hundredths } from './weight';

/**
 * The plates on each side of the bar for a load, heaviest first (innermost), with the fewest plates.
 * @param load total on the bar, in hundredths of the barbell's unit
 * @returns plate weights as decimals, or undefined when the plates owned cannot make it
 */
export function platesPerSide(load: number, barbell: EquipmentSet['barbell']): readonly number[] | undefined {
  const side = (load - hundredths(barbell.bar)) / 2;
  if (side < 0 || !Number.isInteger(side)) return undefined;
  const plates = barbell.plates
    .flatMap((plate) => Array<number>(plate.pairs).fill(hundredths(plate.weight)))
    .sort((a, b) => b - a);
  // Fewest plates for every reachable sum; the plates of the answer are walked back from it.
  let best = new Map<number, readonly number[]>([[0, []]]);
  for (const plate of plates) {
    const next = new Map(best);
    for (const [sum, used] of best) {
      const held = next.get(sum + plate);
      if (sum + plate <= side && (held === undefined || held.length > used.length + 1)) {
        next.set(sum + plate, [...used, plate]);
      }
    }
    best = next;
  }
  return best.get(side)?.map((plate) => plate / 100);
}
