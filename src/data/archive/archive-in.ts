import { createHash, randomUUID } from 'node:crypto';
import { chunk, isEqual } from 'es-toolkit';
import { type Model, type ModelStatic, Op, type Transaction } from 'sequelize';
import { type Exercise, type OwnFacts, type Problem, safeJson, unfold } from '@/core';
import { encodeBlock } from '@/core/codecs';
import type { ArchivedAthlete } from '@/formats/archive/athlete-file';
import { athleteProblems } from '@/formats/archive/athlete-problems';
import type { AccountFile, TemplateFile } from '@/formats/archive/files';
import { type Asker, ownRows } from '../asker';
import { transact } from '../database';
import { models } from '../models/models';
import { refreshCalls } from '../repositories/calls';
import { exerciseFrom } from '../repositories/own-exercises';
import { addOwnFacts } from '../repositories/own-facts';
import { exerciseLookup, findTraining } from '../repositories/training';
import { ROWS, writeAthlete } from './write-rows';

type TakenIn =
  | {
      readonly status: 'taken in';
      readonly athleteId: string;
      readonly name: string;
      readonly isCopy: boolean;
    }
  | { readonly status: 'refused'; readonly problems: readonly Problem[] };

/** Rolls back the transaction: nothing of a file is kept. */
export class Refused extends Error {
  constructor(readonly problems: readonly Problem[]) {
    super('refused');
  }
}

/**
 * Imports an athlete from a file, everything or nothing. Ids stay if they are free; if any is taken, by anybody, the
 * athlete is added under new ids.
 */
export async function importAthlete(asker: Asker, file: ArchivedAthlete, now: Date): Promise<TakenIn> {
  return inTransaction(asker, now, async (transaction) => {
    const { athleteId, name, isCopy, blocks } = await athleteWithin(asker, file, now, transaction);
    return { outcome: { status: 'taken in' as const, athleteId, name, isCopy }, blocks };
  });
}

type AccountTakenIn =
  | {
      readonly status: 'taken in';
      readonly athletes: number;
      readonly templates: number;
      readonly exercises: number;
    }
  | Extract<TakenIn, { status: 'refused' }>;

/**
 * Imports everything from a coach's file beside existing data, or nothing: exercises, templates, athletes with
 * everything. The coach's own name, address and rules, and exercises they changed already, stay as they are.
 */
export async function importAccount(asker: Asker, file: AccountFile, now: Date): Promise<AccountTakenIn> {
  return inTransaction(asker, now, async (transaction) => {
    const { added } = await storeExercises(asker, file.exercises, now, transaction);
    await addOwnFacts(asker, factsIn(file), transaction);
    for (const template of file.templates) await templateWithin(asker, template, now, transaction);
    const blocks: string[] = [];
    for (const [at, athlete] of file.athletes.entries()) {
      const taken = await athleteWithin(asker, athlete, now, transaction, `athletes/${at}/`);
      blocks.push(...taken.blocks);
    }
    const { athletes, templates } = file;
    return {
      outcome: {
        status: 'taken in' as const,
        athletes: athletes.length,
        templates: templates.length,
        exercises: added,
      },
      blocks,
    };
  });
}

/** Runs an import in a transaction that may be refused, and updates blocks afterwards. */
export async function inTransaction<T>(
  asker: Asker,
  now: Date,
  work: (transaction: Transaction) => Promise<{ readonly outcome: T; readonly blocks: readonly string[] }>,
): Promise<T | Extract<TakenIn, { status: 'refused' }>> {
  try {
    const { outcome, blocks } = await transact(work);
    for (const block of blocks) await refreshCalls(asker, block, now);
    return outcome;
  } catch (error) {
    if (error instanceof Refused) return { status: 'refused', problems: error.problems };
    if (isRejectedValue(error))
      return {
        status: 'refused',
        problems: [{ code: 'malformed', path: '', detail: 'has values that cannot be saved' }],
      };
    throw error;
  }
}

