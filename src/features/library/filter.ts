import { contribution, type Exercise, type Joint, lacking, type Muscle, type Pattern } from '@/core';
import type { PlaceFilter } from './contract';

/** What the list is narrowed by; null narrows nothing. */
export interface Filter {
  readonly text: string;
  readonly muscle: Muscle | null;
  readonly pattern: Pattern | null;
  readonly place: PlaceFilter | null;
  /** A joint that the exercise must not stress. */
  readonly spare: Joint | null;
  readonly ownOnly: boolean;
}

export const EVERYTHING: Filter = {
  text: '',
  muscle: null,
  pattern: null,
  place: null,
  spare: null,
  ownOnly: false,
};

/** Exercises that match, those that train the wished muscle most first, names that begin with the text before others. */
export function filtered(
  list: readonly Exercise[],
  filter: Filter,
  isOwn: (exercise: Exercise) => boolean,
): readonly Exercise[] {
  const { muscle, pattern, place, spare, ownOnly } = filter;
  const words = filter.text.toLowerCase().split(/\s+/).filter(Boolean);
  const matches = list.filter((exercise) => {
    const text =
      `${exercise.name} ${exercise.pattern} ${exercise.equipment.join(' ')} ${exercise.variants.map(({ name }) => name).join(' ')}`.toLowerCase();
    return (
      words.every((word) => text.includes(word)) &&
      (muscle === null || contribution(exercise, muscle) > 0) &&
      (pattern === null || exercise.pattern === pattern) &&
      (place === null || lacking(exercise, place).length === 0) &&
      (spare === null || !exercise.joints.includes(spare)) &&
      (!ownOnly || isOwn(exercise))
    );
  });
  const begins = ({ name }: Exercise) =>
    Number(words.length > 0 && name.toLowerCase().startsWith(words[0] ?? ''));
  const share = (exercise: Exercise) => (muscle === null ? 0 : contribution(exercise, muscle));
  return [...matches].sort(
    (a, b) => share(b) - share(a) || begins(b) - begins(a) || a.name.localeCompare(b.name),
  );
}
