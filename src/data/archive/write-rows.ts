import { chunk } from 'es-toolkit';
import type { Model, ModelStatic, Transaction } from 'sequelize';
import { safeJson, summariseNotes, weekOutline } from '@/core';
import { encodeBlock } from '@/core/codecs';
import type { ArchivedAthlete, ArchivedBlock, ArchivedWorkout } from '@/formats/archive/athlete-file';
import type { Asker } from '../asker';
import { models } from '../models/models';
import { workoutId } from '../repositories/logging';
import { factsOf } from '../repositories/stored-athlete';

/** Rows per statement. */
export const ROWS = 500;

/** What is written, for whom and under which ids. */
export interface Writing {
  readonly asker: Asker;
  /** The id of an item once imported. */
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

/** Writes an athlete with everything. */
export async function writeAthlete(writing: Writing, file: ArchivedAthlete): Promise<void> {
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
      eraseAt: null,
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
      answers: safeJson(answers),
      receivedAt: date(receivedAt),
    })),
    transaction,
  );
  for (const block of file.blocks) await writeBlock(writing, block);
}

/** Writes a block with its history. */
export async function writeBlock(writing: Writing, block: ArchivedBlock): Promise<void> {
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
      edit: safeJson(edit),
      inverse: safeJson(inverse),
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
        snapshot: safeJson(week),
        outline: safeJson(weekOutline(week.plan)),
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
      notes: safeJson(workout.notes),
      rescue: summariseNotes(workout.notes).readiness?.rescue ?? null,
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
      proposal: safeJson(proposal),
      choice: choice === null ? null : safeJson(choice),
      createdAt: date(createdAt),
      answeredAt: dateOf(answeredAt),
    })),
    transaction,
  );
}

/** A workout's id is derived from the sent session. */
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
        more: more === null ? null : safeJson(more),
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
