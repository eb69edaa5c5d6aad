import { Op, type Transaction } from 'sequelize';
import { issuedKey, type PageState, type ReloadOutcome, type TrainingChanges } from '@/core';
import { type Asker, ownRows } from '../asker';
import { transact } from '../database';
import { models } from '../models/models';
import type { IssuedRow } from '../models/rows';
import { findCheckIns } from './check-ins';
import { visibleTo } from './own-exercises';
import { exercisesOf } from './own-facts';
import { firstsElsewhere, withLastingBests } from './starting-strength';
import { isKnownRevision, stepsSince } from './steps';
import { athleteOf } from './stored-athlete';
import { issuedFrom } from './stored-block';
import { loggedSetFrom, sorenessFrom, workoutFrom } from './stored-log';
import { answerFrom, findTraining } from './training';

/** A row may come from a transaction that started before the last read and committed after it: look back this far. */
const LOOK_BACK_MS = 60_000;

/** What has changed in a training since the page's version: a fixed number of queries. */
export async function findChanges(
  asker: Asker,
  blockId: string,
  page: PageState,
): Promise<TrainingChanges | undefined> {
  // One snapshot for everything, so that totals and rows agree.
  return transact((transaction) => changesIn(asker, blockId, page, transaction));
}

/** The changes, or everything for a page without a version. */
export async function reloadTraining(
  asker: Asker,
  blockId: string,
  page: PageState | null,
): Promise<ReloadOutcome> {
  if (page === null) {
    const training = await findTraining(asker, blockId);
    return training === undefined ? { status: 'gone' } : { status: 'whole', training };
  }
  const changes = await findChanges(asker, blockId, page);
  return changes === undefined ? { status: 'gone' } : { status: 'changes', changes };
}

async function changesIn(
  asker: Asker,
  blockId: string,
  page: PageState,
  transaction: Transaction,
): Promise<TrainingChanges | undefined> {
  const { blocks, athletes, issued, workouts, sets, soreness, calls, exercises } = models();
  const readAt = new Date();
  const since = { [Op.gte]: new Date(Date.parse(page.readAt) - LOOK_BACK_MS) };
  const block = await blocks.findOne({
    where: ownRows(asker, { id: blockId }),
    attributes: ['revision', 'athleteId'],
    transaction,
  });
  if (block === null) return undefined;
  const { revision, athleteId } = block.get();
  const asked = { asked: page.revision, stored: revision };
  if (!(await isKnownRevision(asker, blockId, asked, transaction))) return undefined;
  const athlete = await athletes.findOne({ where: ownRows(asker, { id: athleteId }), transaction });
  if (athlete === null) return undefined;
  const steps = await stepsSince(asker, blockId, page.revision, transaction);
  const count = await exercises.count({ where: visibleTo(asker), transaction });
  const standing = await issued.findAll({
    where: ownRows(asker, { blockId, recalledAt: null }),
    attributes: ['id', 'version', 'closedAt'],
    transaction,
  });
  const ids = standing.map((week) => week.get().id);
  const had = new Set(page.issued);
  const keyOf = ({ id, version, closedAt }: Pick<IssuedRow, 'id' | 'version' | 'closedAt'>) =>
    issuedKey({ id, version, ...(closedAt === null ? {} : { closedAt: closedAt.toISOString() }) });
  const fresh = await issued.findAll({
    where: ownRows(asker, {
      id: standing.filter((week) => !had.has(keyOf(week.get()))).map((week) => week.get().id),
    }),
    order: [['week', 'ASC']],
    transaction,
  });
  const begun = (
    await workouts.findAll({ where: ownRows(asker, { blockId, issuedWeekId: ids }), transaction })
  ).map((row) => row.get());
  const within = ownRows(asker, { workoutId: begun.map(({ id }) => id) });
  const isNew = (at: Date | null) => at !== null && at >= since[Op.gte];
  const newSets = await sets.findAll({ where: { ...within, receivedAt: since }, transaction });
  const reports = await soreness.findAll({
    where: { ...within, at: since },
    order: [['at', 'ASC']],
    transaction,
  });
  const answered = await calls.findAll({
    where: ownRows(asker, { blockId, status: { [Op.ne]: 'pending' }, source: 'log', answeredAt: since }),
    order: [['answeredAt', 'ASC']],
    transaction,
  });
  return {
    readAt: readAt.toISOString(),
    revision,
    steps,
    athlete:
      athlete.get().revision === page.athleteRevision
        ? null
        : {
            athlete: withLastingBests(
              await athleteOf(asker, athlete.get().facts, transaction),
              await firstsElsewhere(asker, athleteId, blockId, transaction),
              await exercisesOf(asker, transaction),
            ),
            revision: athlete.get().revision,
          },
    ownExercises: count === page.exercises ? null : await exercisesOf(asker, transaction),
    issued: fresh.map((week) => issuedFrom(week.get())),
    recalled: page.issued.map((key) => key.split('/')[0] ?? key).filter((id) => !ids.includes(id)),
    workouts: begun
      .filter(({ lastSetAt, finishedAt }) => isNew(lastSetAt) || isNew(finishedAt))
      .map(workoutFrom),
    sets: newSets.map((set) => loggedSetFrom(set.get())),
    soreness: reports.map((report) => sorenessFrom(report.get())),
    answers: answered.flatMap((call) => answerFrom(call.get())),
    checkIns: await findCheckIns(asker, athleteId, transaction),
    totals: {
      workouts: begun.length,
      sets: await sets.count({ where: within, transaction }),
      soreness: await soreness.count({ where: within, transaction }),
      answers: await calls.count({
        where: ownRows(asker, { blockId, source: 'log', status: { [Op.ne]: 'pending' } }),
        transaction,
      }),
    },
  };
}
