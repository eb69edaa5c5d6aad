import type { Conventions } from '../conventions/conventions';
import type { Exercise } from '../exercises/exercise';
import type { CurrentSet } from '../log/current-sets';
import type { Workout } from '../log/log';
import type { WeekPlan } from './week';

/** A week as sent to the athlete: never recomputed. */
export interface IssuedWeek {
  readonly id: string;
  readonly week: number;
  readonly issuedAt: string;
  readonly engine: number;
  readonly conventions: Conventions;
  readonly exercises: Readonly<Record<string, Exercise>>;
  readonly plan: WeekPlan;
  /** Increases each time the week is sent again with changes; absent: the first version. */
  readonly version?: number;
  /** When the coach closed it with unfinished parts; absent: open. */
  readonly closedAt?: string;
}

/** What has happened in a session so far. */
export interface Performed {
  readonly workout: Workout;
  /** By slot and set, see log/current-sets. */
  readonly sets: ReadonlyMap<string, CurrentSet>;
}

export type WeekStatus = 'planned' | 'issued' | 'done';

/** A week of the block with its state. */
export interface WeekState {
  readonly status: WeekStatus;
  /** As planned; for a sent week the sets as sent, and the muscles by what was done. */
  readonly plan: WeekPlan;
  readonly issued: IssuedWeek | null;
  /** By session id. */
  readonly performed: ReadonlyMap<string, Performed>;
}
