import type { Watch, WatchKind } from './alert-kind';
import { blockEnds } from './kinds/block-ends';
import { daysLost } from './kinds/days-lost';
import { effort } from './kinds/effort';
import { furtherExercise } from './kinds/further-exercise';
import { joint } from './kinds/joint';
import { liftBack } from './kinds/lift-back';
import { nextWeek } from './kinds/next-week';
import { noLog } from './kinds/no-log';
import { readiness } from './kinds/readiness';
import { rearrange } from './kinds/rearrange';
import { samePlan } from './kinds/same-plan';
import { signs } from './kinds/signs';
import { split } from './kinds/split';
import { stall } from './kinds/stall';
import { tired } from './kinds/tired';
import type { WatchCall, WatchName } from './watch-call';

/** Every kind of alert, most urgent first. */
export const WATCHES = [
  joint,
  signs,
  stall,
  daysLost,
  rearrange,
  nextWeek,
  noLog,
  readiness,
  tired,
  furtherExercise,
  blockEnds,
  samePlan,
  liftBack,
  split,
  effort,
] as const satisfies readonly WatchKind[];

export const WATCH_NAMES: readonly WatchName[] = WATCHES.map(({ kind }) => kind);

/** A block's alerts on a day, without answered ones. */
export function dayAlerts(
  watch: Watch,
  isAnswered: (call: Pick<WatchCall, 'subject' | 'id'>) => boolean,
): readonly WatchCall[] {
  return WATCHES.flatMap((kind) => kind.propose(watch)).filter((call) => !isAnswered(call));
}
