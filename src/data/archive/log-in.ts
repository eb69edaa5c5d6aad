import { randomUUID } from 'node:crypto';
import { catalogueWith, type LocalDate, type Measurement, type Problem } from '@/core';
import { type PastSet, pastBlocks } from '@/formats/log-import/past-blocks';
import type { CheckInRow, MeasuredRow } from '@/formats/table/tables';
import { type Asker, own } from '../asker';
import { transact } from '../database';
import { models } from '../models/models';
import { findAthlete } from '../repositories/athletes';
import { refreshCalls } from '../repositories/calls';
import { changeMeasurements } from '../repositories/measurements';
import { ownExercises } from '../repositories/own-exercises';
import { Refused, tryOut } from './archive-in';
import { writeBlock } from './write-rows';

type LogTakenIn =
  | {
      readonly status: 'taken in';
      readonly sets: number;
      readonly blocks: readonly { readonly id: string; readonly name: string }[];
      /** Days that were logged here already, and are left as they are. */
      readonly days: readonly LocalDate[];
    }
  | { readonly status: 'refused'; readonly problems: readonly Problem[] }
  | { readonly status: 'gone' };

/** Days on which something of an athlete is logged. */
async function loggedDays({ coachId }: Asker, athleteId: string): Promise<ReadonlySet<LocalDate>> {
  const { blocks, workouts } = models();
  const ids = await blocks.findAll({ where: own({ coachId }, { athleteId }), attributes: ['id'] });
  const rows = await workouts.findAll({
    where: own({ coachId }, { blockId: ids.map((row) => row.get().id) }),
    attributes: ['localDate'],
  });
  return new Set(rows.map((row) => row.get().localDate));
}

/** Takes in what an athlete logged elsewhere, all of it or nothing; days that are logged here already stay as they are. */
export async function takeInLog(
  asker: Asker,
  athleteId: string,
  sets: readonly PastSet[],
  now: Date,
): Promise<LogTakenIn> {
  const [found, exercises, logged] = [
    await findAthlete(asker, athleteId),
    await ownExercises(asker),
    await loggedDays(asker, athleteId),
  ];
  if (found === undefined) return { status: 'gone' };
  const catalogue = catalogueWith(exercises);
  const unknown = sets.findIndex(({ exerciseId }) => catalogue.newest(exerciseId) === undefined);
  if (unknown >= 0)
    return {
      status: 'refused',
      problems: [
        { code: 'unknown-exercise', path: `sets/${unknown}`, exercise: sets[unknown]?.exerciseId ?? '' },
      ],
    };
  const fresh = sets.filter(({ date }) => !logged.has(date));
  const blocks = pastBlocks(fresh, found.athlete, catalogue, randomUUID);
  try {
    await transact(async (transaction) => {
      const writing = { asker, id: (old: string) => old, athleteId, now, transaction };
      for (const block of blocks) await writeBlock(writing, block);
      await tryOut(
        asker,
        blocks.map(({ id }) => id),
        transaction,
      );
    });
  } catch (error) {
    if (error instanceof Refused) return { status: 'refused', problems: error.problems };
    throw error;
  }
  for (const { id } of blocks) await refreshCalls(asker, id, now);
  return {
    status: 'taken in',
    sets: fresh.length,
    blocks: blocks.map(({ id, document }) => ({ id, name: document.name })),
    days: [...new Set(sets.map(({ date }) => date))].filter((date) => logged.has(date)).sort(),
  };
}

type RowsTakenIn = { readonly status: 'taken in'; readonly added: number } | { readonly status: 'gone' };

/** Takes in measurements; what was measured on a day already stays. */
export async function takeInMeasured(
  asker: Asker,
  athleteId: string,
  rows: readonly MeasuredRow[],
  now: Date,
): Promise<RowsTakenIn> {
  if ((await findAthlete(asker, athleteId)) === undefined) return { status: 'gone' };
  const { measurements } = models();
  const keyOf = (date: string, kind: string) => `${date} ${kind}`;
  const there = await measurements.findAll({
    where: own(asker, { athleteId }),
    attributes: ['localDate', 'kind'],
  });
  const known = new Set(there.map((row) => keyOf(row.get().localDate, row.get().kind)));
  const once = new Map(rows.map((row) => [keyOf(row.date, row.what), row]));
  const fresh = [...once].filter(([key]) => !known.has(key)).map(([, row]) => row);
  const kept = fresh
    .map(({ date, what: kind, value, unit }): Measurement => ({ id: randomUUID(), date, kind, value, unit }))
    .sort((one, other) => one.date.localeCompare(other.date));
  await measurements.bulkCreate(
    kept.map(({ date: localDate, ...one }) => ({
      ...one,
      coachId: asker.coachId,
      athleteId,
      localDate,
      at: now,
    })),
  );
  // The last one once more by the usual door: a body weight becomes the athlete's.
  const last = kept.at(-1);
  if (last !== undefined) await changeMeasurements(asker, athleteId, { keep: last }, now);
  return { status: 'taken in', added: kept.length };
}

/** Takes in check-ins; a day that has one keeps its own. */
export async function takeInCheckIns(
  asker: Asker,
  athleteId: string,
  rows: readonly CheckInRow[],
  now: Date,
): Promise<RowsTakenIn> {
  if ((await findAthlete(asker, athleteId)) === undefined) return { status: 'gone' };
  const { checkIns } = models();
  const there = await checkIns.findAll({ where: own(asker, { athleteId }), attributes: ['localDate'] });
  const known = new Set(there.map((row) => row.get().localDate));
  const fresh = [...new Map(rows.map((row) => [row.date, row])).values()].filter(
    ({ date }) => !known.has(date),
  );
  await checkIns.bulkCreate(
    fresh.map(({ date, resting_heart_rate: restingHeartRate, ...answers }) => ({
      id: randomUUID(),
      coachId: asker.coachId,
      athleteId,
      localDate: date,
      answers: JSON.stringify({ ...answers, restingHeartRate, measured: [] }),
      receivedAt: now,
    })),
  );
  return { status: 'taken in', added: fresh.length };
}
