import type { Unit } from './weight';

/** Plates of one weight; `pairs` is how many pairs are owned. */
export interface PlatePairs {
  readonly weight: number;
  readonly pairs: number;
}

/** What a place owns, each kind in a unit of its own. Weights are decimals of that unit. */
export interface EquipmentSet {
  readonly barbell: { readonly unit: Unit; readonly bar: number; readonly plates: readonly PlatePairs[] };
  readonly dumbbell: { readonly unit: Unit; readonly weights: readonly number[] };
  readonly stack: {
    readonly unit: Unit;
    readonly first: number;
    readonly step: number;
    readonly last: number;
    /** Small weights that can be hung on the pin, each once. */
    readonly addOns: readonly number[];
  };
  readonly bodyweight: {
    readonly unit: Unit;
    /** Assistance offered by a machine or band, as positive weights. */
    readonly assistance: readonly number[];
    /** Plates that can be hung from a belt, each once. */
    readonly belt: readonly number[];
  };
}
