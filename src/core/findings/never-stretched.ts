import { MUSCLES, type Muscle } from '../anatomy/muscle';
import { primeMovers } from '../exercises/exercise';
import { insideOf } from '../techniques/registry';
import { type SeenSlot, sessionsOf } from './cycle';
import type { Check } from './finding';

/** Whether a slot loads its muscles long: hardest stretched, or done or ended in the long half. */
function isLong({ slot, exercise }: SeenSlot): boolean {
  if (exercise.hardest === 'stretched' || slot.motion === 'long half') return true;
  const isHalf = insideOf(slot.technique).kind === 'lengthened partials';
  return isHalf || slot.sets.some(({ sections }) => sections.some(({ manner }) => manner === 'long half'));
}

/** Growing muscles whose direct work is never hardest, nor ever half done, where they are long; one finding for all. */
export const neverStretched: Check = (input) => {
  const direct = new Set<Muscle>();
  const long = new Set<Muscle>();
  for (const seen of sessionsOf(input).flatMap(({ slots }) => slots)) {
    if (seen.hard === 0 || seen.exercise.measure === 'seconds') continue;
    for (const muscle of primeMovers(seen.exercise)) {
      direct.add(muscle);
      if (isLong(seen)) long.add(muscle);
    }
  }
  const never = MUSCLES.filter(
    (muscle) => direct.has(muscle) && !long.has(muscle) && input.week.muscles[muscle].goal !== 'hold',
  );
  const [first] = never;
  if (first === undefined) return [];
  return [
    {
      id: `never-stretched/${never.join(',')}`,
      severity: 'note',
      subject: { muscle: first },
      detail: { rule: 'never stretched', muscles: never },
      fixes: [],
    },
  ];
};
