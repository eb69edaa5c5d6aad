import type { Exercise } from './exercise';
import { LOWER } from './library/lower';
import { PULL } from './library/pull';
import { PUSH } from './library/push';
import { TRUNK } from './library/trunk';

/** The exercises the product ships with. */
export const LIBRARY: readonly Exercise[] = [...LOWER, ...PUSH, ...PULL, ...TRUNK];

const byId = new Map(LIBRARY.map((exercise) => [exercise.id, exercise]));

/** The shipped exercise with this id, or undefined. */
export function exerciseById(id: string): Exercise | undefined {
  return byId.get(id);
}
