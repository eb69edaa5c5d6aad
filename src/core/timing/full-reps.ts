import type { SetPlan } from '../plan/set';
import type { Manner } from '../techniques/technique';

/** What a rep takes, in time, of a full one at the slot's tempo. */
const TIME: Readonly<Record<Manner, number>> = {
  full: 1,
  'long half': 0.5,
  'short half': 0.5,
  loose: 1,
  slow: 2,
};

/** Reps of a set and its sections, in full reps' worth of time. */
export function fullReps({ reps, manner, sections }: Pick<SetPlan, 'reps' | 'manner' | 'sections'>): number {
  return sections.reduce((sum, section) => sum + section.reps * TIME[section.manner], reps * TIME[manner]);
}
