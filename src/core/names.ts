/** Names used only by search. Not part of `index.ts`, so that screens load them when somebody searches. */
import type { Exercise } from './exercises/exercise';
import { exerciseById } from './exercises/library';
import { describedAs } from './exercises/library/described-as';
import { everydayNames } from './exercises/library/everyday-names';

export { describedAs, everydayNames };

/** All search names of an exercise: everyday ones, its description, and the shipped name if a coach renamed it. */
export function searchNames({ id, name }: Pick<Exercise, 'id' | 'name'>): readonly string[] {
  const shipped = exerciseById(id)?.name;
  const described = describedAs(id);
  return [
    ...everydayNames(id),
    ...(described === undefined ? [] : [described]),
    ...(shipped === undefined || shipped === name ? [] : [shipped]),
  ];
}
