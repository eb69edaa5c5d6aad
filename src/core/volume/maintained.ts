import type { Conventions } from '../conventions/conventions';
import { isAtLeast, isAtMost } from '../rounding';

type Held = Pick<Conventions, 'heldShare' | 'heldSets'>;

/**
 * Whether a maintained muscle gets far more than maintenance: over half as much again, and at least two weekly sets.
 */
export function isFarAboveHold(sets: number, hold: number, { heldShare, heldSets }: Held): boolean {
  return !isAtMost(sets, hold * (1 + heldShare / 100)) && isAtLeast(sets - hold, heldSets);
}

/** Smaller than any set's credit. */
const HAIR = 0.01;

/** Most weekly sets that are not far above maintenance. */
export function mostWhileMaintained(hold: number, { heldShare, heldSets }: Held): number {
  return Math.max(hold * (1 + heldShare / 100), hold + heldSets - HAIR);
}
