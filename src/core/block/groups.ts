import { type Exercise, primeMovers } from '../exercises/exercise';
import { alternatesByPiece } from '../techniques/registry';
import type { Session, Slot } from './block';

/** Slots that alternate, in order; a single slot is a group of one. */
export function groupSlots({ slots }: Pick<Session, 'slots'>): readonly (readonly Slot[])[] {
  const groups: Slot[][] = [];
  for (const slot of slots) {
    const group = groups.at(-1);
    if (slot.joined && group !== undefined) group.push(slot);
    else groups.push([slot]);
  }
  return groups;
}

/** Whether a group alternates piece by piece under one clock: 1-1-1, 2-2-2. */
export function isPieceByPiece(group: readonly Pick<Slot, 'technique'>[]): boolean {
  return group.length > 1 && group.every(({ technique }) => alternatesByPiece(technique));
}

export type GroupKind = 'superset' | 'giant set' | 'circuit';

/** The name of a group: a superset for two slots; for more a giant set if one muscle, otherwise a circuit. */
export function groupKind(exercises: readonly Exercise[]): GroupKind | null {
  if (exercises.length < 2) return null;
  if (exercises.length === 2) return 'superset';
  const [first, ...others] = exercises.map(primeMovers);
  const shared = first?.some((muscle) => others.every((movers) => movers.includes(muscle)));
  return shared ? 'giant set' : 'circuit';
}
