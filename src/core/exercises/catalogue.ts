import type { Contributions, Exercise } from './exercise';
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

/** What a coach changes of an exercise in place: its name, and for shipped ones the muscles it counts toward. */
export interface OwnFacts {
  readonly name?: string | undefined;
  readonly contributions?: Contributions | undefined;
}

/**
 * A coach's custom exercises and the shipped ones they changed, with the coach's names and shares.
 * @param own every revision of the custom exercises
 * @param facts the coach's changes by exercise id; they apply to every revision
 * @returns exercises for `catalogueWith`
 */
export function withOwnFacts(
  own: readonly Exercise[],
  facts: Readonly<Record<string, OwnFacts>>,
): readonly Exercise[] {
  const changed = (exercise: Exercise): Exercise => {
    const { name = exercise.name, contributions = exercise.contributions } = facts[exercise.id] ?? {};
    return { ...exercise, name, contributions };
  };
  return [...own.map(changed), ...LIBRARY.filter(({ id }) => facts[id] !== undefined).map(changed)];
}

/** An exercise's chain, easier to harder; empty if it has none. */
export function variationChain(exercise: Exercise, catalogue: Pick<Catalogue, 'list'>): readonly Exercise[] {
  const { chain } = exercise;
  if (chain === null) return [];
  return catalogue.list
    .filter((one) => one.chain?.name === chain.name)
    .sort((a, b) => (a.chain?.step ?? 0) - (b.chain?.step ?? 0));
}
