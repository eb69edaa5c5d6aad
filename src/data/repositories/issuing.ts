import { randomUUID } from 'node:crypto';
import type { IssueOutcome, RecallOutcome } from '@/core';
import { freezeWeek } from '@/core';
import { type Asker, own } from '../asker';
import { database } from '../database';
import { models } from '../models/models';
import { refreshCalls } from './calls';
import { exerciseLookup, findTraining } from './training';

/**
 * Hands a week to the athlete, frozen as it stands.
 * @param revision the block's revision that the coach was looking at; another one is refused as stale
 */
export async function issueWeek(
  asker: Asker,
  blockId: string,
  week: number,
  revision: number,
  now: Date,
): Promise<IssueOutcome> {
  const outcome = await database().transaction(async (transaction): Promise<IssueOutcome> => {
    const { blocks, issued, calls } = models();
    await blocks.findOne({
      where: own(asker, { id: blockId }),
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
        sessionCount: value.plan.sessions.length,
        snapshot: JSON.stringify(value),
        issuedAt: now,
        recalledAt: null,
      },
      { transaction },
    );
    // What waited was about this week. Nothing of it is done, so that the week after it has no calls yet.
    await calls.destroy({ where: own(asker, { blockId, status: 'pending' }), transaction });
    return { status: 'issued', week: value };
  });
  return outcome;
}

/** Takes an issued week back, until the first set of it is logged. Only the last one: later weeks build on it. */
export async function recallWeek(
  asker: Asker,
  blockId: string,
  week: number,
  now: Date,
): Promise<RecallOutcome> {
  const outcome = await database().transaction(async (transaction): Promise<RecallOutcome> => {
    const { issued, workouts, sets } = models();
    const standing = await issued.findAll({
      where: own(asker, { blockId, recalledAt: null }),
      transaction,
      lock: transaction.LOCK.UPDATE,
    });
    const row = standing.find((one) => one.get().week === week);
    if (row === undefined) return { status: 'gone' };
    if (standing.some((one) => one.get().week > week)) return { status: 'later week issued' };
    const started = await workouts.findAll({
      where: own(asker, { issuedWeekId: row.get().id }),
      attributes: ['id'],
      transaction,
    });
    const logged = await sets.count({
      where: own(asker, { workoutId: started.map((workout) => workout.get().id) }),
      transaction,
    });
    if (logged > 0) return { status: 'already logged' };
    await issued.update({ recalledAt: now }, { where: own(asker, { id: row.get().id }), transaction });
    return { status: 'recalled' };
  });
  if (outcome.status === 'recalled') await refreshCalls(asker, blockId, now);
  return outcome;
}
