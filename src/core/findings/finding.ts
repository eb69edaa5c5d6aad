import type { Muscle } from '../anatomy/muscle';
import type { Athlete, Level, Phase } from '../athlete/athlete';
import type { Block, Slot } from '../block/block';
import type { Edit } from '../block/edits/edit';
import type { RepRange } from '../block/rep-range';
import type { LocalDate } from '../calendar';
import type { Conventions } from '../conventions/conventions';
import type { NearConventions } from '../conventions/own-conventions';
import type { Equipment, Exercise, Hardest, Joint } from '../exercises/exercise';
import type { Unit } from '../loading/weight';
import type { BlockPlan } from '../plan/block-plan';
import type { SlotPlan } from '../plan/slot';
import type { WeekPlan } from '../plan/week';
import type { Gate } from '../techniques/gates';
import type { TechniqueKind } from '../techniques/registry';
import type { SlotTrim } from '../timing/slot-trim';

export const SEVERITIES = ['block', 'warn', 'note'] as const;
export type Severity = (typeof SEVERITIES)[number];

/** A finding's facts as figures; the interface words them. */
export type FindingDetail =
  | {
      readonly rule: 'recovery gap';
      readonly first: string;
      readonly second: string;
      readonly hours: number;
      /** Recovery hours each muscle needs. */
      readonly gaps: readonly { readonly muscle: Muscle; readonly needed: number }[];
    }
  | {
      readonly rule: 'frequency';
      readonly muscles: readonly Muscle[];
      readonly times: number;
      readonly wanted: number;
      readonly high: boolean;
    }
  | {
      readonly rule: 'below floor';
      readonly muscle: Muscle;
      readonly sets: number;
      readonly floor: number;
      readonly week: number;
    }
  | { readonly rule: 'untrained'; readonly muscles: readonly Muscle[] }
  | {
      readonly rule: 'above ceiling';
      readonly muscle: Muscle;
      readonly sets: number;
      readonly ceiling: number;
      readonly week: number;
    }
  | { readonly rule: 'above budget'; readonly sets: number; readonly budget: number; readonly week: number }
  | {
      readonly rule: 'session length';
      readonly session: string;
      readonly minutes: number;
      readonly limit: number;
      readonly week: number;
      /** Shortest possible minutes with every minimum met; null if the session can fit. */
      readonly shortest: number | null;
    }
  | {
      readonly rule: 'order';
      readonly session: string;
      readonly early: string;
      readonly late: string;
      readonly why: 'skill first' | 'compound first' | 'triceps first' | 'activation first';
    }
  | {
      readonly rule: 'spine back to back';
      readonly first: string;
      readonly second: string;
      readonly before: string;
      readonly after: string;
    }
  | { readonly rule: 'legs before upper'; readonly first: string; readonly second: string }
  | {
      readonly rule: 'tired helpers';
      readonly first: string;
      readonly second: string;
      readonly muscle: Muscle;
      readonly what: string;
    }
  | { readonly rule: 'tired legs'; readonly activity: string; readonly session: string }
  | { readonly rule: 'rest days'; readonly days: number }
  | {
      readonly rule: 'unavailable day';
      readonly sessions: readonly { readonly session: string; readonly day: number }[];
    }
  | {
      readonly rule: 'session dose';
      readonly session: string;
      readonly muscle: Muscle;
      readonly sets: number;
      readonly limit: number;
      readonly heavy: boolean;
    }
  | { readonly rule: 'small after compounds'; readonly muscle: Muscle; readonly compound: string }
  | {
      readonly rule: 'too few sessions';
      readonly times: number;
      readonly needed: number;
      readonly phase: Phase;
    }
  | {
      readonly rule: 'balance';
      readonly sides: readonly [string, string];
      readonly sets: number;
      readonly against: number;
      readonly least: number;
      readonly most: number;
    }
  | { readonly rule: 'compound share'; readonly share: number; readonly wanted: number }
  | { readonly rule: 'uneven days'; readonly upper: number; readonly lower: number }
  | { readonly rule: 'priority late'; readonly muscle: Muscle }
  | { readonly rule: 'novice deload' }
  | { readonly rule: 'novice rest'; readonly days: number; readonly wanted: number }
  | {
      readonly rule: 'straight-arm rest';
      readonly first: string;
      readonly second: string;
      readonly exerciseId: string;
    }
  | { readonly rule: 'never hard'; readonly nearest: number }
  | {
      readonly rule: 'often at ceiling';
      readonly muscle: Muscle;
      readonly weeks: number;
      readonly of: number;
    }
  | {
      readonly rule: 'middle range';
      readonly exerciseId: string;
      readonly session: string;
      readonly why: 'even load' | 'compound';
    }
  | { readonly rule: 'many days'; readonly days: number }
  | { readonly rule: 'always at minimum'; readonly muscles: readonly Muscle[]; readonly weeks: number }
  | { readonly rule: 'specialising in a cut'; readonly muscles: readonly Muscle[]; readonly week: number }
  | {
      readonly rule: 'held above hold';
      readonly muscles: readonly {
        readonly muscle: Muscle;
        readonly sets: number;
        readonly hold: number;
      }[];
    }
  | {
      readonly rule: 'half-rep slots';
      readonly session: string;
      readonly muscle: Muscle;
      readonly slots: number;
      readonly most: number;
    }
  | { readonly rule: 'never stretched'; readonly muscles: readonly Muscle[] }
  | {
      readonly rule: 'crossing lift';
      readonly exerciseId: string;
      readonly session: string;
      readonly half: 'push' | 'pull';
    }
  | {
      readonly rule: 'heavy late';
      readonly early: string;
      readonly earlySession: string;
      readonly late: string;
      readonly lateSession: string;
    }
  | {
      readonly rule: 'late gaining';
      readonly exerciseIds: readonly string[];
      readonly from: LocalDate;
      readonly next: Phase;
    }
  | {
      readonly rule: 'heavy falls in a cut';
      readonly exerciseIds: readonly string[];
      readonly rising: readonly string[];
    }
  | {
      readonly rule: 'many sets';
      readonly exerciseId: string;
      readonly session: string;
      readonly sets: number;
    }
  | { readonly rule: 'building weeks'; readonly weeks: number; readonly most: number }
  | {
      readonly rule: 'skill frequency';
      readonly skill: string;
      readonly times: number;
      readonly most: number;
    }
  | { readonly rule: 'split'; readonly shape: string; readonly level: Level; readonly from: Level }
  | {
      readonly rule: 'prerequisite';
      readonly shape: string;
      readonly lifts: readonly {
        readonly exerciseId: string;
        readonly reps: number;
        readonly best: number | null;
      }[];
    }
  | {
      readonly rule: 'beyond failure';
      readonly exerciseId: string;
      /** Which set, from 1. */
      readonly set: number;
      readonly reps: number;
      readonly rir: number;
      readonly session: string;
    }
  | {
      readonly rule: 'too easy to count';
      readonly exerciseId: string;
      readonly sets: number;
      readonly of: number;
      readonly threshold: number;
      readonly session: string;
    }
  | {
      readonly rule: 'equipment end';
      readonly exerciseId: string;
      readonly session: string;
      readonly unit: Unit;
      readonly range: RepRange;
      readonly end: 'lightest' | 'heaviest';
      readonly load: number;
      /** Reps that leave the asked RIR at that load. */
      readonly reps: number;
    }
  | {
      readonly rule: 'equipment';
      readonly session: string;
      readonly place: string;
      readonly lacks: readonly {
        readonly slotId: string;
        readonly exerciseId: string;
        readonly missing: readonly Equipment[];
      }[];
    }
  | {
      readonly rule: 'irritated joint';
      readonly joint: Joint;
      readonly exerciseIds: readonly string[];
    }
  | {
      readonly rule: 'gate';
      readonly gate: Gate;
      readonly exerciseId: string;
      readonly technique: TechniqueKind;
      readonly session: string;
    }
  | {
      readonly rule: 'long half';
      readonly exerciseId: string;
      readonly hardest: Hardest;
      readonly session: string;
    }
  | { readonly rule: 'all halves'; readonly session: string; readonly exerciseId: string }
  | {
      readonly rule: 'next variation';
      readonly exerciseId: string;
      readonly next: string;
      readonly reps: number;
      readonly session: string;
    }
  | {
      readonly rule: 'below range';
      readonly exerciseId: string;
      readonly session: string;
      /** The first set below the range, from 1, with its reps. */
      readonly set: number;
      readonly reps: number;
      readonly low: number;
      readonly high: number;
    }
  | { readonly rule: 'unfilled slot'; readonly exerciseId: string; readonly session: string }
  | {
      readonly rule: 'stale load';
      readonly slot: string;
      readonly exerciseId: string;
      readonly week: number;
      /** Which set, from 1. */
      readonly set: number;
      readonly predictedRir: number;
      readonly rir: number;
    }
  | {
      readonly rule: 'out of reach';
      readonly slot: string;
      readonly exerciseId: string;
      readonly week: number;
      readonly set: number;
      readonly reps: number;
      readonly predictedRir: number;
      readonly rir: number;
    };

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
      readonly how: 'longer sets' | 'restricted range';
      readonly exerciseIds: readonly string[];
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
