import { valueIn } from '../loading/weight';
import type { SetPlan } from '../plan/set';
import type { SlotPlan } from '../plan/slot';
import { innerTechnique } from '../techniques/registry';
import type { LoggedSet } from './log';

/** A set as done last time, in this block or an earlier one. */
export interface LastDone extends Pick<LoggedSet, 'load' | 'reps' | 'rir' | 'more'> {
  /** The day it was done. */
  readonly date: string;
  /** Whether that was in an earlier block. */
  readonly earlier: boolean;
}

/** What the athlete can try to beat in a set. */
export type ToBeat =
  /** This many reps at this load. */
  | { readonly kind: 'reps'; readonly reps: number }
  /** Full reps and partials after them: one more of either. */
  | { readonly kind: 'pair'; readonly reps: number; readonly partials: number }
  /** The sum of all sets. */
  | { readonly kind: 'sum'; readonly sum: number }
  /** The load is heavier than last time, which is a gain in itself. */
  | { readonly kind: 'load' };

/**
 * What to beat in a set: last time's reps at an equal load, with partials if there are any; for a rep bank the sum of
 * its sets; for a heavier load the load itself. Null if last time was heavier or is unknown: then the target is
 * enough.
 * @param last the slot's sets last time, by set id
 */
export function toBeat(
  slot: Pick<SlotPlan, 'technique' | 'sets' | 'unit'>,
  set: Pick<SetPlan, 'id' | 'load' | 'sections'>,
  last: ReadonlyMap<string, LastDone>,
): ToBeat | null {
  const before = last.get(set.id);
  if (before === undefined || set.load === null) return null;
  const lifted = valueIn(slot.unit, before.load);
  if (lifted > set.load) return null;
  if (lifted < set.load) return { kind: 'load' };
  if (innerTechnique(slot.technique).kind === 'rep bank') {
    const all = slot.sets.map(({ id }) => last.get(id)?.reps);
    if (all.some((reps) => reps === undefined)) return null;
    return { kind: 'sum', sum: all.reduce<number>((sum, reps) => sum + (reps ?? 0), 0) };
  }
  const partials = before.more?.partials ?? 0;
  return set.sections.length > 0 && partials > 0
    ? { kind: 'pair', reps: before.reps, partials }
    : { kind: 'reps', reps: before.reps };
}
