import { MUSCLES, type Muscle } from '../anatomy/muscle';
import type { Hardest } from '../exercises/exercise';
import { type SeenSlot, sessionsOf } from '../findings/cycle';
import type { CheckInput } from '../findings/finding';
import { innerTechnique } from '../techniques/registry';

/** Weekly sets that load a muscle most when stretched, in mid-range, and when short. */
export type RangeCoverage = Readonly<Record<Hardest, number>>;

/** Where a slot loads its muscles most: in the half it uses or ends with, otherwise where the exercise is hardest. */
export function loadsMost({ slot, exercise }: Pick<SeenSlot, 'slot' | 'exercise'>): Hardest {
  const ofHalf = ({ manner }: { readonly manner: string }) => manner === 'long half';
  const isHalf = innerTechnique(slot.technique).kind === 'lengthened partials';
  const halves = slot.sets.some((set) => ofHalf(set) || set.sections.some(ofHalf));
  if (slot.motion === 'long half' || isHalf || halves) return 'stretched';
  if (slot.motion === 'short half') return 'shortened';
  if (slot.motion === 'middle') return 'middle';
  // Without its hardest end a lift is hardest in the middle.
  const end = exercise.longHalf === 'top' ? 'without the top' : 'without the bottom';
  const other = end === 'without the top' ? 'without the bottom' : 'without the top';
  if (exercise.hardest === 'stretched' && slot.motion === end) return 'middle';
  if (exercise.hardest === 'shortened' && slot.motion === other) return 'middle';
  return exercise.hardest;
}

/**
 * The part of the range over which each muscle is loaded in a week, by its direct counted sets with movement; muscles
 * without any are left out.
 */
export function rangeCoverage(input: CheckInput): ReadonlyMap<Muscle, RangeCoverage> {
  const perWeek = 7 / input.block.cycleDays;
  const sums = new Map<Muscle, Record<Hardest, number>>();
  for (const seen of sessionsOf(input).flatMap(({ slots }) => slots)) {
    const { exercise, hard } = seen;
    if (hard === 0 || exercise.measure === 'seconds') continue;
    const part = loadsMost(seen);
    for (const muscle of MUSCLES) {
      if (exercise.contributions[muscle] !== 1) continue;
      const sum = sums.get(muscle) ?? { stretched: 0, middle: 0, shortened: 0 };
      sum[part] += hard * perWeek;
      sums.set(muscle, sum);
    }
  }
  return sums;
}
