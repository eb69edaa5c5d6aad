import type { Conventions } from '../../conventions/conventions';
import type { Hundredths } from '../../units';
import type { ChoiceInput, LoadChoice } from './load-choice';

/** What a slot's part did last time, as logged or, for future weeks, as planned. Loads in hundredths. */
export interface LastTime {
  readonly load: Hundredths;
  /** Reps of its first set. */
  readonly reps: number;
  /** Fewest reps of any of its sets. */
  readonly least: number;
  /** Whether the whole prescription was met, and in how many sessions in a row at this load. */
  readonly met: boolean;
  readonly running: number;
  /** The load the rule aimed at before rounding; the load itself if they are the same. */
  readonly ideal: Hundredths;
  /** The first set that was last asked for and missed in reps, until it is done; null if there is none. */
  readonly missed: { readonly load: Hundredths; readonly reps: number } | null;
}

/** The inputs of a load rule for the first set of a part. */
export interface RuleInput extends ChoiceInput {
  readonly last: LastTime | null;
  /** Percentage of the rule's step; null: the default. */
  readonly step: number | null;
  /** Calendar weeks since last time: weekly rules make this many steps. */
  readonly pass: number;
}

/** The inputs for carrying a rule's aim over to the next week. */
export interface CarryInput {
  /** Bodyweight moved along, a decimal. */
  readonly carried: number;
  readonly step: number | null;
  readonly pass: number;
  readonly conventions: Conventions;
}

/** How a slot's load rises from week to week. One object, one file, one line in the registry. */
export interface LoadRuleKind<N extends string = string> {
  readonly name: N;
  /** Whether every set has the same reps, rising together. */
  readonly holdsReps?: true;
  /** Whether the slot's own percentage step changes its result. */
  readonly takesStep: boolean;
  /** The first set of a part; undefined only if the grid has no load that can be moved at all. */
  readonly choose: (input: RuleInput) => LoadChoice | undefined;
  /** The load aimed at next week, in hundredths, if it differs from the makeable one. */
  readonly carries?: (input: CarryInput, ideal: Hundredths) => Hundredths;
}
