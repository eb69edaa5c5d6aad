import type { LocalDate } from '../calendar';
import type { Weight } from '../loading/weight';
import type { SessionNote } from '../on-the-day/session-note';
import type { SorenessReport } from './soreness';

/** Notes of a set besides its reps. */
export interface LoggedMore {
  /** Partial or loose reps after the full ones. */
  readonly partials?: number | undefined;
  /** Assisted reps. */
  readonly assisted?: number | undefined;
  /** Seconds the weight was held after the last full rep, and reps that were only lowered after that. */
  readonly held?: number | undefined;
  readonly lowered?: number | undefined;
  /** Not done with clean form; absent if it was. */
  readonly unclean?: true | undefined;
  /** Seconds it took, for timed work. */
  readonly seconds?: number | undefined;
  /** Reps of each side, if a one-sided set was logged by side; `reps` is the lower. */
  readonly left?: number | undefined;
  readonly right?: number | undefined;
  /** The athlete's comment. */
  readonly line?: string | undefined;
}

/** Highest RIR of a set: the first of a round of mini-sets ends far from failure. */
export const MOST_LEFT = 30;

/** Longest comment on a set. */
export const LONGEST_SET_LINE = 200;

/** A performed set. Immutable: a correction is another set that supersedes it. */
export interface LoggedSet {
  /** Made by the phone, so that sending it twice gives one set. */
  readonly id: string;
  readonly workoutId: string;
  readonly slotId: string;
  /** The planned set of the slot that it fulfils. */
  readonly setId: string;
  /** The exercise performed. */
  readonly exerciseId: string;
  /** For bodyweight work the added weight (negative: assistance). */
  readonly load: Weight;
  readonly reps: number;
  readonly rir: number;
  /** Further notes that the technique asks for; absent if none. */
  readonly more?: LoggedMore | undefined;
  /** When it was done, ISO 8601, by the phone's clock. */
  readonly at: string;
  readonly supersedes: string | null;
}

/** A session as performed. */
export interface Workout {
  readonly id: string;
  readonly week: number;
  readonly sessionId: string;
  /** The training day, in its corrected form. */
  readonly date: LocalDate;
  readonly finished: boolean;
  /** The session's notes. */
  readonly notes: readonly SessionNote[];
}

/** Everything that happened in a block, oldest first. */
export interface Log {
  readonly workouts: readonly Workout[];
  readonly sets: readonly LoggedSet[];
  readonly soreness: readonly SorenessReport[];
}

export const EMPTY_LOG: Log = { workouts: [], sets: [], soreness: [] };
