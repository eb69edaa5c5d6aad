import type { Conventions } from '../conventions/conventions';

/** Weekly sets up to which a held muscle is not far above its hold: half as many more, and two at least. */
export function heldMost(
  hold: number,
  { heldShare, heldSets }: Pick<Conventions, 'heldShare' | 'heldSets'>,
): number {
  return Math.max(hold * (1 + heldShare / 100), hold + heldSets);
}
