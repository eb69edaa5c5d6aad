import type { Athlete } from '../athlete/athlete';
import type { Block } from '../block/block';
import type { Answer } from '../calls/registry';
import type { ExerciseLookup } from '../exercises/lookup';
import type { Log } from '../log/log';
import type { IssuedWeek } from '../plan/week-state';
import type { CheckIn } from '../recovery/check-in';

/** Increases when the rules compute differently; sent weeks record the one they were made with. */
export const ENGINE_VERSION = 7;

/** All inputs of a plan. */
export interface UnfoldInput {
  readonly block: Block;
  readonly athlete: Athlete;
  readonly exercises: ExerciseLookup;
  readonly issued: readonly IssuedWeek[];
  readonly log: Log;
  readonly answers: readonly Answer[];
  /** The athlete's latest check-ins; absent: none. */
  readonly checkIns?: readonly CheckIn[];
}
