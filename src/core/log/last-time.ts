import { dayEasing } from '../on-the-day/session-note';
import type { SessionPlan } from '../plan/session';
import type { IssuedWeek } from '../plan/week-state';
import { currentSets } from './current-sets';
import type { Log, LoggedSet } from './log';
import type { LastDone } from './to-beat';

/** Sets as last done, by slot and set: `SLOT/SET`. */
export type LastTimes = Readonly<Record<string, LastDone>>;

/**
 * Each set of a session as done in the latest earlier week with the same exercise. Deloads and days made easier after
 * a poor night do not count.
 */
export function lastTimesIn(
  { log, issued }: { readonly log: Log; readonly issued: readonly IssuedWeek[] },
  week: number,
  session: Pick<SessionPlan, 'sessionId' | 'slots'>,
): LastTimes {
  const light = new Set(issued.flatMap(({ week, plan }) => (plan.kind === 'deload' ? [week] : [])));
  const earlier = log.workouts
    .filter((one) => one.sessionId === session.sessionId && one.week < week && !light.has(one.week))
    .filter(({ notes }) => dayEasing(notes) === null)
    .sort((a, b) => a.week - b.week);
  const sets = currentSets(log.sets);
  const exerciseOf = new Map(session.slots.map(({ slotId, exerciseId }) => [slotId, exerciseId]));
  const found: Record<string, LastDone> = {};
  for (const { id, date } of earlier)
    for (const [place, { set }] of sets.get(id) ?? [])
      if (exerciseOf.get(set.slotId) === set.exerciseId) found[place] = lastDone(set, date, false);
  return found;
}

/** The slots of a session without a last time in their own block. */
export function slotsWithoutLastTime(
  known: LastTimes,
  { slots }: Pick<SessionPlan, 'slots'>,
): SessionPlan['slots'] {
  return slots.filter(({ slotId, sets: [first] }) => !(`${slotId}/${first?.id}` in known));
}

/** The same with those slots as their exercises were last done in another block, set by set. */
export function addLastTimesElsewhere(
  known: LastTimes,
  session: Pick<SessionPlan, 'slots'>,
  elsewhere: ReadonlyMap<string, { readonly date: string; readonly sets: readonly LoggedSet[] }>,
): LastTimes {
  const found: Record<string, LastDone> = { ...known };
  for (const { slotId, exerciseId, sets } of slotsWithoutLastTime(known, session)) {
    const last = elsewhere.get(exerciseId);
    sets.forEach(({ id }, at) => {
      const set = last?.sets[at];
      if (last !== undefined && set !== undefined) found[`${slotId}/${id}`] = lastDone(set, last.date, true);
    });
  }
  return found;
}

function lastDone({ load, reps, rir, more }: LoggedSet, date: string, earlier: boolean): LastDone {
  return { load, reps, rir, ...(more === undefined ? {} : { more }), date, earlier };
}
