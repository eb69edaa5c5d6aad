import type { Fit, FitInput } from './fit';

/** How the load of a slot rises from week to week. */
export const LOAD_RULES = [
  'best fit',
  'load first',
  'double progression',
  'double progression, first set',
  'double progression, beyond the top',
  'percent',
  'two in a row',
  'variation chain',
] as const;
export type LoadRule = (typeof LOAD_RULES)[number];

/** What a slot's part did last time, as logged or, for weeks ahead, planned. Loads in hundredths. */
export interface LastTime {
  readonly load: number;
  /** Reps of its first set. */
  readonly reps: number;
  /** Fewest reps of any of its sets. */
  readonly least: number;
  /** Whether the whole prescription was met, and how many sessions running at this load. */
  readonly met: boolean;
  readonly running: number;
  /** The load the rule was after before it was made of what there is; the load itself where it was not. */
  readonly ideal: number;
}

/** What a load rule may look at when it chooses the first set of a part. */
export interface RuleInput extends FitInput {
  readonly last: LastTime | null;
  /** Per cent of the rule's step; null: the convention's. */
  readonly step: number | null;
}

/** A rule; undefined only when the grid holds no load that can be moved at all. */
export type Rule = (input: RuleInput) => Fit | undefined;
