import type { Conventions } from '../conventions/conventions';
import type { Exercise } from '../exercises/exercise';
import type { SlotPlan } from '../plan/slot';
import { setTension } from './full-reps';

/** Figures of a planned slot, without optional sets. */
export interface SlotFigures {
  /** Reps of all sets and mini-sets, including partials and sections; 0 for holds. */
  readonly reps: number;
  /** Seconds under tension, for one side. */
  readonly tension: number;
  /** Counted sets times the load on the spine, 0 to 3. */
  readonly spine: number;
}

export function slotFigures(
  slot: SlotPlan,
  { axialLoad }: Pick<Exercise, 'axialLoad'>,
  conventions: Pick<Conventions, 'secondsPerRep'>,
): SlotFigures {
  const planned = slot.sets.filter(({ optional }) => !optional);
  let [reps, tension, spine] = [0, 0, 0];
  for (const set of planned) {
    if (slot.measure !== 'seconds')
      reps += set.sections.reduce(
        (sum, { manner, reps: each }) => sum + (manner === 'held' ? 0 : each),
        set.reps,
      );
    tension += setTension(set, slot, conventions);
    spine += set.credit * axialLoad;
  }
  return { reps, tension, spine };
}

const YEAR_DAYS = 364;

/** Times per year of something in this many sessions of a cycle: 52, 104, 156 ... */
export function timesAYear(sessions: number, cycleDays: number): number {
  return Math.round((sessions * YEAR_DAYS) / cycleDays);
}
