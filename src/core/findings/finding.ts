import type { Muscle } from '../anatomy/muscle';
import type { Athlete } from '../athlete/athlete';
import type { Block, Slot } from '../block/block';
import type { Edit, SingleEdit } from '../block/edits/edit';
import type { Conventions } from '../conventions/conventions';
import type { NearConventions } from '../conventions/own-conventions';
import type { Exercise } from '../exercises/exercise';
import type { BlockPlan } from '../plan/block-plan';
import type { SlotPlan } from '../plan/slot';
import type { WeekPlan } from '../plan/week';
import type { SlotTrim } from '../timing/slot-trim';
import type { FindingDetail } from './finding-detail';

export const SEVERITIES = ['block', 'warn', 'note'] as const;
export type Severity = (typeof SEVERITIES)[number];

/** A way to ease a joint. */
export type JointEase =
  | 'longer sets'
  | 'another set-up'
  | 'another implement'
  | 'restricted range'
  | 'another exercise';

/** What easing a joint does to one exercise. */
export interface JointChange {
  readonly exerciseId: string;
  /** The session's name. */
  readonly session: string;
  /** The exercise that takes its place; null: it stays. */
  readonly to: string | null;
  /** The set-up it gets, by name; null: none. */
  readonly setUp: string | null;
  readonly edits: readonly SingleEdit[];
}

/** Edits that fix a finding, and a description of what they do. */
export type Fix = { readonly edit: Edit } & (
  | {
      readonly does: 'move session';
      readonly session: string;
      readonly day: number;
      readonly cycleDays: number;
    }
  | {
      readonly does: 'add sets' | 'drop sets';
      readonly sets: number;
      readonly exerciseIds: readonly string[];
    }
  | {
      /** Lowers the ends of planned rises of sets. */
      readonly does: 'lower rises';
      /** The fullest week, and its sets that go. */
      readonly week: number;
      readonly sets: number;
      readonly exerciseIds: readonly string[];
    }
  | { readonly does: 'hold muscles'; readonly muscles: readonly Muscle[] }
  | {
      readonly does: 'spread sets';
      readonly exerciseId: string;
      readonly slot: string;
      /** The target session, by name and id. */
      readonly session: string;
      readonly target: string;
      readonly sets: number;
      /** Whether sets are added there; otherwise they are moved from the slot. */
      readonly added: boolean;
    }
  | {
      readonly does: 'fit session';
      readonly minutes: number;
      readonly changes: readonly SlotTrim[];
      /** Growing muscles that fall below their minimum because of it. */
      readonly belowFloor: readonly Muscle[];
      /** The only week it changes; null: all weeks. */
      readonly week: number | null;
    }
  | {
      readonly does: 'swap';
      readonly swaps: readonly { readonly from: string; readonly to: string }[];
    }
  | {
      readonly does: 'ease joint';
      readonly how: JointEase;
      /** What it does to each exercise; each can be left out. */
      readonly changes: readonly JointChange[];
    }
  | { readonly does: 'hold RIR' | 'hold reps'; readonly exerciseId: string }
  | { readonly does: 'lengthen rest'; readonly exerciseId: string; readonly rest: number }
  | {
      readonly does: 'widen range';
      readonly exerciseId: string;
      readonly low: number;
      readonly high: number;
    }
  | { readonly does: 'exchange ranges' }
  | {
      readonly does: 'fewer reps' | 'more reps';
      readonly reps: number;
      readonly exerciseIds: readonly string[];
    }
  | { readonly does: 'swap sessions'; readonly session: string; readonly other: string }
  | { readonly does: 'move slot to session'; readonly exerciseId: string; readonly session: string }
  | { readonly does: 'move slot first'; readonly exerciseId: string }
  | { readonly does: 'hold back' | 'next variation'; readonly exerciseId: string }
  | { readonly does: 'shorten block'; readonly weeks: number }
  | { readonly does: 'no deload' }
  | { readonly does: 'full range'; readonly exerciseId: string }
  | { readonly does: 'no priority'; readonly muscles: readonly Muscle[] }
  | { readonly does: 'move slot'; readonly exerciseId: string; readonly after: string }
);

/** Where a finding is shown. */
export interface FindingSubject {
  readonly sessionId?: string;
  readonly slotId?: string;
  readonly muscle?: Muscle;
  readonly week?: number;
}

export interface Finding {
  /** Rule and place: a finding keeps its id while the rest of the block changes. */
  readonly id: string;
  readonly severity: Severity;
  readonly subject: FindingSubject;
  readonly detail: FindingDetail;
  readonly fixes: readonly Fix[];
}

/** How a planned slot refers to its exercise. */
export type PlannedExercise = Pick<SlotPlan, 'exerciseId' | 'exerciseRevision' | 'variant'>;

/** A written slot's exercise in the form of a planned slot. */
export function asPlanned({ exercise, variant }: Slot): PlannedExercise {
  return { exerciseId: exercise.id, exerciseRevision: exercise.revision, variant };
}

/** The input of checks. `week` is the week being checked. */
/**
 * Which fixes are wanted: none, because they take longer to compute than findings; those that are sure to mend; or also
 * those that probably do, for whoever tries each of them out.
 */
export type Mends = 'none' | 'sure' | 'likely';

export interface CheckInput {
  readonly block: Block;
  readonly athlete: Athlete;
  readonly blockPlan: BlockPlan;
  readonly week: WeekPlan;
  /** A slot's exercise with its variant. */
  readonly exerciseOf: (slot: PlannedExercise) => Exercise;
  readonly conventions: Conventions;
  /** The same for single muscles. */
  readonly near: NearConventions;
  /** Which fixes are wanted. */
  readonly mends: Mends;
}

/** Fixes that take long to compute: none unless they are wanted. */
export function lazyFixes(input: CheckInput, work: () => readonly Fix[]): readonly Fix[] {
  return input.mends === 'none' ? [] : work();
}

export type Check = (input: CheckInput) => readonly Finding[];
