import type { Unit } from './weight';

/** Plates of one weight; `pairs` is how many pairs are owned. */
export interface PlatePairs {
  readonly weight: number;
  readonly pairs: number;
}

/** What plates hang on: a bar, or a machine with a starting weight of its own. */
export interface PlateLoad {
  readonly unit: Unit;
  /** Weight without plates. */
  readonly bar: number;
  readonly plates: readonly PlatePairs[];
}

export interface Stack {
  readonly unit: Unit;
  readonly first: number;
  readonly step: number;
  readonly last: number;
  /** Small weights that can be hung on the pin, each once. */
  readonly addOns: readonly number[];
  /** Plates that may be hung past the last pin, each once; empty where the gym does not allow it. */
  readonly loosePlates: readonly number[];
}

/** A band with roughly what it pulls when stretched as trained. */
export interface Band {
  readonly name: string;
  readonly weight: number;
}

/** What a place owns, each kind in a unit of its own. Weights are decimals of that unit. */
export interface EquipmentSet {
  readonly barbell: PlateLoad;
  /** One of a pair. */
  readonly dumbbell: { readonly unit: Unit; readonly weights: readonly number[] };
  readonly stack: Stack;
  readonly plateLoaded: PlateLoad;
  readonly bodyweight: {
    readonly unit: Unit;
    /** Assistance offered by a machine or band, as positive weights. */
    readonly assistance: readonly number[];
    /** Plates that can be hung from a belt, each once. */
    readonly belt: readonly number[];
  };
  readonly bands: { readonly unit: Unit; readonly levels: readonly Band[] };
}
