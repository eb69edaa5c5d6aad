import { createHash, randomUUID } from 'node:crypto';
import { chunk, isEqual } from 'es-toolkit';
import type { Model, ModelStatic, Transaction } from 'sequelize';
import { type Exercise, outlineOf, type Problem, toldOf, unfold } from '@/core';
import { encodeBlock } from '@/core/codecs';
import type { ArchivedAthlete, ArchivedBlock, ArchivedWorkout } from '@/formats/archive/athlete-file';
import { athleteProblems } from '@/formats/archive/athlete-problems';
import type { TemplateFile } from '@/formats/archive/files';
import type { Asker } from '../asker';
import { transact } from '../database';
import { models } from '../models/models';
import { refreshCalls } from '../repositories/calls';
import { workoutId } from '../repositories/logging';
import { exerciseFrom } from '../repositories/own-exercises';
import { factsOf } from '../repositories/stored-athlete';
import { exerciseLookup, findTraining } from '../repositories/training';

/** Rows that one statement writes. */
const ROWS = 500;

type TakenIn =
  | {
      readonly status: 'taken in';
      readonly athleteId: string;
      readonly name: string;
      readonly isCopy: boolean;
    }
  | { readonly status: 'refused'; readonly problems: readonly Problem[] };

/** Ends the transaction: of what a file holds nothing stays. */
class Refused extends Error {
  constructor(readonly problems: readonly Problem[]) {
    super('refused');
  }
}

/**
 * Takes an athlete in from a file, with everything or not at all. Ids stay as they are where they are free; where any of
 * them is taken, by whomever, the athlete comes in beside, under ids of their own.
 */
export async function takeInAthlete(asker: Asker, file: ArchivedAthlete, now: Date): Promise<TakenIn> {
  const problems = athleteProblems(file);
  if (problems.length > 0) return { status: 'refused', problems };
  try {
    const taken = await transact(async (transaction) => {
      const named = await withExercises(asker, file, now, transaction);
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
      await write({ asker, id, athleteId: athlete.id, now, transaction }, { ...named, athlete });
      await tryOut(
        asker,
        named.blocks.map((block) => id(block.id)),
        transaction,
      );
      return {
        athleteId: athlete.id,
        name: athlete.name,
        isCopy,
        blocks: named.blocks.map((one) => id(one.id)),
      };
    });
    for (const block of taken.blocks) await refreshCalls(asker, block, now);
    const { athleteId, name, isCopy } = taken;
    return { status: 'taken in', athleteId, name, isCopy };
  } catch (error) {
    if (error instanceof Refused) return { status: 'refused', problems: error.problems };
    throw error;
  }
}

/** Takes in exercises of a file. @returns how many were not there yet */
export async function takeInLibrary(
  asker: Asker,
  exercises: readonly Exercise[],
  now: Date,
): Promise<number> {
  return transact(async (transaction) => (await keepExercises(asker, exercises, now, transaction)).added);
}

/** Takes in a template of a file, with the own exercises that stand in it. */
export async function takeInTemplate(
  asker: Asker,
  template: Omit<TemplateFile, 'format' | 'version'>,
  now: Date,
) {
  await transact(async (transaction) => {
    const { names } = await keepExercises(asker, template.exercises, now, transaction);
    const { name, design, prerequisites } = renamed(template, names);
    await models().templates.create(
      {
        id: randomUUID(),
        coachId: asker.coachId,
        name,
        document: encodeBlock(design),
        prerequisites: JSON.stringify(prerequisites),
        createdAt: now,
      },
      { transaction },
    );
  });
}

/** The file with its own exercises kept, by the ids they have here. */
async function withExercises(
  asker: Asker,
  file: ArchivedAthlete,
  now: Date,
  transaction: Transaction,
): Promise<ArchivedAthlete> {
  const { names } = await keepExercises(asker, file.exercises, now, transaction);
  return renamed(file, names);
}

/**
 * Keeps exercises that are not there yet. One whose id is another coach's, or stands here with other facts, gets another id.
 * @returns the ids that changed, and how many revisions were added
 */
async function keepExercises(
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
      facts: JSON.stringify(exercise),
      createdAt: now,
    })),
    { transaction },
  );
  return { names, added: fresh.length };
}

/** The same value with ids in the place of others, wherever they stand alone or name an entry. */
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

/** Whether any of a file's ids stands in the database, whoever's it is. */
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

interface Writing {
  readonly asker: Asker;
  /** The id under which something comes in. */
  readonly id: (old: string) => string;
  readonly athleteId: string;
  readonly now: Date;
  readonly transaction: Transaction;
}

const date = (text: string) => new Date(text);
const dateOf = (text: string | null) => (text === null ? null : new Date(text));

async function insert<Row extends object>(
  table: ModelStatic<Model<Row, Row>>,
  rows: readonly Row[],
  transaction: Transaction,
): Promise<void> {
  for (const some of chunk(rows, ROWS)) await table.bulkCreate(some as never, { transaction });
}

