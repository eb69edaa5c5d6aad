import type { SessionPlan } from '../plan/session';
import type { SetPlan } from '../plan/set';
import type { SlotPlan } from '../plan/slot';
import { type CurrentSet, currentSets } from './current-sets';
import type { LoggedSet } from './log';

/** A set of a session with its target. */
export interface DoneSet {
  /** Slot and set: `SLOT/SET`. */
  readonly key: string;
  /** Null: it was not planned. */
  readonly asked: SetPlan | null;
  /** Null: it was not logged. */
  readonly done: LoggedSet | null;
  /** Its earlier versions, latest first. */
  readonly before: readonly LoggedSet[];
  /** Other sets logged for the same planned set, by a second phone for instance. */
  readonly conflicts: readonly LoggedSet[];
  /** Seconds since the previously logged set; null for the first. */
  readonly since: number | null;
}

/** A slot of a session with its sets; a null slot holds extra work. */
export interface DoneSlot {
  readonly slot: SlotPlan | null;
  readonly sets: readonly DoneSet[];
}

/** A finished session, slot by slot in planned order, with extra work at the end. */
export function sessionDone(
  { slots }: Pick<SessionPlan, 'slots'>,
  logged: readonly LoggedSet[],
  workoutId: string,
): readonly DoneSlot[] {
  const mine = logged.filter((set) => set.workoutId === workoutId);
  const current = currentSets(mine).get(workoutId) ?? new Map<string, CurrentSet>();
  const byId = new Map(mine.map((set) => [set.id, set]));
  const since = secondsBetweenSets([...current.values()].map(({ set }) => set));
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

/** The set that a set corrects, and the one that corrected. */
function chainOf(set: LoggedSet, byId: ReadonlyMap<string, LoggedSet>): readonly LoggedSet[] {
  const chain: LoggedSet[] = [];
  let at = set.supersedes === null ? undefined : byId.get(set.supersedes);
  while (at !== undefined && !chain.includes(at)) {
    chain.push(at);
    at = at.supersedes === null ? undefined : byId.get(at.supersedes);
  }
  return chain;
}

/**
 * Seconds from each set to the previously logged one. Corrections have none, because they are logged later than done.
 */
function secondsBetweenSets(sets: readonly LoggedSet[]): ReadonlyMap<string, number> {
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
