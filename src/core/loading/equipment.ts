import type { Unit } from './weight';

/** Plates of one weight; `pairs` is the number of pairs owned. */
export interface PlatePairs {
  readonly weight: number;
  readonly pairs: number;
}

/** What plates are loaded on: a bar, or a machine with its own starting weight. */
export interface PlateLoad {
  readonly unit: Unit;
  /** Weight without plates. */
  readonly bar: number;
  readonly plates: readonly PlatePairs[];
}

/** Kinds of stacks, by loading. */
export const STACKS = { stack: 'stack', cable: 'cable', 'heavy stack': 'heavyStack' } as const;
export type StackLoading = keyof typeof STACKS;

export interface Stack {
  readonly unit: Unit;
  readonly first: number;
  readonly step: number;
  readonly last: number;
  /** Small weights that can be added to the stack, each once. */
  readonly addOns: readonly number[];
  /** Plates that may be added past the last pin, each once; empty if the gym does not allow it. */
  readonly loosePlates: readonly number[];
}

/** A band with its approximate pull when stretched as in training. */
export interface Band {
  readonly name: string;
  readonly weight: number;
}

/** The equipment of a place, each kind in its own unit. Weights are decimals of that unit. */
export interface EquipmentSet {
  readonly barbell: PlateLoad;
  /** Weight of one dumbbell of a pair. */
  readonly dumbbell: { readonly unit: Unit; readonly weights: readonly number[] };
  /** Of usual machines. */
  readonly stack: Stack;
  /** Of cables, in finer steps. */
  readonly cable: Stack;
  /** Of leg presses, calf and hip machines. */
  readonly heavyStack: Stack;
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