async function athleteWithin(
  asker: Asker,
  file: ArchivedAthlete,
  now: Date,
  transaction: Transaction,
  path = '',
) {
  const problems = athleteProblems(file);
  if (problems.length > 0)
    throw new Refused(problems.map((problem) => ({ ...problem, path: `${path}${problem.path}` })));
  const named = await withExercises(asker, file, now, transaction);
  // An athlete being deleted gives up their place.
  const leaving = ownRows(asker, { id: named.athlete.id, eraseAt: { [Op.ne]: null } });
  await models().athletes.destroy({ where: leaving, transaction });
  const isCopy = await isTaken(named, transaction);
  const seed = randomUUID();
  const id = (old: string) =>
    isCopy ? createHash('sha256').update(`${seed} ${old}`).digest('hex').slice(0, 32) : old;
  const athlete = {
    ...named.athlete,
    id: id(named.athlete.id),
    name: isCopy ? `${named.athlete.name} (copy)`.slice(0, 200) : named.athlete.name,
    lessons: named.athlete.lessons.map((lesson) => ({ ...lesson, blockId: id(lesson.blockId) })),
  };
  await writeAthlete({ asker, id, athleteId: athlete.id, now, transaction }, { ...named, athlete });
  const blocks = named.blocks.map((block) => id(block.id));
  await tryOut(asker, blocks, transaction, path);
  return { athleteId: athlete.id, name: athlete.name, isCopy, blocks };
}

/** Imports exercises of a file. @returns how many were new */
export async function importLibrary(
  asker: Asker,
  exercises: readonly Exercise[],
  now: Date,
): Promise<number> {
  return transact(async (transaction) => (await storeExercises(asker, exercises, now, transaction)).added);
}

/** Imports a template of a file, with the custom exercises it uses. */
export async function importTemplate(
  asker: Asker,
  template: Omit<TemplateFile, 'format' | 'version'>,
  now: Date,
): Promise<void> {
  await transact((transaction) => templateWithin(asker, template, now, transaction));
}

async function templateWithin(
  asker: Asker,
  template: Omit<TemplateFile, 'format' | 'version'>,
  now: Date,
  transaction: Transaction,
): Promise<void> {
  const { names } = await storeExercises(asker, template.exercises, now, transaction);
  const { name, design, prerequisites } = renamed(template, names);
  await models().templates.create(
    {
      id: randomUUID(),
      coachId: asker.coachId,
      name,
      document: encodeBlock(design),
      prerequisites: safeJson(prerequisites),
      createdAt: now,
      shared: false,
    },
    { transaction },
  );
}

/** Whether the database rejected a value for its column: too long, or out of range. */
function isRejectedValue(error: unknown): boolean {
  const code = (error as { parent?: { code?: string } }).parent?.code ?? '';
  return /^ER_(DATA_TOO_LONG|WARN_DATA_OUT_OF_RANGE|TRUNCATED_WRONG_VALUE.*|INVALID_CHARACTER_STRING)$/.test(
    code,
  );
}

/** The file with its custom exercises stored, under the ids they have here. */
async function withExercises(
  asker: Asker,
  file: ArchivedAthlete,
  now: Date,
  transaction: Transaction,
): Promise<ArchivedAthlete> {
  const { names } = await storeExercises(asker, file.exercises, now, transaction);
  return renamed(file, names);
}

/**
 * Stores new exercises. One whose id belongs to another coach, or has other facts here, gets another id.
 * @returns the changed ids, and how many revisions were added
 */
