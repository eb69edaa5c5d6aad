import type { Muscle } from '../../anatomy/muscle';
import { type Exercise, primeMovers } from '../../exercises/exercise';
import type { Kept } from './lightening';

/** Slots of a session that a deload keeps, in order. */
export function keptSlots(
  slots: readonly { readonly id: string; readonly exercise: Exercise }[],
  kept: Kept,
): ReadonlySet<string> {
  switch (kept) {
    case 'all':
      return new Set(slots.map(({ id }) => id));
    case 'none':
      return new Set();
    case 'first compound of the session': {
      const first = slots.find(({ exercise }) => exercise.kind === 'compound');
      return new Set(first === undefined ? [] : [first.id]);
    }
    case 'first compound per muscle': {
      const seen = new Set<Muscle>();
      return new Set(
        slots.flatMap(({ id, exercise }) => {
          const fresh = primeMovers(exercise).filter((muscle) => !seen.has(muscle));
          if (exercise.kind !== 'compound' || fresh.length === 0) return [];
          for (const muscle of fresh) seen.add(muscle);
          return [id];
        }),
      );
    }
  }
}
