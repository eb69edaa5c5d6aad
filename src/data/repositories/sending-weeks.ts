import { randomUUID } from 'node:crypto';
import { Op, type Transaction } from 'sequelize';
import type { IssuedWeek, IssueOutcome, RecallOutcome } from '@/core';
import { freezeWeek, safeJson, weekOutline } from '@/core';
import { type Asker, ownRows } from '../asker';
import { transact } from '../database';
import { models } from '../models/models';
import { refreshCalls, refreshIfChanged } from './calls';
import { workoutId } from './logging';
import { exerciseLookup, findTraining } from './training';

/**
 * Sends a week to the athlete, frozen as it is.
 * @param revision the block's revision the coach saw; any other is refused as stale
 */
export async function issueWeek(
  asker: Asker,
  blockId: string,
  week: number,
  revision: number,
  now: Date,
): Promise<IssueOutcome> {
  // Answers of the athlete's setting are applied in the week.
  await refreshIfChanged(asker, blockId, now);
  const outcome = await transact(async (transaction): Promise<IssueOutcome> => {
    const { blocks, issued } = models();
    await blocks.findOne({
      where: ownRows(asker, { id: blockId }),
      attributes: ['id'],
      transaction,
      lock: transaction.LOCK.UPDATE,
    });
    const training = await findTraining(asker, blockId, transaction);
    if (training === undefined) return { status: 'gone' };
    if (training.revision !== revision) return { status: 'stale' };
    const frozen = freezeWeek({ ...training, exercises: exerciseLookup(training) }, week, {
      id: randomUUID(),
      at: now.toISOString(),
    });
    if (!frozen.ok) return { status: 'refused', refusal: frozen.refusal };
    const { value } = frozen;
    await issued.create(
      {
        id: value.id,
        coachId: asker.coachId,
        blockId,
        week,
        kind: value.plan.kind,
        snapshot: safeJson(value),
        outline: safeJson(weekOutline(value.plan)),
        issuedAt: now,
        recalledAt: null,
        openedAt: null,
        line: null,
        version: 0,
        closedAt: null,
      },
      { transaction },
    );
    await moveWaitingWork(asker, blockId, value, transaction);
    return { status: 'issued', week: value };
  });
  if (outcome.status === 'issued') await refreshCalls(asker, blockId, now);
  return outcome;
}

/**
 * What phones sent since an earlier version of the week was recalled belongs to the new one: each session's sets,
 * notes and soreness move to the session with the same id, or to the first if there is none.
 */
async function moveWaitingWork(
  asker: Asker,
  blockId: string,
  { id, week, plan }: IssuedWeek,
  transaction: Transaction,
): Promise<void> {
  const { workouts, sets, soreness, ramps } = models();
  const stranded = await workouts.findAll({
    where: ownRows(asker, { blockId, week, issuedWeekId: { [Op.ne]: id } }),
    order: [['lastSetAt', 'ASC']],
    transaction,
  });
  for (const row of stranded) {
    const { id: before, sessionId, ...rest } = row.get();
    const home = plan.sessions.find((one) => one.sessionId === sessionId) ?? plan.sessions[0];
    if (home === undefined) continue;
    const to = workoutId({ issuedWeekId: id, sessionId: home.sessionId });
    if ((await workouts.count({ where: { id: to }, transaction })) === 0)
      await workouts.create(
        { ...rest, id: to, sessionId: home.sessionId, issuedWeekId: id },
        { transaction },
      );
    const of = { where: ownRows(asker, { workoutId: before }), transaction };
    await sets.update({ workoutId: to }, of);
    await soreness.update({ workoutId: to }, of);
    await ramps.update({ workoutId: to }, of);
    await workouts.destroy({ where: ownRows(asker, { id: before }), transaction });
  }
}

/** Sets the coach's note with a sent week; empty: none. @returns whether the week exists */
export async function setWeekNote(
  asker: Asker,
  blockId: string,
  week: number,
  line: string,
): Promise<boolean> {
  const where = ownRows(asker, { blockId, week, recalledAt: null });
  if ((await models().issued.count({ where })) === 0) return false;
  await models().issued.update({ line: line.trim() === '' ? null : line.trim() }, { where });
  return true;
}

/** The coach's notes with a block's sent weeks, by week. */
export async function weekNotes(asker: Asker, blockId: string): Promise<ReadonlyMap<number, string>> {
  const rows = await models().issued.findAll({
    where: ownRows(asker, { blockId, recalledAt: null }),
    attributes: ['week', 'line'],
  });
  return new Map(
    rows.flatMap((row) => {
      const { week, line } = row.get();
      return line === null ? [] : [[week, line] as const];
    }),
  );
}

/** Records that the athlete's phone has opened a week: recalling it then asks first. */
export async function recordWeekOpened(asker: Asker, issuedWeekId: string, now: Date): Promise<void> {
  await models().issued.update({ openedAt: now }, { where: ownRows(asker, { id: issuedWeekId }) });
}

/**
 * Recalls a sent week until its first set is logged. Only the last one, because later weeks build on it.
 * @param knowingly whether the coach was warned that a phone has it open
 */
export async function recallWeek(
  asker: Asker,
  blockId: string,
  week: number,
  now: Date,
  knowingly: boolean,
): Promise<RecallOutcome> {
  const outcome = await transact(async (transaction): Promise<RecallOutcome> => {
    const { issued, workouts, sets, calls } = models();
    const standing = await issued.findAll({
      where: ownRows(asker, { blockId, recalledAt: null }),
      transaction,
      lock: transaction.LOCK.UPDATE,
    });
    const row = standing.find((one) => one.get().week === week);
    if (row === undefined) return { status: 'gone' };
    if (standing.some((one) => one.get().week > week)) return { status: 'later week issued' };
    const started = await workouts.findAll({
      where: ownRows(asker, { issuedWeekId: row.get().id }),
      attributes: ['id'],
      transaction,
    });
    const logged = await sets.count({
      where: ownRows(asker, { workoutId: started.map((workout) => workout.get().id) }),
      transaction,
    });
    if (logged > 0) return { status: 'already logged' };
    const { openedAt } = row.get();
    if (openedAt !== null && !knowingly) return { status: 'open on a phone', at: openedAt.toISOString() };
    await issued.update({ recalledAt: now }, { where: ownRows(asker, { id: row.get().id }), transaction });
    // The alert to send it returns.
    await calls.destroy({ where: ownRows(asker, { blockId, subject: `next week/${week}` }), transaction });
    return { status: 'recalled' };
  });
  if (outcome.status === 'recalled') await refreshCalls(asker, blockId, now);
  return outcome;
}
