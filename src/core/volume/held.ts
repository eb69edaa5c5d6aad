import type { Conventions } from '../conventions/conventions';
import { isAtLeast, isAtMost } from '../rounding';

type Held = Pick<Conventions, 'heldShare' | 'heldSets'>;

/** Whether a held muscle gets far more than its hold: more than half of it again, and two weekly sets at least. */
export function isFarAboveHold(sets: number, hold: number, { heldShare, heldSets }: Held): boolean {
  return !isAtMost(sets, hold * (1 + heldShare / 100)) && isAtLeast(sets - hold, heldSets);
}

/** Less than any set counts for. */
const HAIR = 0.01;

/** Most weekly sets with which a held muscle is not far above its hold. */
export function heldMost(hold: number, { heldShare, heldSets }: Held): number {
  return Math.max(hold * (1 + heldShare / 100), hold + heldSets - HAIR);
}
