import { nearestLoad, neighbours } from '../../loading/grid';
import { asHundredths, type Hundredths } from '../../units';
import { type ChoiceInput, candidate, type LoadChoice, repsAtRir } from './load-choice';

/** Largest drop for the sake of a lighter load: between two bands there may be nothing. */
const MOST_DROP = 0.3;

/**
 * The load of a slot's lighter part: the makeable one nearest its written drop, below the first part's if a step is
 * near, with the reps of the range nearest the target RIR. Reps and RIR follow the drop, not the other way round.
 * @param topLoad load of the first part
 * @param drop share of that load, with the body's if it is carried, by which it is lighter
 */
export function backOffFit(input: ChoiceInput, topLoad: Hundredths, drop: number): LoadChoice {
  const { grid, carried } = input;
  const moved = carried * 100 + topLoad;
  const nearest = nearestLoad(grid, asHundredths(moved * (1 - drop) - carried * 100));
  const { below } = neighbours(grid, topLoad);
  const isNear = below !== undefined && carried * 100 + below >= moved * (1 - MOST_DROP);
  const load = nearest >= topLoad && isNear ? below : nearest;
  return {
    chosen: candidate(input, load, repsAtRir(input, load)),
    others: [],
    decider: 'nearest the wished drop',
  };
}
