import { contribution, type Exercise, type Joint, type Muscle, missingEquipment, type Pattern } from '@/core';
import { findNamed } from '@/ui/search-by-name';
import type { SearchParts } from '@/ui/use-search-parts';
import type { PlaceFilter } from './contract';

/** The filters; null does not filter. */
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

/** Matching exercises: those that train the chosen muscle most first, otherwise by text match. */
export function filtered(
  list: readonly Exercise[],
  filter: Filter,
  isOwn: (exercise: Exercise) => boolean,
  parts: SearchParts | null,
): readonly Exercise[] {
  const { text, muscle, pattern, place, spare, ownOnly } = filter;
  const matches = list.filter(
    (exercise) =>
      (muscle === null || contribution(exercise, muscle) > 0) &&
      (pattern === null || exercise.pattern === pattern) &&
      (place === null || missingEquipment(exercise, place).length === 0) &&
      (spare === null || !exercise.joints.includes(spare)) &&
      (!ownOnly || isOwn(exercise)),
  );
  const share = (exercise: Exercise) => (muscle === null ? 0 : contribution(exercise, muscle));
  const named = [...matches]
    .sort((a, b) => share(b) - share(a) || a.name.localeCompare(b.name))
    .map((exercise) => ({
      exercise,
      label: exercise.name,
      names: parts?.searchNames(exercise) ?? [],
      facts: `${exercise.pattern} ${exercise.equipment.join(' ')} ${exercise.variants.map(({ name }) => name).join(' ')}`,
    }));
  return findNamed(named, text, parts?.near ?? null).map(({ item }) => item.exercise);
}
