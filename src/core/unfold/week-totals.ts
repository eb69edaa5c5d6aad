import type { Conventions } from '../conventions/conventions';
import type { WeekPlan } from '../plan/week';
import { workingSets } from '../plan/working-sets';
import { setWork } from '../volume/work';

/** Totals of a week. */
export interface WeekTotals {
  readonly sets: number;
  /** Seconds at the long end, of all sessions that are not optional. */
  readonly seconds: number;
  /** Load as moved x reps x range fraction over all sets with a known load, in the unit of most slots. */
  readonly work: number;
  /** Slots with any sets. */
  readonly slots: number;
  /** Sessions with any sets. */
  readonly sessions: number;
}

/** Adds up a planned week. */
export function weekTotals(week: WeekPlan, conventions: Conventions): WeekTotals {
  let [sets, seconds, work, slots, sessions] = [0, 0, 0, 0, 0];
  for (const session of week.sessions) {
    if (session.optional) continue;
    if (session.sets > 0) {
      sessions++;
      seconds += session.seconds.high;
    }
    for (const slot of session.slots) {
      const many = workingSets(slot);
      if (many > 0) slots++;
      sets += many;
      for (const set of slot.sets) {
        if (set.optional) continue;
        work += setWork(set, slot, conventions);
      }
    }
  }
  return { sets, seconds, work, slots, sessions };
}
