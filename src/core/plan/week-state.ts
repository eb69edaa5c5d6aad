import type { Conventions } from '../conventions/conventions';
import type { Exercise } from '../exercises/exercise';
import type { CurrentSet } from '../log/current-sets';
import type { Workout } from '../log/log';
import type { WeekPlan } from './week';

/** A week as handed to the athlete: never derived again. */
export interface IssuedWeek {
  readonly id: string;
  readonly week: number;
  readonly issuedAt: string;
  readonly engine: number;
  readonly conventions: Conventions;
  readonly exercises: Readonly<Record<string, Exercise>>;
  readonly plan: WeekPlan;
  /** Counts up each time it is handed out anew with changes of its own; absent: as it was first. */
  readonly version?: number;
  /** When the coach closed it, what is not done by then left undone; absent: it is open. */
  readonly closedAt?: string;
}

/** What happened to a session so far. */
export interface Performed {
  readonly workout: Workout;
  /** By slot and set, see log/current-sets. */
  readonly sets: ReadonlyMap<string, CurrentSet>;
}

export type WeekStatus = 'planned' | 'issued' | 'done';

/** A week of the block with where it stands. */
export interface WeekState {
  readonly status: WeekStatus;
  /** As planned; of an issued week its sets as handed out, its muscles as what was done of it counts. */
  readonly plan: WeekPlan;
  readonly issued: IssuedWeek | null;
  /** By session id. */
  readonly performed: ReadonlyMap<string, Performed>;
}
