import type { Muscle } from '../anatomy/muscle';
import type { Level, Phase } from '../athlete/athlete';
import type { RepRange } from '../block/rep-range';
import type { LocalDate } from '../calendar';
import type { Equipment, Hardest, Joint } from '../exercises/exercise';
import type { Unit } from '../loading/weight';
import type { Gate } from '../techniques/gates';
import type { TechniqueKind } from '../techniques/registry';

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
  | { readonly rule: 'unsafe halves'; readonly exerciseId: string; readonly session: string }
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
