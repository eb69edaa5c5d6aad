import { nearestLoad } from '../../loading/grid';
import type { SlotPlan } from '../../plan/slot';
import { asHundredths, decimal, lighter } from '../../units';
import type { SlotFacts } from '../slot-facts';
import type { SlotHistory } from '../slot-history';

/** A planned slot with the loads and reps of its last building week, as planned or logged. */
export function repeatLastWeek(
  { grid, carried }: SlotFacts,
  { last: lastTime }: SlotHistory,
  planned: SlotPlan,
): SlotPlan {
  return {
    ...planned,
    sets: planned.sets.map((set) => {
      const last = lastTime.get(set.role);
      const first = planned.sets.find(({ role }) => role === set.role);
      if (last === undefined || first?.load == null || set.load === null) return set;
      if (set.piece === 1) return { ...set, load: decimal(last.load), reps: Math.min(set.reps, last.reps) };
      // Equal parts stay equal.
      const reps = set.reps === first.reps ? Math.min(set.reps, last.reps) : set.reps;
      // Drops inside a round keep their share of the first load.
      const share = (carried + set.load) / (carried + first.load);
      const moved = nearestLoad(grid, asHundredths((carried * 100 + last.load) * share - carried * 100));
      return { ...set, reps, load: decimal(lighter(moved, last.load)) };
    }),
  };
}
