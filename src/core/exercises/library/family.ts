import type { Exercise } from '../exercise';

type Facts = Omit<Exercise, 'id' | 'revision' | 'name'>;

/** Defaults for all families and exercises. */
const USUAL = {
  measure: 'reps',
  bodyweightShare: 0,
  sides: 1,
  axialLoad: 0,
  failableAlone: true,
  variants: [],
  chain: null,
  skill: null,
} as const satisfies Partial<Facts>;

/**
 * Exercises of one pattern share most facts: a family has those, and each exercise only its own.
 * @param shared facts of the whole family
 * @returns a function that makes an exercise from its id, name and own facts
 */
export function family<Shared extends Partial<Facts>>(shared: Shared) {
  type Open = Omit<Facts, keyof Shared | keyof typeof USUAL>;
  return (id: string, name: string, own: Open & Partial<Facts>): Exercise =>
    ({ id, revision: 1, name, ...USUAL, ...shared, ...own }) as Exercise;
}
