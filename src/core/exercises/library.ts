import type { Exercise } from './exercise';
import { ARMS } from './library/arms';
import { HINGES } from './library/hinges';
import { PRESSES } from './library/presses';
import { PULLS } from './library/pulls';
import { ROTATION } from './library/rotation';
import { SHOULDERS } from './library/shoulders';
import { SKILLS_AND_HOLDS } from './library/skills';
import { SQUATS } from './library/squats';
import { TRUNK } from './library/trunk';

/** The exercises the product ships with. */
export const LIBRARY: readonly Exercise[] = [
  ...SQUATS,
  ...HINGES,
  ...PRESSES,
  ...PULLS,
  ...SHOULDERS,
  ...ARMS,
  ...TRUNK,
  ...ROTATION,
  ...SKILLS_AND_HOLDS,
];

const byId = new Map(LIBRARY.map((exercise) => [exercise.id, exercise]));

/** The shipped exercise with this id, or undefined. */
export function exerciseById(id: string): Exercise | undefined {
  return byId.get(id);
}
