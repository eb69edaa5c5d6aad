import type { Conventions } from '../../conventions/conventions';
import type { Hundredths } from '../../units';
import type { ChoiceInput, LoadChoice } from './load-choice';

/** What a slot's part did last time, as logged or, for weeks ahead, planned. Loads in hundredths. */
export interface LastTime {
  readonly load: Hundredths;
  /** Reps of its first set. */
  readonly reps: number;
  /** Fewest reps of any of its sets. */
  readonly least: number;
  /** Whether the whole prescription was met, and how many sessions running at this load. */
  readonly met: boolean;
  readonly running: number;
  /** The load the rule was after before it was made of what there is; the load itself where it was not. */
  readonly ideal: Hundredths;
}

/** What a load rule may look at when it chooses the first set of a part. */
export interface RuleInput extends ChoiceInput {
  readonly last: LastTime | null;
  /** Per cent of the rule's step; null: the convention's. */
  readonly step: number | null;
  /** Calendar weeks since last time: a rule that steps by the week takes so many steps. */
  readonly pass: number;
}

/** What a rule may look at when it carries its wish over to the next week. */
export interface CarryInput {
  /** Bodyweight lifted along, a decimal. */
  readonly carried: number;
  readonly step: number | null;
  readonly pass: number;
  readonly conventions: Conventions;
}

/** How the load of a slot rises from week to week. One object, one file, one line in the registry. */
export interface LoadRuleKind<N extends string = string> {
  readonly name: N;
  /** Whether every set asks the same reps under it, which rise together. */
  readonly holdsReps?: true;
  /** Whether the slot's own step in per cent changes what it does. */
  readonly takesStep: boolean;
  /** The first set of a part; undefined only when the grid holds no load that can be moved at all. */
  readonly choose: (input: RuleInput) => LoadChoice | undefined;
  /** The load it is after next week, in hundredths, where it is not the load that was made. */
  readonly carries?: (input: CarryInput, ideal: Hundredths) => Hundredths;
}
