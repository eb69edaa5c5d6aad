import type { Muscle } from '../anatomy/muscle';
import { addDays, type LocalDate } from '../calendar';
import type { Conventions } from '../conventions/conventions';
import type { ExerciseRef } from '../exercises/lookup';
import type { Weight } from '../loading/weight';
import type { LoadRule } from '../progression/load-rules/registry';
import { DEFAULT_DELOAD, type Deload } from '../recovery/deload/deload';
import type { TechniqueParameters } from '../techniques/registry';
import type { Goal } from '../volume/goal';
import type { Crediting, LandmarkSchool } from '../volume/schools';
import type { RepRange } from './rep-range';
import type { Shape } from './shape';

export const BLOCK_FORMAT = 'dense-ladder/block';
export const BLOCK_VERSION = 3;

/** A slot follows the week's RIR with an offset, or keeps its own. */
export type SlotRir =
  | { readonly kind: 'week'; readonly offset: number }
  | { readonly kind: 'fixed'; readonly rir: number };

/** A set of a slot with an effort of its own: by its number from 1, or the last one, however many there are. */
export interface SetTarget {
  readonly set: number | 'last';
  readonly rir: SlotRir;
}

/** A set from which a slot's first load is found, in place of the athlete's best set. */
export interface StartSet {
  readonly load: Weight;
  readonly reps: number;
  readonly rir: number;
}

/** How much of its range of motion a slot uses. Restricted is for a range that pain sets. */
export const MOTIONS = ['full', 'long half', 'middle', 'short half', 'restricted'] as const;
export type Motion = (typeof MOTIONS)[number];

/** What one week of a slot keeps of its own; null: as the rules have it. */
export interface WeekOverride {
  readonly week: number;
  readonly sets: number | null;
  readonly reps: number | null;
  readonly load: Weight | null;
  readonly rir: number | null;
}

/** What a slot ends in. */
export interface Stretch {
  readonly seconds: number;
  readonly note: string;
}

/** One exercise's place in a session. */
export interface Slot {
  readonly id: string;
  readonly exercise: ExerciseRef;
  /** A set-up of the exercise, by its id; null: as it is. */
  readonly variant: string | null;
  /** Exercises the athlete may take instead by what is free, by their ids. */
  readonly substitutes: readonly string[];
  /** Set-ups that change from set to set, by their ids; empty: every set in `variant`. */
  readonly rotate: readonly string[];
  /** Done in turn with the slot above: a superset, giant set or circuit. */
  readonly joined: boolean;
  readonly technique: TechniqueParameters;
  /** How going to failure or past it is made safe where the exercise does not allow it alone; empty: it is not. */
  readonly safety: string;
  readonly motion: Motion;
  /** Last sets that are done only when there is energy left. */
  readonly optionalSets: number;
  readonly stretch: Stretch | null;
  readonly range: RepRange;
  readonly rir: SlotRir;
  /** Sets whose effort differs from the slot's. */
  readonly setTargets: readonly SetTarget[];
  /** Four or three digits, X for as fast as possible; null: none prescribed. */
  readonly tempo: string | null;
  /** Seconds after each set. */
  readonly rest: number;
  readonly drift: 'hold RIR' | 'hold reps';
  readonly loadRule: LoadRule;
  /** Per cent of the load rule's step; null: the convention's. */
  readonly loadStep: number | null;
  readonly setRule: 'by response' | 'fixed';
  readonly start: StartSet | null;
  /** Weeks that keep something of their own. */
  readonly weeks: readonly WeekOverride[];
  readonly note: string;
}

/** One workout of the cycle. */
export interface Session {
  readonly id: string;
  readonly name: string;
  /** Day of the cycle, 0 = its first (Monday of a week). */
  readonly day: number;
  /** Where it is trained, by the athlete's place id; null: their usual place. */
  readonly place: string | null;
  /** Done when there is time and energy: planned, but counted in nothing. */
  readonly optional: boolean;
  readonly slots: readonly Slot[];
}

/** Cardio or other sport on a day of the cycle. */
export interface Activity {
  readonly id: string;
  readonly day: number;
  readonly name: string;
  readonly hard: boolean;
  /** Whether the legs do it. */
  readonly legs: boolean;
}

/** Days off between two weeks of a running block. */
export interface Pause {
  /** The week after which it falls. */
  readonly after: number;
  readonly days: number;
}

/** A finding the coach has put aside, with why; it stays quiet until its facts change. */
export interface Dismissal {
  readonly finding: string;
  readonly facts: string;
  readonly note: string;
}

/** What belongs to the block as a whole. */
export interface BlockSettings {
  readonly name: string;
  /** First day of week 1. */
  readonly startDate: LocalDate;
  /** Days in one pass of the cycle. */
  readonly cycleDays: number;
  /** The split it was laid out by; null for one of its own. */
  readonly shape: Shape | null;
  /** Building weeks, the deload not counted. */
  readonly weeks: number;
  /** RIR of the first and of the last building week. */
  readonly rir: { readonly first: number; readonly last: number };
  /** How the deload lightens the week, all of them together; null: no deload planned. */
  readonly deload: Deload | null;
  /** A plan of two working sets an exercise, in which more slots may knowingly go past failure. */
  readonly lowSets: boolean;
  /** How hard sets are counted on screen. Landmarks are compared in their own school's way. */
  readonly crediting: Crediting;
  readonly landmarks: LandmarkSchool;
  readonly time: 'realistic' | 'strict';
  /** Figures this block sets differently from the convention. */
  readonly conventions: Partial<Conventions>;
  readonly activities: readonly Activity[];
  readonly pauses: readonly Pause[];
  readonly dismissed: readonly Dismissal[];
  /** Muscles not named here follow the athlete's own goals. */
  readonly goals: Readonly<Partial<Record<Muscle, Goal>>>;
}

/** A training block: one document, changed only by edits. */
export interface Block extends BlockSettings {
  readonly format: typeof BLOCK_FORMAT;
  readonly version: typeof BLOCK_VERSION;
  readonly sessions: readonly Session[];
}

/** A block before any session is laid out. */
export function emptyBlock(name: string, startDate: LocalDate): Block {
  return {
    format: BLOCK_FORMAT,
    version: BLOCK_VERSION,
    name,
    startDate,
    cycleDays: 7,
    shape: null,
    weeks: 6,
    rir: { first: 3, last: 1 },
    deload: [DEFAULT_DELOAD],
    lowSets: false,
    crediting: 'fractional',
    landmarks: 'ramped',
    time: 'realistic',
    conventions: {},
    activities: [],
    pauses: [],
    dismissed: [],
    goals: {},
    sessions: [],
  };
}

/** First day of a week, pauses before it included. */
export function weekStart(block: Pick<Block, 'startDate' | 'cycleDays' | 'pauses'>, week: number): LocalDate {
  const paused = block.pauses.reduce((sum, { after, days }) => sum + (after < week ? days : 0), 0);
  return addDays(block.startDate, (week - 1) * block.cycleDays + paused);
}

/** Sessions in the order they are trained. */
export function sessionsInOrder(block: Pick<Block, 'sessions'>): readonly Session[] {
  return block.sessions
    .map((session, at) => ({ session, at }))
    .sort((a, b) => a.session.day - b.session.day || a.at - b.at)
    .map(({ session }) => session);
}

/** The slot with this id and the session it stands in. */
export function findSlot(
  block: Block,
  slotId: string,
): { readonly session: Session; readonly slot: Slot } | undefined {
  for (const session of block.sessions) {
    const slot = session.slots.find((candidate) => candidate.id === slotId);
    if (slot !== undefined) return { session, slot };
  }
  return undefined;
}