async function write(writing: Writing, file: ArchivedAthlete): Promise<void> {
  const { asker, id, athleteId, transaction } = writing;
  const { coachId } = asker;
  const { athletes, measurements, checkIns } = models();
  const { athlete, archivedAt } = file;
  await athletes.create(
    {
      id: athleteId,
      coachId,
      name: athlete.name,
      facts: factsOf(athlete),
      revision: 0,
      archivedAt: dateOf(archivedAt),
    },
    { transaction },
  );
  await insert(
    measurements,
    file.measurements.map(({ id: old, date: localDate, at, ...one }) => ({
      ...one,
      id: id(old),
      coachId,
      athleteId,
      localDate,
      at: date(at),
    })),
    transaction,
  );
  await insert(
    checkIns,
    file.checkIns.map(({ checkIn: { id: old, date: localDate, ...answers }, receivedAt }) => ({
      id: id(old),
      coachId,
      athleteId,
      localDate,
      answers: JSON.stringify(answers),
      receivedAt: date(receivedAt),
    })),
    transaction,
  );
  for (const block of file.blocks) await writeBlock(writing, block);
}

async function writeBlock(writing: Writing, block: ArchivedBlock): Promise<void> {
  const { asker, id, athleteId, transaction } = writing;
  const { coachId } = asker;
  const { blocks, revisions, issued, workouts, calls } = models();
  const blockId = id(block.id);
  await blocks.create(
    {
      id: blockId,
      coachId,
      athleteId,
      revision: block.revision,
      document: encodeBlock(block.document),
      createdAt: date(block.createdAt),
      updatedAt: date(block.updatedAt),
      archivedAt: dateOf(block.archivedAt),
      deletedAt: null,
    },
    { transaction },
  );
  await insert(
    revisions,
    block.steps.map(({ edit, inverse, document, at, ...step }) => ({
      ...step,
      blockId,
      coachId,
      edit: JSON.stringify(edit),
      inverse: JSON.stringify(inverse),
      document: document === null ? null : encodeBlock(document),
      at: date(at),
    })),
    transaction,
  );
  await insert(
    issued,
    block.weeks.map(({ handedOut, issuedAt, openedAt, line, version, closedAt }) => {
      const week = { ...handedOut, id: id(handedOut.id) };
      return {
        id: week.id,
        coachId,
        blockId,
        week: week.week,
        kind: week.plan.kind,
        snapshot: JSON.stringify(week),
        outline: JSON.stringify(outlineOf(week.plan)),
        issuedAt: date(issuedAt),
        recalledAt: null,
        openedAt: dateOf(openedAt),
        line,
        version,
        closedAt: dateOf(closedAt),
      };
    }),
    transaction,
  );
  await insert(
    workouts,
    block.workouts.map((workout) => ({
      id: workoutHere(writing, workout),
      coachId,
      blockId,
      issuedWeekId: id(workout.weekId),
      week: workout.week,
      sessionId: workout.sessionId,
      localDate: workout.date,
      lastSetAt: dateOf(workout.lastSetAt),
      finishedAt: dateOf(workout.finishedAt),
      notes: JSON.stringify(workout.notes),
      rescue: toldOf(workout.notes).readiness?.rescue ?? null,
      hurtAt: dateOf(workout.hurtAt),
      hurtSeenAt: dateOf(workout.hurtSeenAt),
    })),
    transaction,
  );
  await writeLog(writing, block.workouts);
  await insert(
    calls,
    block.calls.map(({ proposal, choice, createdAt, answeredAt, ...call }) => ({
      ...call,
      blockId,
      coachId,
      athleteId,
      proposal: JSON.stringify(proposal),
      choice: choice === null ? null : JSON.stringify(choice),
      createdAt: date(createdAt),
      answeredAt: dateOf(answeredAt),
    })),
    transaction,
  );
}

/** A workout's id derives from the issued session. */
function workoutHere({ id }: Writing, { weekId, sessionId }: ArchivedWorkout): string {
  return workoutId({ issuedWeekId: id(weekId), sessionId });
}

async function writeLog(writing: Writing, workouts: ArchivedBlock['workouts']): Promise<void> {
  const { asker, id, transaction } = writing;
  const { sets, soreness, ramps } = models();
  const all = workouts.map((workout) => ({
    ...workout,
    head: { coachId: asker.coachId, workoutId: workoutHere(writing, workout) },
  }));
  await insert(
    sets,
    all.flatMap(({ head, sets: list }) =>
      list.map(({ load, at, receivedAt, more, supersedes, ...set }) => ({
        ...set,
        ...head,
        id: id(set.id),
        loadValue: load.value,
        loadUnit: load.unit,
        more: more === null ? null : JSON.stringify(more),
        doneAt: date(at),
        receivedAt: date(receivedAt),
        supersedes: supersedes === null ? null : id(supersedes),
      })),
    ),
    transaction,
  );
  await insert(
    soreness,
    all.flatMap(({ head, soreness: list }) =>
      list.map(({ ended, at, ...report }) => ({
        ...report,
        ...head,
        id: id(report.id),
        soreness: ended,
        at: date(at),
      })),
    ),
    transaction,
  );
  await insert(
    ramps,
    all.flatMap(({ head, ramps: list }) =>
      list.map(({ at, ...report }) => ({ ...report, ...head, id: id(report.id), at: date(at) })),
    ),
    transaction,
  );
}

/** Reads back what was written and plans it, so that nothing comes in that a page cannot show. */
async function tryOut(asker: Asker, blocks: readonly string[], transaction: Transaction): Promise<void> {
  for (const [at, block] of blocks.entries()) {
    const training = await findTraining(asker, block, transaction);
    try {
      if (training === undefined) throw new TypeError('gone');
      unfold({ ...training, exercises: exerciseLookup(training) });
    } catch (error) {
      if (!(error instanceof TypeError || error instanceof RangeError)) throw error;
      throw new Refused([
        { code: 'malformed', path: `blocks/${at}`, detail: 'cannot be planned from what it holds' },
      ]);
    }
  }
}
