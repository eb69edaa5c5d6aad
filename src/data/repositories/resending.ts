import type { Transaction } from 'sequelize';
import {
  applyOverrides,
  type Block,
  type IssuedWeek,
  type SessionPlan,
  safeJson,
  weekChanges,
  weekOutline,
} from '@/core';
import { type Asker, ownRows } from '../asker';
import { models } from '../models/models';
import { issuedFrom } from './stored-block';
import { exerciseLookup, findTraining } from './training';

/**
 * Sends running weeks again whose overrides have changed: the earlier version is kept beside it, and the athlete's
 * app follows.
 */
export async function resendChangedWeeks(
  asker: Asker,
  blockId: string,
  { before, after }: { readonly before: Block; readonly after: Block },
  now: Date,
  transaction: Transaction,
): Promise<void> {
  const rows = await models().issued.findAll({
    where: ownRows(asker, { blockId, recalledAt: null, closedAt: null }),
    attributes: ['week'],
    transaction,
  });
  const weeks = rows.map((row) => row.get().week).filter((week) => weekChanges(before, after, week).size > 0);
  if (weeks.length === 0) return;
  const training = await findTraining(asker, blockId, transaction);
  if (training === undefined) return;
  for (const week of weeks) {
    const amended = applyOverrides({ ...training, exercises: exerciseLookup(training) }, week, before);
    if (amended !== null) await replaceWeek(asker, amended, now, transaction);
  }
}

/** Replaces the week stored under its id, which is kept as an earlier version. */
async function replaceWeek(
  asker: Asker,
  { closedAt: _, ...week }: IssuedWeek,
  now: Date,
  transaction: Transaction,
): Promise<void> {
  const where = ownRows(asker, { id: week.id });
  const row = await models().issued.findOne({ where, transaction, lock: transaction.LOCK.UPDATE });
  if (row === null) return;
  const { version, snapshot } = row.get();
  await models().issuedBefore.create(
    { issuedId: week.id, version, coachId: asker.coachId, snapshot, replacedAt: now },
    { transaction },
  );
  const next = version + 1;
  await models().issued.update(
    {
      snapshot: safeJson({ ...week, version: next }),
      outline: safeJson(weekOutline(week.plan)),
      version: next,
    },
    { where, transaction },
  );
}

/**
 * A session that an earlier version of a sent week had and this one has not: a phone may still have it. If it is
 * trained, it is put back into the week.
 * @returns the week with it; undefined if no version had it
 */
export async function withFormerSession(
  asker: Asker,
  week: IssuedWeek,
  sessionId: string,
  now: Date,
  transaction: Transaction,
): Promise<IssuedWeek | undefined> {
  const rows = await models().issuedBefore.findAll({
    where: ownRows(asker, { issuedId: week.id }),
    order: [['version', 'DESC']],
    transaction,
  });
  for (const row of rows) {
    const former = issuedFrom({ snapshot: row.get().snapshot, closedAt: null });
    const session = former.plan.sessions.find((one) => one.sessionId === sessionId);
    if (session === undefined) continue;
    const exercises = { ...former.exercises, ...week.exercises };
    const restored = { ...week, exercises, plan: { ...week.plan, sessions: inOrder(week, session) } };
    await replaceWeek(asker, restored, now, transaction);
    return restored;
  }
  return undefined;
}

function inOrder({ plan }: IssuedWeek, session: SessionPlan): readonly SessionPlan[] {
  return [...plan.sessions, session].sort((a, b) => a.day - b.day);
}
