import type { Loading } from '../exercises/exercise';
import { asHundredths, type Hundredths, hundredths } from '../units';
import { type EquipmentSet, type PlateLoad, STACKS, type Stack } from './equipment';
import type { Unit } from './weight';

/**
 * All loads that one kind of equipment can make. For bodyweight the load is the weight added (assistance is
 * negative).
 */
export interface LoadGrid {
  readonly loading: Loading;
  readonly unit: Unit;
  /** Rising, in hundredths of the unit; never empty. */
  readonly steps: readonly Hundredths[];
}

const MOST_STEPS = 4000;

/** Every sum of the given weights, each used at most once, ascending, including 0. Hundredths. */
function sums(weights: readonly number[]): Hundredths[] {
  let reach = new Set([0]);
  for (const weight of weights) {
    if (reach.size > MOST_STEPS) break;
    reach = new Set([...reach, ...[...reach].map((sum) => sum + weight)]);
  }
  return rising([...reach]);
}

function plateGrid(loading: Loading, { unit, bar, plates }: PlateLoad): LoadGrid {
  const pairs = plates.flatMap((plate) => Array<number>(plate.pairs).fill(2 * hundredths(plate.weight)));
  return { loading, unit, steps: sums(pairs).map((sum) => asHundredths(sum + hundredths(bar))) };
}

function stackSteps({ first, step, last, addOns, loosePlates }: Stack): Hundredths[] {
  const pins: number[] = [];
  for (let pin: number = hundredths(first); pin <= hundredths(last); pin += hundredths(step)) pins.push(pin);
  const extras = sums(addOns.map(hundredths));
  const top = pins.at(-1) ?? hundredths(first);
  const past = sums([...addOns, ...loosePlates].map(hundredths)).map((sum) => top + sum);
  return rising([...pins.flatMap((pin) => extras.map((extra) => pin + extra)), ...past]);
}

function build(loading: Loading, set: EquipmentSet): LoadGrid {
  switch (loading) {
    case 'barbell':
      return plateGrid(loading, set.barbell);
    case 'plate-loaded':
      return plateGrid(loading, set.plateLoaded);
    case 'dumbbell': {
      const { unit, weights } = set.dumbbell;
      return { loading, unit, steps: rising(weights.map(hundredths)) };
    }
    case 'stack':
    case 'cable':
    case 'heavy stack': {
      const stack = set[STACKS[loading]];
      return { loading, unit: stack.unit, steps: stackSteps(stack) };
    }
    case 'bodyweight': {
      const { unit, assistance, belt } = set.bodyweight;
      const added = sums(belt.map(hundredths));
      return { loading, unit, steps: rising([...assistance.map((weight) => -hundredths(weight)), ...added]) };
    }
    case 'band': {
      const { unit, levels } = set.bands;
      return { loading, unit, steps: rising(levels.map(({ weight }) => hundredths(weight))) };
    }
    case 'none':
      return { loading, unit: set.bodyweight.unit, steps: [hundredths(0)] };
  }
}

function rising(values: readonly number[]): Hundredths[] {
  return [...new Set(values)].sort((a, b) => a - b).map(asHundredths);
}

const grids = new WeakMap<EquipmentSet, Map<Loading, LoadGrid>>();

/** The grid of a kind of loading at a place. Pure; the same equipment object gives the same grid object. */
export function loadGrid(loading: Loading, set: EquipmentSet): LoadGrid {
  const cached = grids.get(set) ?? new Map<Loading, LoadGrid>();
  grids.set(set, cached);
  const grid = cached.get(loading) ?? build(loading, set);
  cached.set(loading, grid);
  return grid;
}

/** The body without belt or assistance: the only load is 0 added. */
const ALONE: Readonly<Record<Unit, LoadGrid>> = {
  kg: { loading: 'bodyweight', unit: 'kg', steps: [asHundredths(0)] },
  lb: { loading: 'bodyweight', unit: 'lb', steps: [asHundredths(0)] },
};

/** The grid of a slot: its loading's at the place, or the body alone where the coach writes that. */
export function slotGrid(
  { alone }: { readonly alone: boolean },
  loading: Loading,
  set: EquipmentSet,
): LoadGrid {
  const grid = loadGrid(loading, set);
  return alone && loading === 'bodyweight' ? ALONE[grid.unit] : grid;
}

/** Whether the body is the only load: nothing can be fitted to a reserve. */
export function isBodyAlone({ loading, steps }: LoadGrid): boolean {
  return loading === 'bodyweight' && steps.length === 1 && steps[0] === 0;
}

/** Where somebody whose strength is unknown starts: the lightest load, with bodyweight nothing added or taken off. */
export function startingLoad(grid: LoadGrid): number {
  const step = grid.loading === 'bodyweight' ? nearestLoad(grid, asHundredths(0)) : grid.steps[0];
  return (step ?? 0) / 100;
}

/** Index of the first step at or above a load in hundredths; `steps.length` if there is none. */
export function indexAtOrAbove(grid: LoadGrid, load: Hundredths): number {
  let low = 0;
  let high = grid.steps.length;
  while (low < high) {
    const middle = (low + high) >> 1;
    if ((grid.steps[middle] as number) < load) low = middle + 1;
    else high = middle;
  }
  return low;
}

/** The makeable loads just below and at or above a load, in hundredths; undefined beyond an end. */
export function neighbours(
  grid: LoadGrid,
  load: Hundredths,
): { below: Hundredths | undefined; above: Hundredths | undefined } {
  const index = indexAtOrAbove(grid, load);
  return { below: grid.steps[index - 1], above: grid.steps[index] };
}

/** The nearest makeable load, in hundredths; on a tie the lower. */
export function nearestLoad(grid: LoadGrid, load: Hundredths): Hundredths {
  const { below, above } = neighbours(grid, load);
  if (below === undefined) return above as Hundredths;
  if (above === undefined) return below;
  return load - below <= above - load ? below : above;
}

/** Whether the equipment makes exactly this load (hundredths). */
export function isMakeable(grid: LoadGrid, load: Hundredths): boolean {
  return grid.steps[indexAtOrAbove(grid, load)] === load;
}
