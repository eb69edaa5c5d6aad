import type { Loading } from '../exercises/exercise';
import { hundredths } from '../units';
import { type EquipmentSet, STACKS } from './equipment';
import { isMakeable, loadGrid, neighbours } from './grid';
import { platesPerSide } from './plates';
import type { Unit } from './weight';

/** How to make a load, or the nearest ones. Weights are decimals of the unit. */
export type LoadRecipe =
  | {
      readonly kind: 'plates';
      readonly unit: Unit;
      readonly bar: number;
      readonly perSide: readonly number[];
      readonly heaviest: number;
    }
  | { readonly kind: 'pair'; readonly unit: Unit; readonly weight: number }
  | {
      readonly kind: 'pin';
      readonly unit: Unit;
      readonly pin: number;
      /** Add-ons and loose plates on top. */
      readonly extras: readonly number[];
    }
  | { readonly kind: 'added'; readonly unit: Unit; readonly pieces: readonly number[] }
  | { readonly kind: 'assisted'; readonly unit: Unit; readonly assistance: number }
  | { readonly kind: 'band'; readonly unit: Unit; readonly band: string; readonly weight: number }
  | { readonly kind: 'bodyweight alone' }
  | {
      readonly kind: 'not makeable';
      readonly unit: Unit;
      readonly below: number | null;
      readonly above: number | null;
    };

/** The fewest weights, each used at most once, with this sum; hundredths. */
function fewestPieces(total: number, weights: readonly number[]): readonly number[] | undefined {
  let best = new Map<number, readonly number[]>([[0, []]]);
  for (const weight of [...weights].sort((a, b) => b - a)) {
    const next = new Map(best);
    for (const [sum, used] of best) {
      const held = next.get(sum + weight);
      if (sum + weight <= total && (held === undefined || held.length > used.length + 1))
        next.set(sum + weight, [...used, weight]);
    }
    best = next;
  }
  return best.get(total);
}

const decimals = (weights: readonly number[]) => weights.map((weight) => weight / 100);

/**
 * How a place's equipment makes a load.
 * @param load as a decimal of the grid's unit; for bodyweight the added weight (negative: assistance)
 */
export function loadRecipe(load: number, loading: Loading, set: EquipmentSet): LoadRecipe {
  const grid = loadGrid(loading, set);
  const { unit } = grid;
  const wished = hundredths(load);
  const nothing = (): LoadRecipe => {
    const { below, above } = neighbours(grid, wished);
    const decimal = (one: number | undefined) => (one === undefined ? null : one / 100);
    return { kind: 'not makeable', unit, below: decimal(below), above: decimal(above) };
  };
  if (!isMakeable(grid, wished)) return nothing();
  switch (loading) {
    case 'barbell':
    case 'plate-loaded': {
      const owned = loading === 'barbell' ? set.barbell : set.plateLoaded;
      const perSide = platesPerSide(wished, owned);
      if (perSide === undefined) return nothing();
      const heaviest = Math.max(1, ...owned.plates.map(({ weight }) => weight));
      return { kind: 'plates', unit, bar: owned.bar, perSide, heaviest };
    }
    case 'dumbbell':
      return { kind: 'pair', unit, weight: load };
    case 'stack':
    case 'cable':
    case 'heavy stack': {
      const { first, step, last, addOns, loosePlates } = set[STACKS[loading]];
      for (let pin: number = hundredths(last); pin >= hundredths(first); pin -= hundredths(step)) {
        const small = pin === hundredths(last) ? [...addOns, ...loosePlates] : addOns;
        const extras = wished >= pin ? fewestPieces(wished - pin, small.map(hundredths)) : undefined;
        if (extras !== undefined) return { kind: 'pin', unit, pin: pin / 100, extras: decimals(extras) };
      }
      return nothing();
    }
    case 'bodyweight': {
      if (wished === 0) return { kind: 'bodyweight alone' };
      if (wished < 0) return { kind: 'assisted', unit, assistance: -load };
      const belt = fewestPieces(wished, set.bodyweight.belt.map(hundredths));
      return belt === undefined ? nothing() : { kind: 'added', unit, pieces: decimals(belt) };
    }
    case 'band': {
      const band = set.bands.levels.find(({ weight }) => hundredths(weight) === wished);
      return band === undefined ? nothing() : { kind: 'band', unit, band: band.name, weight: load };
    }
    case 'none':
      return { kind: 'bodyweight alone' };
  }
}
