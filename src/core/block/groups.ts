import { type Exercise, primeMovers } from '../exercises/exercise';
import { runsAcross } from '../techniques/registry';
import type { Session, Slot } from './block';

/** Slots that are done in turn, in order; a slot alone is a group of one. */
export function groupsOf({ slots }: Pick<Session, 'slots'>): readonly (readonly Slot[])[] {
  const groups: Slot[][] = [];
  for (const slot of slots) {
    const group = groups.at(-1);
    if (slot.joined && group !== undefined) group.push(slot);
    else groups.push([slot]);
  }
  return groups;
}

/** Whether a group is done piece by piece, all members in turn under one clock: 1-1-1, 2-2-2. */
export function isAcross(group: readonly Pick<Slot, 'technique'>[]): boolean {
  return group.length > 1 && group.every(({ technique }) => runsAcross(technique));
}

export type GroupKind = 'superset' | 'giant set' | 'circuit';

/** What a group is called: two slots a superset; more of them a giant set for one muscle, else a circuit. */
export function groupKind(exercises: readonly Exercise[]): GroupKind | null {
  if (exercises.length < 2) return null;
  if (exercises.length === 2) return 'superset';
  const [first, ...others] = exercises.map(primeMovers);
  const shared = first?.some((muscle) => others.every((movers) => movers.includes(muscle)));
  return shared ? 'giant set' : 'circuit';
}
