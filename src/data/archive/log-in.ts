import { randomUUID } from 'node:crypto';
import type { Transaction } from 'sequelize';
import { catalogueWith, type LocalDate, type Measurement, type Problem, safeJson } from '@/core';
import { type PastSet, pastBlocks } from '@/formats/log-import/past-blocks';
import type { CheckInRow, MeasuredRow } from '@/formats/table/tables';
import { type Asker, ownRows } from '../asker';
import { transact } from '../database';
import { models } from '../models/models';
import { findAthlete } from '../repositories/athletes';
import { changeMeasurements } from '../repositories/measurements';
import { ownExercises } from '../repositories/own-exercises';
import { inTransaction, tryOut } from './archive-in';
import { writeBlock } from './write-rows';

type LogTakenIn =
  | {
      readonly status: 'taken in';
      readonly sets: number;
      readonly blocks: readonly { readonly id: string; readonly name: string }[];
      /** Days already logged here, which stay as they are. */
      readonly days: readonly LocalDate[];
    }
  | { readonly status: 'refused'; readonly problems: readonly Problem[] }
  | { readonly status: 'gone' };

/** Days on which anything of an athlete is logged. */
async function loggedDays(
  asker: Asker,
  athleteId: string,
  transaction: Transaction,
): Promise<ReadonlySet<LocalDate>> {
  const { blocks, workouts } = models();
  const ids = await blocks.findAll({ where: ownRows(asker, { athleteId }), attributes: ['id'], transaction });
  const rows = await workouts.findAll({
    where: ownRows(asker, { blockId: ids.map((row) => row.get().id) }),
    attributes: ['localDate'],
    transaction,
  });
  return new Set(rows.map((row) => row.get().localDate));
}

/** Imports an athlete's log from elsewhere, all of it or nothing; days already logged here stay as they are. */
export async function importLog(
  asker: Asker,
  athleteId: string,
  sets: readonly PastSet[],
  now: Date,
): Promise<LogTakenIn> {
  const [found, exercises] = [await findAthlete(asker, athleteId), await ownExercises(asker)];
  if (found === undefined) return { status: 'gone' };
  const catalogue = catalogueWith(exercises);
  const unknown = sets.findIndex(({ exerciseId }) => catalogue.newest(exerciseId) === undefined);
  if (unknown >= 0)
    return {
      status: 'refused',
      problems: [
        {
          code: 'unknown-exercise',
          path: `sets/${unknown}`,
          exercise: sets[unknown]?.exerciseId ?? '',
        },
      ],
    };
  return inTransaction(asker, now, async (transaction) => {
    await lockAthlete(asker, athleteId, transaction);
    const logged = await loggedDays(asker, athleteId, transaction);
    const fresh = sets.filter(({ date }) => !logged.has(date));
    const blocks = pastBlocks(fresh, found.athlete, catalogue, randomUUID);
    const writing = { asker, id: (old: string) => old, athleteId, now, transaction };
    for (const block of blocks) await writeBlock(writing, block);
    const ids = blocks.map(({ id }) => id);
    await tryOut(asker, ids, transaction);
    return {
      outcome: {
        status: 'taken in' as const,
        sets: fresh.length,
        blocks: blocks.map(({ id, document }) => ({ id, name: document.name })),
        days: [...new Set(sets.map(({ date }) => date))].filter((date) => logged.has(date)).sort(),
      },
      blocks: ids,
    };
  });
}

/** Locks the athlete, so that of two concurrent imports one finds the other's data. */
async function lockAthlete(asker: Asker, athleteId: string, transaction: Transaction): Promise<void> {
  const where = ownRows(asker, { id: athleteId });
  await models().athletes.findOne({ where, attributes: ['id'], transaction, lock: transaction.LOCK.UPDATE });
}

type RowsTakenIn = { readonly status: 'taken in'; readonly added: number } | { readonly status: 'gone' };

/** Imports measurements; existing days stay. */
export async function importMeasurements(
  asker: Asker,
  athleteId: string,
  rows: readonly MeasuredRow[],
  now: Date,
): Promise<RowsTakenIn> {
  if ((await findAthlete(asker, athleteId)) === undefined) return { status: 'gone' };
  const kept = await transact(async (transaction) => {
    await lockAthlete(asker, athleteId, transaction);
    const { measurements } = models();
    const keyOf = (date: string, kind: string) => `${date} ${kind}`;
    const there = await measurements.findAll({
      where: ownRows(asker, { athleteId }),
      attributes: ['localDate', 'kind'],
      transaction,
    });
    const known = new Set(there.map((row) => keyOf(row.get().localDate, row.get().kind)));
    const once = new Map(rows.map((row) => [keyOf(row.date, row.what), row]));
    const fresh = [...once]
      .filter(([key]) => !known.has(key))
      .map(
        ([, { date, what: kind, value, unit }]): Measurement => ({
          id: randomUUID(),
          date,
          kind,
          value,
          unit,
        }),
      )
      .sort((one, other) => one.date.localeCompare(other.date));
    await measurements.bulkCreate(
      fresh.map(({ date: localDate, ...one }) => ({
        ...one,
        coachId: asker.coachId,
        athleteId,
        localDate,
        at: now,
      })),
      { transaction },
    );
    return fresh;
  });
  // The last one again through the usual function: a body weight becomes the athlete's.
  const last = kept.at(-1);
  if (last !== undefined) await changeMeasurements(asker, athleteId, { keep: last }, now);
  return { status: 'taken in', added: kept.length };
}

/** Imports check-ins; an existing day keeps its own. */
export async function importCheckIns(
  asker: Asker,
  athleteId: string,
  rows: readonly CheckInRow[],
  now: Date,
): Promise<RowsTakenIn> {
  if ((await findAthlete(asker, athleteId)) === undefined) return { status: 'gone' };
  return transact(async (transaction) => {
    await lockAthlete(asker, athleteId, transaction);
    const { checkIns } = models();
    const there = await checkIns.findAll({
      where: ownRows(asker, { athleteId }),
      attributes: ['localDate'],
      transaction,
    });
    const known = new Set(there.map((row) => row.get().localDate));
    const once = new Map(rows.map((row) => [row.date, row]));
    const fresh = [...once.values()].filter(({ date }) => !known.has(date));
    await checkIns.bulkCreate(
      fresh.map(({ date, resting_heart_rate: restingHeartRate, ...answers }) => ({
        id: randomUUID(),
        coachId: asker.coachId,
        athleteId,
        localDate: date,
        answers: safeJson({ ...answers, restingHeartRate, measured: [] }),
        receivedAt: now,
      })),
      { transaction },
    );
    return { status: 'taken in', added: fresh.length };
  });
}
