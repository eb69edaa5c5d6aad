import { type LoadGrid, nearestLoad, neighbours } from '../loading/grid';
import { asHundredths, decimal, type Hundredths } from '../units';
import { type RepMaxCurve, repsToFailure } from './rep-max';

/** A makeable load with its resulting RIR. Decimals of the grid's unit. */
export interface MakeableLoad {
  readonly load: number;
  readonly predictedRir: number;
}

/** Loads for a number of reps at a RIR: the exact one, and the makeable ones around it. */
export interface LoadsFor {
  readonly ideal: number;
  /** The nearest makeable load; on a tie the lower. */
  readonly nearest: MakeableLoad;
  /** The next makeable loads above and below the ideal, without the nearest. */
  readonly others: readonly MakeableLoad[];
}

/**
 * The load for `reps` at `rir`, given a strength.
 * @param oneRepMax including the bodyweight moved, in the grid's unit
 * @param carried bodyweight moved along, in the unit; 0 for other loadings
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
