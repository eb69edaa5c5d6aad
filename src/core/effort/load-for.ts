import { type LoadGrid, nearestLoad, neighbours } from '../loading/grid';
import { asHundredths, decimal, type Hundredths } from '../units';
import { type RepMaxCurve, repsToFailure } from './rep-max';

/** A load that can be made with what it leaves in reserve. Decimals of the grid's unit. */
export interface MakeableLoad {
  readonly load: number;
  readonly predictedRir: number;
}

/** Loads for so many reps with so many left: exactly, and what the equipment makes around it. */
export interface LoadsFor {
  readonly ideal: number;
  /** The nearest makeable load; on a tie the lower. */
  readonly nearest: MakeableLoad;
  /** The next makeable loads on either side of the ideal, the nearest left out. */
  readonly others: readonly MakeableLoad[];
}

/**
 * What is `reps` at `rir` left, for a strength.
 * @param oneRepMax share of bodyweight included, in the grid's unit
 * @param carried bodyweight lifted along, in the unit; 0 for other loadings
 */
export function loadsFor(
  wanted: { readonly reps: number; readonly rir: number },
  strength: { readonly oneRepMax: number; readonly carried: number; readonly curve: RepMaxCurve },
  grid: LoadGrid,
): LoadsFor {
  const { oneRepMax, carried, curve } = strength;
  const ideal = oneRepMax * curve.fraction(Math.max(1, wanted.reps + wanted.rir)) - carried;
  const choice = (load: Hundredths): MakeableLoad => ({
    load: decimal(load),
    predictedRir: repsToFailure(oneRepMax, carried + decimal(load), curve) - wanted.reps,
  });
  const near = nearestLoad(grid, asHundredths(ideal * 100));
  const { below, above } = neighbours(grid, asHundredths(ideal * 100));
  return {
    ideal,
    nearest: choice(near),
    others: [below, above].flatMap((one) => (one === undefined || one === near ? [] : [choice(one)])),
  };
}
