import type { Exercise } from './exercise';
import { LIBRARY } from './library';
import type { ExerciseRef } from './lookup';
import { UNFILLED_EXERCISES } from './unfilled-exercise';

/** All exercises a coach can use: shipped and custom ones, in every revision. */
export interface Catalogue {
  /** Newest revisions, by name. */
  readonly list: readonly Exercise[];
  /** The revision pinned by a block; undefined if it does not exist. */
  readonly find: (ref: ExerciseRef) => Exercise | undefined;
  /** The newest revision; undefined if the id does not exist. */
  readonly newest: (id: string) => Exercise | undefined;
}

/**
 * The shipped library with a coach's custom exercises.
 * @param own every revision of the custom exercises, in any order; one with a shipped exercise's id and revision
 * replaces it
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
 * A coach's custom exercises and the shipped ones they renamed, under the coach's names.
 * @param own every revision of the custom exercises
 * @param names the coach's names by exercise id; they apply to every revision
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

/** An exercise's chain, easier to harder; empty if it has none. */
export function variationChain(exercise: Exercise, catalogue: Pick<Catalogue, 'list'>): readonly Exercise[] {
  const { chain } = exercise;
  if (chain === null) return [];
  return catalogue.list
    .filter((one) => one.chain?.name === chain.name)
    .sort((a, b) => (a.chain?.step ?? 0) - (b.chain?.step ?? 0));
}
