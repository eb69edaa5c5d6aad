import type { Muscle, PerMuscle } from '../anatomy/muscle';
import type { Phase } from '../athlete/athlete';
import type { Motion, Stretch, WeekOverride } from '../block/block';
import type { LocalDate } from '../calendar';
import type { Conventions } from '../conventions/conventions';
import type { Exercise, Loading, Measure } from '../exercises/exercise';
import type { WarmUpSet } from '../loading/warm-up-ramp';
import type { Unit } from '../loading/weight';
import type { CurrentSet } from '../log/current-sets';
import type { Workout } from '../log/log';
import type { Candidate } from '../progression/load-rules/fit';
import type { Reason } from '../reason';
import type { Gate } from '../techniques/gates';
import type { TechniqueParameters } from '../techniques/registry';
import type { Manner, Role, Section } from '../techniques/technique';
import type { Goal } from '../volume/goal';
import type { Landmarks } from '../volume/landmarks';

/** A set as asked. Load in the slot's unit, for bodyweight work what is added; null while it is still looked for. */
export interface PlannedSet {
  /** Unique within its slot; stays with the set through the issued week. */
  readonly id: string;
  readonly role: Role;
  readonly load: number | null;
  readonly reps: number;
  readonly rir: number;
  /** RIR the strength estimate predicts; null without one. */
  readonly predictedRir: number | null;
  readonly hard: boolean;
  /** Sets it counts for, 0-1, before the muscle's share. */
  readonly credit: number;
  /** The round of mini-sets it is a piece of, from 1, and its place in it, from 1; the whole set is 1 of its own. */
  readonly round: number;
  readonly piece: number;
  /** Seconds of rest before the slot's next set. */
  readonly rest: number;
  /** How its reps are done. */
  readonly manner: Manner;
  /** What follows its reps without a pause. */
  readonly sections: readonly Section[];
  /** Set-up of this set where they rotate; null: the slot's. */
  readonly variant: string | null;
  /** Done only when there is energy left, and counted only then. */
  readonly optional: boolean;
}

/** A slot in one week, with why its figures are what they are. */
export interface LadderSlot {
  readonly slotId: string;
  readonly exerciseId: string;
  readonly exerciseRevision: number;
  readonly variant: string | null;
  readonly loading: Loading;
  /** Where it is seconds, `reps` of its sets are seconds. */
  readonly measure: Measure;
  readonly unit: Unit;
  /** Bodyweight share lifted along, in the unit. */
  readonly carried: number;
  readonly rest: number;
  readonly tempo: string | null;
  /** As it is done this week, behind its gate and with its own progress. */
  readonly technique: TechniqueParameters;
  /** What keeps the technique from being done as written. */
  readonly gate: Gate | null;
  readonly joined: boolean;
  readonly motion: Motion;
  readonly stretch: Stretch | null;
  readonly substitutes: readonly string[];
  /** What this week keeps of its own. */
  readonly override: WeekOverride | null;
  readonly note: string;
  readonly sets: readonly PlannedSet[];
  readonly warmUp: readonly WarmUpSet[];
  /** Estimated one-rep max behind the loads, share of bodyweight included. */
  readonly oneRepMax: number | null;
  readonly why: { readonly rir: Reason; readonly load: Reason; readonly sets: Reason; readonly reps: Reason };
}

export interface LadderSession {
  readonly sessionId: string;
  readonly name: string;
  readonly day: number;
  /** The athlete's place id; null: their usual place. */
  readonly place: string | null;
  readonly optional: boolean;
  readonly slots: readonly LadderSlot[];
  /** Seconds at the two ends of the rep ranges. */
  readonly seconds: { readonly low: number; readonly high: number };
  readonly whySeconds: Reason;
  /** Working sets. */
  readonly sets: number;
}

/** A muscle in one week. */
export interface MuscleWeek {
  readonly muscle: Muscle;
  readonly goal: Goal;
  /** Weekly sets as the block's school credits them. */
  readonly sets: number;
  /** What the landmarks are compared with: fractional weekly sets, or direct ones under a fixed dose. */
  readonly measured: number;
  /** Sessions a week that credit it at least an exposure. */
  readonly frequency: number;
  /** The same, by sets that train it as prime mover alone. */
  readonly directFrequency: number;
  readonly landmarks: Landmarks;
  readonly why: Reason;
}

/** One pass of the cycle. */
export interface LadderWeek {
  /** 1-based; the deload is the last. */
  readonly week: number;
  readonly kind: 'building' | 'deload';
  readonly startDate: LocalDate;
  readonly phase: Phase;
  readonly rir: number;
  readonly whyRir: Reason;
  readonly sessions: readonly LadderSession[];
  readonly muscles: PerMuscle<MuscleWeek>;
  /** Hard sets, each once whatever it trains; a week. In a deload all performed sets. */
  readonly hardSets: number;
  readonly budget: number;
  readonly whyHardSets: Reason;
}

/** A week as handed to the athlete: never derived again. */
export interface IssuedWeek {
  readonly id: string;
  readonly week: number;
  readonly issuedAt: string;
  readonly engine: number;
  readonly conventions: Conventions;
  readonly exercises: Readonly<Record<string, Exercise>>;
  readonly rung: LadderWeek;
}

/** What happened to a session so far. */
export interface Performed {
  readonly workout: Workout;
  /** By slot and set, see log/current-sets. */
  readonly sets: ReadonlyMap<string, CurrentSet>;
}

export type WeekStatus = 'planned' | 'issued' | 'done';

/** A week of the ladder with where it stands. */
export interface Rung {
  readonly status: WeekStatus;
  readonly plan: LadderWeek;
  readonly issued: IssuedWeek | null;
  /** By session id. */
  readonly performed: ReadonlyMap<string, Performed>;
}

interface ProposalHead {
  /** Kind, subject and a hash of the facts: an answered call stays answered until its facts change. */
  readonly id: string;
  /** Kind and subject: later answers to the same subject replace earlier ones. */
  readonly subject: string;
  /** The week it would change. */
  readonly week: number;
  readonly why: Reason;
}

/** A response to what was logged that waits for the coach. */
export type Proposal =
  | (ProposalHead & {
      readonly kind: 'load';
      readonly sessionId: string;
      readonly slotId: string;
      readonly exerciseId: string;
      readonly unit: Unit;
      readonly from: { readonly load: number; readonly reps: number };
      readonly to: Candidate;
      readonly alternatives: readonly Candidate[];
    })
  | (ProposalHead & {
      readonly kind: 'sets';
      readonly sessionId: string;
      readonly slotId: string;
      readonly exerciseId: string;
      readonly muscle: Muscle;
      readonly add: number;
    })
  | (ProposalHead & { readonly kind: 'recover'; readonly muscle: Muscle })
  | (ProposalHead & { readonly kind: 'deload' });

/** A coach's answer; declined keeps things as they were. */
export interface Answer {
  readonly id: string;
  readonly subject: string;
  readonly outcome: 'accepted' | 'changed' | 'declined';
  readonly proposal: Proposal;
  /** For a changed load the load and reps chosen instead; for changed sets how many. */
  readonly choice: { readonly load: number; readonly reps: number } | { readonly add: number } | null;
}

export interface Ladder {
  readonly rungs: readonly Rung[];
  /** The first week that is not done; after the last, the last. */
  readonly currentWeek: number;
  readonly proposals: readonly Proposal[];
}