async function storeExercises(
  { coachId }: Asker,
  exercises: readonly Exercise[],
  now: Date,
  transaction: Transaction,
): Promise<{ readonly names: ReadonlyMap<string, string>; readonly added: number }> {
  const ids = [...new Set(exercises.map(({ id }) => id))];
  const rows = await models().exercises.findAll({ where: { id: ids }, transaction });
  const known = rows.map((row) => row.get());
  const isOther = (exercise: Exercise) =>
    known.some(
      (row) =>
        row.id === exercise.id &&
        (row.coachId !== coachId ||
          (row.revision === exercise.revision && !isEqual(exerciseFrom(row.facts), exercise))),
    );
  const names = new Map(
    ids
      .filter((id) => exercises.some((one) => one.id === id && isOther(one)))
      .map((id) => [id, randomUUID().slice(0, 12)]),
  );
  const isThere = ({ id, revision }: Exercise) =>
    known.some((row) => row.id === id && row.revision === revision && row.coachId === coachId);
  const fresh = exercises
    .filter((one) => names.has(one.id) || !isThere(one))
    .map((one) => renamed(one, names));
  await models().exercises.bulkCreate(
    fresh.map((exercise) => ({
      id: exercise.id,
      revision: exercise.revision,
      coachId,
      facts: safeJson(exercise),
      createdAt: now,
      shared: false,
    })),
    { transaction },
  );
  return { names, added: fresh.length };
}

/** The same value with ids replaced, wherever they are values or keys. */
function renamed<T>(value: T, names: ReadonlyMap<string, string>): T {
  if (names.size === 0) return value;
  const walk = (one: unknown): unknown => {
    if (typeof one === 'string') return names.get(one) ?? one;
    if (Array.isArray(one)) return one.map(walk);
    if (one === null || typeof one !== 'object') return one;
    return Object.fromEntries(Object.entries(one).map(([key, of]) => [names.get(key) ?? key, walk(of)]));
  };
  return walk(value) as T;
}

/** Whether any of a file's ids exists in the database, for any coach. */
async function isTaken(file: ArchivedAthlete, transaction: Transaction): Promise<boolean> {
  const { athletes, blocks, issued, workouts, sets, soreness, ramps, measurements, checkIns } = models();
  const done = file.blocks.flatMap((block) => block.workouts);
  const ids: readonly (readonly [ModelStatic<Model>, readonly string[]])[] = [
    [athletes, [file.athlete.id]],
    [blocks, file.blocks.map(({ id }) => id)],
    [issued, file.blocks.flatMap(({ weeks }) => weeks.map(({ handedOut }) => handedOut.id))],
    [workouts, done.map(({ id }) => id)],
    [sets, done.flatMap((one) => one.sets.map(({ id }) => id))],
    [soreness, done.flatMap((one) => one.soreness.map(({ id }) => id))],
    [ramps, done.flatMap((one) => one.ramps.map(({ id }) => id))],
    [measurements, file.measurements.map(({ id }) => id)],
    [checkIns, file.checkIns.map(({ checkIn }) => checkIn.id)],
  ];
  for (const [table, all] of ids)
    for (const some of chunk(all, ROWS))
      if ((await table.count({ where: { id: some }, transaction })) > 0) return true;
  return false;
}

/** Reads back what was written and plans it, so that nothing is imported that a page cannot show. */
export async function tryOut(
  asker: Asker,
  blocks: readonly string[],
  transaction: Transaction,
  path = '',
): Promise<void> {
  for (const [at, block] of blocks.entries()) {
    const training = await findTraining(asker, block, transaction);
    try {
      if (training === undefined) throw new TypeError('gone');
      unfold({ ...training, exercises: exerciseLookup(training) });
    } catch (error) {
      if (!(error instanceof TypeError || error instanceof RangeError)) throw error;
      throw new Refused([
        {
          code: 'malformed',
          path: `${path}blocks/${at}`,
          detail: 'cannot be planned from the data in the file',
        },
      ]);
    }
  }
}

/** The names and shares of exercises in a coach's file, by exercise id. */
function factsIn({
  exerciseNames = {},
  exerciseShares = {},
}: Pick<AccountFile, 'exerciseNames' | 'exerciseShares'>): Readonly<Record<string, OwnFacts>> {
  const ids = new Set([...Object.keys(exerciseNames), ...Object.keys(exerciseShares)]);
  return Object.fromEntries(
    [...ids].map((id) => [id, { name: exerciseNames[id], contributions: exerciseShares[id] }]),
  );
}
