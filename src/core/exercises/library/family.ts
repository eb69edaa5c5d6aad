import type { Exercise } from '../exercise';

type Facts = Omit<Exercise, 'id' | 'revision' | 'name'>;

/** What holds unless a family or an exercise says otherwise. */
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
 * Exercises that share a pattern share most of their facts: a family holds those, each exercise says what is its own.
 * @param shared what holds for the whole family
 * @returns makes one exercise of it from id, name and its own facts
 */
export function family<Shared extends Partial<Facts>>(shared: Shared) {
  type Open = Omit<Facts, keyof Shared | keyof typeof USUAL>;
  return (id: string, name: string, own: Open & Partial<Facts>): Exercise =>
    ({ id, revision: 1, name, ...USUAL, ...shared, ...own }) as Exercise;
}
