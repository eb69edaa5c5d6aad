import type { LocalDate } from '../calendar';
import type { Weight } from '../loading/weight';
import type { SessionNote } from '../on-the-day/session-note';
import type { SorenessReport } from './soreness';

/** What is noted of a set beside its reps. */
export interface LoggedMore {
  /** Partial or loose reps after the full ones. */
  readonly partials?: number | undefined;
  /** Reps done with help. */
  readonly assisted?: number | undefined;
  /** Seconds the weight was held after the last full rep, and reps that were only lowered after that. */
  readonly held?: number | undefined;
  readonly lowered?: number | undefined;
  /** Done without clean form; absent where it was clean. */
  readonly unclean?: true | undefined;
  /** Seconds it took, where time is what counts. */
  readonly seconds?: number | undefined;
  /** Reps of each side, where a one-sided set was logged by sides; `reps` is the lower. */
  readonly left?: number | undefined;
  readonly right?: number | undefined;
  /** What the athlete says of it. */
  readonly line?: string | undefined;
}

/** The most reps that may be left of a set: the first of a round of mini-sets ends far from failure. */
export const MOST_LEFT = 30;

/** The longest line on a set. */
export const LONGEST_SET_LINE = 200;

/** One performed set. Never changed: a correction is a further set that supersedes it. */
export interface LoggedSet {
  /** Made by the phone, so that a repeated send is one set. */
  readonly id: string;
  readonly workoutId: string;
  readonly slotId: string;
  /** Which planned set of the slot it answers. */
  readonly setId: string;
  /** The exercise performed. */
  readonly exerciseId: string;
  /** For bodyweight work what was added (negative: assistance). */
  readonly load: Weight;
  readonly reps: number;
  readonly rir: number;
  /** What else the technique asks to be noted; absent when nothing. */
  readonly more?: LoggedMore | undefined;
  /** When it was done, ISO 8601, by the phone's clock. */
  readonly at: string;
  readonly supersedes: string | null;
}

/** One session as it was performed. */
export interface Workout {
  readonly id: string;
  readonly week: number;
  readonly sessionId: string;
  /** The day it was trained, put right where the athlete has. */
  readonly date: LocalDate;
  readonly finished: boolean;
  /** What was told of it beside its sets. */
  readonly notes: readonly SessionNote[];
}

/** All that happened in a block, oldest first. */
export interface Log {
  readonly workouts: readonly Workout[];
  readonly sets: readonly LoggedSet[];
  readonly soreness: readonly SorenessReport[];
}

export const EMPTY_LOG: Log = { workouts: [], sets: [], soreness: [] };
