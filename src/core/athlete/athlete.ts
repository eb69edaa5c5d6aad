import type { Muscle } from '../anatomy/muscle';
import type { RepRange } from '../block/rep-range';
import { daysBetween, type LocalDate } from '../calendar';
import type { OwnConventions } from '../conventions/own-conventions';
import type { Effort } from '../effort/curves';
import type { Joint } from '../exercises/exercise';
import type { Unit, Weight } from '../loading/weight';
import type { Goals } from '../volume/goal';
import type { Landmarks } from '../volume/landmark';
import type { MeasurementKind } from './measurement';
import type { Place } from './place';

export const LEVELS = ['novice', 'intermediate', 'advanced'] as const;
export type Level = (typeof LEVELS)[number];

export const PHASES = ['gaining', 'holding', 'cutting'] as const;
export type Phase = (typeof PHASES)[number];

/** How readily sets are added: cautious adds at most one, bold also adds where standard waits. */
export const STYLES = ['cautious', 'standard', 'bold'] as const;
export type Style = (typeof STYLES)[number];

/** Who answers proposals: the coach all of them, routine loads apply by themselves, or everything does. */
export const ANSWERINGS = ['ask for all', 'apply the routine', 'apply all'] as const;
export type Answering = (typeof ANSWERINGS)[number];

/** A recent hard set of an exercise; for holds `reps` are seconds. */
export interface BestSet {
  readonly load: Weight;
  readonly reps: number;
  readonly rir: number;
  readonly date: LocalDate | null;
}

/** Training outside the block. Only hard sessions cost recovery. */
export interface Sport {
  readonly name: string;
  /** Sessions a week. */
  readonly sessions: number;
  readonly hard: boolean;
}

export interface IrritatedJoint {
  readonly joint: Joint;
  readonly since: LocalDate;
  readonly note: string;
}

/** Volume figures learned from blocks, before level and phase, with their sources. */
export interface LearnedLandmarks {
  readonly floor?: number;
  readonly ceiling?: number;
  readonly evidence: string;
}

/** A lesson of a block with the coach's answer. */
export interface LearnedLesson {
  readonly blockId: string;
  /** Its kind, and its muscle or lift if it has one: `ceiling/chest`. */
  readonly about: string;
  readonly outcome: 'taken' | 'refused';
  /** The figures it replaced, so that it can be undone; none if there were none. */
  readonly was: Readonly<Record<string, number>>;
}

/** What the engine needs to know about an athlete. */
export interface Athlete {
  readonly id: string;
  readonly name: string;
  readonly level: Level;
  /** First month of regular training; null if unknown. */
  readonly trainingSince: LocalDate | null;
  /** Phases in order of their first day; the first also covers all days before it. */
  readonly phases: readonly { readonly from: LocalDate; readonly phase: Phase }[];
  readonly unit: Unit;
  readonly timeZone: string;
  readonly bodyweight: Weight;
  /** Weekdays on which training is possible, 0 = Monday. */
  readonly days: readonly number[];
  /** Longest session, in minutes. */
  readonly minutes: number;
  readonly sport: readonly Sport[];
  readonly style: Style;
  readonly answering: Answering;
  /** Where they train; the first is the usual one. */
  readonly places: readonly Place[];
  /** Muscles with priority or maintained, unless a block says otherwise. */
  readonly goals: Goals;
  readonly joints: readonly IrritatedJoint[];
  /** By exercise id. */
  readonly bestSets: Readonly<Record<string, BestSet>>;
  /** Set-up notes by exercise id: seat, pins, stance, gear on working sets. */
  readonly setUps: Readonly<Record<string, string>>;
  /** By exercise id: the agreed full range of motion, such as touch points or depth. */
  readonly depths: Readonly<Record<string, string>>;
  /** Volume figures set by the coach, before level and phase are applied. */
  readonly landmarks: Readonly<Partial<Record<Muscle, Partial<Landmarks>>>>;
  readonly learned: Readonly<Partial<Record<Muscle, LearnedLandmarks>>>;
  readonly effort: Effort;
  /** The athlete's own rules and those of their coach, where they differ from the defaults. */
  readonly conventions: OwnConventions;
  /** By exercise id: the rep range that works the muscle best without irritating a joint. New slots start with it. */
  readonly ranges: Readonly<Record<string, RepRange>>;
  /** Events to be ready for: a contest, a test. */
  readonly dates: readonly ReadyDate[];
  readonly checkIn: CheckInWish;
  /** Lessons from blocks, with their answers. */
  readonly lessons: readonly LearnedLesson[];
}

/** How often the athlete is asked for a check-in, in days, and which girths it asks for. */
export interface CheckInWish {
  readonly everyDays: number;
  readonly girths: readonly MeasurementKind[];
}

/** Weekly, with body weight only. */
export const WEEKLY_CHECK_IN: CheckInWish = { everyDays: 7, girths: [] };

export interface ReadyDate {
  readonly date: LocalDate;
  readonly what: string;
}

/** The phase on a day. */
export function phaseOn(athlete: Pick<Athlete, 'phases'>, date: LocalDate): Phase {
  let current: Phase = athlete.phases[0]?.phase ?? 'holding';
  for (const { from, phase } of athlete.phases) if (from <= date) current = phase;
  return current;
}

/** Days after which a cut is long enough for sets to stop falling off: eight weeks. */
const DEEP_AFTER = 56;

/** Whether the athlete is cutting on a day and has been for more than eight weeks. */
export function isDeepInCut(athlete: Pick<Athlete, 'phases'>, date: LocalDate): boolean {
  const current = athlete.phases.findLast(({ from }) => from <= date);
  return current?.phase === 'cutting' && daysBetween(current.from, date) >= DEEP_AFTER;
}

/** Hard sport or cardio sessions a week. */
export function hardSessions(athlete: Pick<Athlete, 'sport'>): number {
  return athlete.sport.reduce((sum, { sessions, hard }) => sum + (hard ? sessions : 0), 0);
}

/** Set-up and full range of motion of an exercise as one text; undefined if neither is noted. */
export function setUpText(
  { setUps, depths }: Pick<Athlete, 'setUps' | 'depths'>,
  exerciseId: string,
): string | undefined {
  const [setUp = '', depth = ''] = [setUps[exerciseId], depths[exerciseId]];
  const parts = [setUp, depth === '' ? '' : `Full: ${depth}`].filter((part) => part.trim() !== '');
  return parts.length === 0 ? undefined : parts.map((part) => part.replace(/[.;\s]*$/, '.')).join(' ');
}
