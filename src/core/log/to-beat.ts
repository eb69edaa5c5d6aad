import { valueIn } from '../loading/weight';
import type { SetPlan } from '../plan/set';
import type { SlotPlan } from '../plan/slot';
import { insideOf } from '../techniques/registry';
import type { LoggedSet } from './log';

/** A set as it was done last time, in this block or an earlier one. */
export interface LastDone extends Pick<LoggedSet, 'load' | 'reps' | 'rir' | 'more'> {
  /** The day it was done. */
  readonly date: string;
  /** Whether it was done in an earlier block. */
  readonly earlier: boolean;
}

/** What the athlete may try to beat in a set. */
export type ToBeat =
  /** So many reps at this load. */
  | { readonly kind: 'reps'; readonly reps: number }
  /** Full reps and partial ones after them: one more of either. */
  | { readonly kind: 'pair'; readonly reps: number; readonly partials: number }
  /** The sum of all sets, which is what counts. */
  | { readonly kind: 'sum'; readonly sum: number }
  /** More is on it than last time: the load itself is new. */
  | { readonly kind: 'load' };

/**
 * The number to beat in a set: last time's reps at an equal load, with the partial reps where they follow; of a rep bank
 * the sum of its sets; of a heavier load the load itself. Null where last time was heavier or is not known: then what is
 * asked is enough.
 * @param last the sets of the slot last time, by set id
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
  if (insideOf(slot.technique).kind === 'rep bank') {
    const all = slot.sets.map(({ id }) => last.get(id)?.reps);
    if (all.some((reps) => reps === undefined)) return null;
    return { kind: 'sum', sum: all.reduce<number>((sum, reps) => sum + (reps ?? 0), 0) };
  }
  const partials = before.more?.partials ?? 0;
  return set.sections.length > 0 && partials > 0
    ? { kind: 'pair', reps: before.reps, partials }
    : { kind: 'reps', reps: before.reps };
}
