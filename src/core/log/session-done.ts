import type { SessionPlan } from '../plan/session';
import type { SetPlan } from '../plan/set';
import type { SlotPlan } from '../plan/slot';
import { type CurrentSet, currentSets } from './current-sets';
import type { LoggedSet } from './log';

/** A set of a session beside what was asked of it. */
export interface DoneSet {
  /** Slot and set: `SLOT/SET`. */
  readonly key: string;
  /** Null: nobody had planned it. */
  readonly asked: SetPlan | null;
  /** Null: it was not logged. */
  readonly done: LoggedSet | null;
  /** What it was corrected from, the latest first. */
  readonly before: readonly LoggedSet[];
  /** Others that were logged for the same place: two phones, say. */
  readonly conflicts: readonly LoggedSet[];
  /** Seconds since the set that was logged before it; null for the first. */
  readonly since: number | null;
}

/** A slot of a session with its sets; a slot of null holds what was done beyond the plan. */
export interface DoneSlot {
  readonly slot: SlotPlan | null;
  readonly sets: readonly DoneSet[];
}

/** A session as it was done, slot by slot in the order of the plan, with what was done beyond it at the end. */
export function sessionDone(
  { slots }: Pick<SessionPlan, 'slots'>,
  logged: readonly LoggedSet[],
  workoutId: string,
): readonly DoneSlot[] {
  const mine = logged.filter((set) => set.workoutId === workoutId);
  const current = currentSets(mine).get(workoutId) ?? new Map<string, CurrentSet>();
  const byId = new Map(mine.map((set) => [set.id, set]));
  const since = gapsOf([...current.values()].map(({ set }) => set));
  const rowOf = (key: string, asked: SetPlan | null): DoneSet => {
    const found = current.get(key);
    if (found === undefined) return { key, asked, done: null, before: [], conflicts: [], since: null };
    const { set, conflicts } = found;
    return { key, asked, done: set, before: chainOf(set, byId), conflicts, since: since.get(set.id) ?? null };
  };
  const planned = slots.map((slot) => ({
    slot,
    sets: slot.sets.map((set) => rowOf(`${slot.slotId}/${set.id}`, set)),
  }));
  const known = new Set(planned.flatMap(({ sets }) => sets.map(({ key }) => key)));
  const beyond = [...current.keys()].filter((key) => !known.has(key)).map((key) => rowOf(key, null));
  return beyond.length === 0 ? planned : [...planned, { slot: null, sets: beyond }];
}

/** What a set corrects, and what that did. */
function chainOf(set: LoggedSet, byId: ReadonlyMap<string, LoggedSet>): readonly LoggedSet[] {
  const chain: LoggedSet[] = [];
  let at = set.supersedes === null ? undefined : byId.get(set.supersedes);
  while (at !== undefined && !chain.includes(at)) {
    chain.push(at);
    at = at.supersedes === null ? undefined : byId.get(at.supersedes);
  }
  return chain;
}

/** Seconds from each set to the one logged before it. Corrections are told later than they were done: they have none. */
function gapsOf(sets: readonly LoggedSet[]): ReadonlyMap<string, number> {
  const inOrder = sets
    .filter(({ supersedes }) => supersedes === null)
    .sort((a, b) => a.at.localeCompare(b.at));
  const gaps = new Map<string, number>();
  inOrder.forEach((set, at) => {
    const before = inOrder[at - 1];
    if (before !== undefined)
      gaps.set(set.id, Math.round((Date.parse(set.at) - Date.parse(before.at)) / 1000));
  });
  return gaps;
}
