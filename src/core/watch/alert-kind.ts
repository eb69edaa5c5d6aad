import type { Athlete } from '../athlete/athlete';
import type { Block } from '../block/block';
import { addDays, type LocalDate } from '../calendar';
import type { Conventions } from '../conventions/conventions';
import type { Exposure } from '../effort/exposure';
import type { ExerciseLookup } from '../exercises/lookup';
import type { CheckInput } from '../findings/finding';
import { checkInput } from '../findings/registry';
import type { Log } from '../log/log';
import type { BlockPlan } from '../plan/block-plan';
import type { WeekPlan } from '../plan/week';
import type { WeekState } from '../plan/week-state';
import type { CheckIn } from '../recovery/check-in';
import type { WatchCall } from './watch-call';

/** A block on a day: its inputs, its plan, and the athlete's local day. */
export interface Watch {
  readonly block: Block;
  readonly athlete: Athlete;
  readonly blockPlan: BlockPlan;
  readonly log: Log;
  readonly checkIns: readonly CheckIn[];
  /** The athlete's lifts over all blocks. */
  readonly exposures: readonly Exposure[];
  readonly exercises: ExerciseLookup;
  readonly conventions: Conventions;
  /** Whether another block of the athlete's is ready to follow. */
  readonly isFollowed: boolean;
  readonly today: LocalDate;
}

/** A kind of alert: one object, one file. */
export interface WatchKind {
  readonly kind: WatchCall['kind'];
  readonly propose: (watch: Watch) => readonly WatchCall[];
}

/** The week in training: the last sent one, unless it is done. */
export function runningWeek({ blockPlan }: Pick<Watch, 'blockPlan'>): WeekState | undefined {
  const last = blockPlan.weeks.findLast(({ issued }) => issued !== null);
  return last?.status === 'issued' ? last : undefined;
}

/** The last sent week, done or not. */
export function lastIssued({ blockPlan }: Pick<Watch, 'blockPlan'>): WeekState | undefined {
  return blockPlan.weeks.findLast(({ issued }) => issued !== null);
}

/** The first unsent building week. */
export function nextBuilding({ blockPlan }: Pick<Watch, 'blockPlan'>): WeekState | undefined {
  return blockPlan.weeks.find(({ issued, plan }) => issued === null && plan.kind === 'building');
}

/** The last day of a week. */
export function lastDay({ startDate }: Pick<WeekPlan, 'startDate'>, cycleDays: number): LocalDate {
  return addDays(startDate, cycleDays - 1);
}

/** The due day of a session in a week. */
export function dueDay({ startDate }: Pick<WeekPlan, 'startDate'>, day: number): LocalDate {
  return addDays(startDate, day);
}

/** The input of checks for a given week; undefined if the block cannot be judged. */
export function checkInputForWeek(watch: Watch, week: WeekPlan): CheckInput | undefined {
  const input = checkInput(watch);
  return input === undefined ? undefined : { ...input, week };
}
