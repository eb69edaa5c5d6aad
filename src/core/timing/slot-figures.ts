import type { Conventions } from '../conventions/conventions';
import type { Exercise } from '../exercises/exercise';
import type { SlotPlan } from '../plan/slot';
import { tensionOf } from './full-reps';

/** What a planned slot comes to; optional sets apart. */
export interface SlotFigures {
  /** Reps of all its sets and mini-sets, partial ones and sections included; 0 for what is held. */
  readonly reps: number;
  /** Seconds under tension, of one side. */
  readonly tension: number;
  /** Sets it counts for times the load on the spine, 0 to 3. */
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
    tension += tensionOf(set, slot, conventions);
    spine += set.credit * axialLoad;
  }
  return { reps, tension, spine };
}

const YEAR_DAYS = 364;

/** How often a year something is done that stands in so many sessions of a cycle: 52, 104, 156 ... */
export function timesAYear(sessions: number, cycleDays: number): number {
  return Math.round((sessions * YEAR_DAYS) / cycleDays);
}
