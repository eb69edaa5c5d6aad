import type { Exercise } from './exercise';
import { LIBRARY } from './library';
import type { ExerciseRef } from './lookup';
import { UNFILLED_EXERCISES } from './unfilled-exercise';

/** All exercises a coach can use: the shipped ones and their own, every revision of them. */
export interface Catalogue {
  /** Newest revisions, by name. */
  readonly list: readonly Exercise[];
  /** The revision that a block pins; undefined when nobody knows it. */
  readonly find: (ref: ExerciseRef) => Exercise | undefined;
  /** The newest revision; undefined when nobody knows the id. */
  readonly newest: (id: string) => Exercise | undefined;
}

/**
 * The shipped library with a coach's own exercises.
 * @param own every revision of the coach's exercises, in any order; one with the id and revision of a shipped exercise
 *   takes its place
 */
export function catalogueWith(own: readonly Exercise[]): Catalogue {
  const byRevision = new Map<string, Exercise>();
  const newest = new Map<string, Exercise>();
  const unfilled = new Map<string, Exercise>();
  for (const exercise of UNFILLED_EXERCISES) {
    byRevision.set(`${exercise.id}@${exercise.revision}`, exercise);
    unfilled.set(exercise.id, exercise);
  }
  for (const exercise of [...LIBRARY, ...own]) {
    byRevision.set(`${exercise.id}@${exercise.revision}`, exercise);
    if ((newest.get(exercise.id)?.revision ?? 0) <= exercise.revision) newest.set(exercise.id, exercise);
  }
  const list = [...newest.values()].sort((a, b) => a.name.localeCompare(b.name));
  return {
    list,
    find: (ref) => byRevision.get(`${ref.id}@${ref.revision}`),
    newest: (id) => newest.get(id) ?? unfilled.get(id),
  };
}

/**
 * A coach's own exercises and the shipped ones they have renamed, under the coach's names.
 * @param own every revision of the coach's exercises
 * @param names the coach's names by exercise id; they hold for every revision
 * @returns exercises for `catalogueWith`
 */
export function withNames(
  own: readonly Exercise[],
  names: Readonly<Record<string, string>>,
): readonly Exercise[] {
  const named = (exercise: Exercise): Exercise => {
    const name = names[exercise.id];
    return name === undefined ? exercise : { ...exercise, name };
  };
  return [...own.map(named), ...LIBRARY.filter(({ id }) => names[id] !== undefined).map(named)];
}

/** The chain an exercise stands in, easier to harder; empty when it stands in none. */
export function chainOf(exercise: Exercise, catalogue: Pick<Catalogue, 'list'>): readonly Exercise[] {
  const { chain } = exercise;
  if (chain === null) return [];
  return catalogue.list
    .filter((one) => one.chain?.name === chain.name)
    .sort((a, b) => (a.chain?.step ?? 0) - (b.chain?.step ?? 0));
}
