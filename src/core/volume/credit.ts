import type { Conventions } from '../conventions/conventions';

/** Credit of one set to a muscle, 0-1. */
export type CreditingSchool = (
  set: { readonly reps: number; readonly rir: number },
  contribution: number,
  conventions: Conventions,
) => number;

/** A working set is hard when it ends within the threshold of failure. */
export function isHard(rir: number, conventions: Conventions): boolean {
  return rir <= conventions.hardSetRir;
}

/** Schools of counting, each crediting a hard set its own way. */
export const CREDITING = {
  fractional: (set, contribution, conventions) => (isHard(set.rir, conventions) ? contribution : 0),
} as const satisfies Record<string, CreditingSchool>;

export const CREDITING_SCHOOLS = Object.keys(CREDITING) as (keyof typeof CREDITING)[];
