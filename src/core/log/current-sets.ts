import type { LoggedSet } from './log';

/** The sets logged for a planned set of a workout. */
export interface CurrentSet {
  readonly set: LoggedSet;
  /** Other valid sets logged for the same planned set, by a second phone for instance. */
  readonly conflicts: readonly LoggedSet[];
}

/** The key of a planned set within a workout. */
export function setKey(set: Pick<LoggedSet, 'slotId' | 'setId'>): string {
  return `${set.slotId}/${set.setId}`;
}

/**
 * The sets that count, by workout and planned set. Superseded ones are left out; if several remain, the latest counts
 * and the others are kept as conflicts.
 */
export function currentSets(
  sets: readonly LoggedSet[],
): ReadonlyMap<string, ReadonlyMap<string, CurrentSet>> {
  const superseded = new Set(sets.map((set) => set.supersedes));
  const workouts = new Map<string, Map<string, CurrentSet>>();
  for (const set of sets) {
    if (superseded.has(set.id)) continue;
    let ofWorkout = workouts.get(set.workoutId);
    if (ofWorkout === undefined) {
      ofWorkout = new Map();
      workouts.set(set.workoutId, ofWorkout);
    }
    const key = setKey(set);
    const held = ofWorkout.get(key);
    if (held === undefined) ofWorkout.set(key, { set, conflicts: [] });
    else {
      const newer = set.at >= held.set.at;
      ofWorkout.set(key, {
        set: newer ? set : held.set,
        conflicts: [...held.conflicts, newer ? held.set : set],
      });
    }
  }
  return workouts;
}
