import { type Motion, RESTRICTED } from '../block/block';
import type { Conventions } from '../conventions/conventions';
import type { SetPlan } from '../plan/set';
import type { SlotPlan } from '../plan/slot';
import type { Manner } from '../techniques/technique';

const HALVES: ReadonlySet<Motion | Manner> = new Set<Motion | Manner>([
  'long half',
  'short half',
  'middle',
  ...RESTRICTED,
]);

/** Fraction of the range that reps use: 1 for full ones, a half for any part of it. */
export function rangeFraction(
  motion: Motion,
  manner: Manner,
  { halfRange }: Pick<Conventions, 'halfRange'>,
): number {
  return HALVES.has(motion) || HALVES.has(manner) ? halfRange : 1;
}

/**
 * Work of a set: load as moved x reps x range fraction, so that heavier half reps do not look like progress. In the
 * slot's unit times reps; 0 for unknown loads and holds.
 */
export function setWork(
  set: Pick<SetPlan, 'load' | 'reps' | 'manner' | 'sections'>,
  { motion, carried, measure }: Pick<SlotPlan, 'motion' | 'carried' | 'measure'>,
  conventions: Pick<Conventions, 'halfRange'>,
): number {
  if (set.load === null || measure === 'seconds') return 0;
  const reps = [{ manner: set.manner, reps: set.reps }, ...set.sections];
  const done = reps.reduce((sum, one) => sum + one.reps * rangeFraction(motion, one.manner, conventions), 0);
  return (carried + set.load) * done;
}
