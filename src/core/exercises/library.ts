import type { Exercise } from './exercise';
import { ARMS } from './library/arms';
import { FLIES_AND_OVERHEAD } from './library/flies-and-overhead';
import { HINGES } from './library/hinges';
import { HIPS_AND_HAMSTRINGS } from './library/hips-and-hamstrings';
import { KNEES_AND_CALVES } from './library/knees-and-calves';
import { PRESSES } from './library/presses';
import { PULLS } from './library/pulls';
import { ROTATION } from './library/rotation';
import { ROWS } from './library/rows';
import { SHOULDERS } from './library/shoulders';
import { SKILLS_AND_HOLDS } from './library/skills';
import { SQUATS } from './library/squats';
import { TRUNK } from './library/trunk';

/** The exercises the product ships with. */
export const LIBRARY: readonly Exercise[] = [
  ...SQUATS,
  ...KNEES_AND_CALVES,
  ...HINGES,
  ...HIPS_AND_HAMSTRINGS,
  ...PRESSES,
  ...FLIES_AND_OVERHEAD,
  ...PULLS,
  ...ROWS,
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
