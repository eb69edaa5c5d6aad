import { Op } from 'sequelize';
import type { AnswerOutcome, SentAnswer } from '@/core';
import { type Proposal, unfold } from '@/core';
import { type Asker, own } from '../asker';
import { database } from '../database';
import { models } from '../models/models';
import { exerciseLookup, findTraining } from './training';

/**
 * Brings a block's open calls up to date with what its data now proposes: new ones are filed, those whose facts have
 * changed go. Answered calls stay.
 */
export async function refreshCalls(asker: Asker, blockId: string, now: Date): Promise<void> {
  await database().transaction(async (transaction) => {
    const { blocks, calls } = models();
    // The lock keeps two refreshes of one block from filing the same call.
    await blocks.findOne({
      where: own(asker, { id: blockId }),
      attributes: ['id'],
      transaction,
      lock: transaction.LOCK.UPDATE,
    });
    const training = await findTraining(asker, blockId, transaction);
    if (training === undefined) return;
    const proposals =
      training.log.workouts.length === 0
        ? []
        : unfold({ ...training, exercises: exerciseLookup(training) }).proposals;
    const ids = proposals.map(({ id }) => id);
    await calls.destroy({
      where: own(asker, { blockId, status: 'open', id: { [Op.notIn]: ids.length === 0 ? [''] : ids } }),
      transaction,
    });
    if (proposals.length === 0) return;
    await calls.bulkCreate(
      proposals.map((proposal) => ({
        id: proposal.id,
        blockId,
        coachId: asker.coachId,
        athleteId: training.athlete.id,
        subject: proposal.subject,
        week: proposal.week,
        status: 'open' as const,
        proposal: JSON.stringify(proposal),
        choice: null,
        createdAt: now,
        answeredAt: null,
      })),
      // A call declined or accepted long ago may come back with the same facts after its subject was answered anew.
      { updateOnDuplicate: ['status', 'proposal', 'week'], transaction },
    );
  });
}

/** Keeps the coach's answers; a call that is no longer proposed is passed over. */
export async function answerCalls(
  asker: Asker,
  blockId: string,
  answers: readonly SentAnswer[],
  now: Date,
): Promise<AnswerOutcome> {
  await database().transaction(async (transaction) => {
    // Answers alike are one statement: a coach who accepts all gives one answer, however many calls there are.
    const alike = new Map<string, SentAnswer[]>();
    for (const answer of answers) {
      const key = JSON.stringify([answer.outcome, answer.choice]);
      alike.set(key, [...(alike.get(key) ?? []), answer]);
    }
    for (const group of alike.values()) {
      const [{ outcome, choice }] = group as [SentAnswer];
      await models().calls.update(
        { status: outcome, choice: choice === null ? null : JSON.stringify(choice), answeredAt: now },
        { where: own(asker, { blockId, id: group.map(({ id }) => id), status: 'open' }), transaction },
      );
    }
  });
  await refreshCalls(asker, blockId, now);
  const training = await findTraining(asker, blockId);
  return training === undefined ? { status: 'gone' } : { status: 'answered', training };
}

/** A proposal as it stands in the calls table. */
export async function openCalls(asker: Asker, blockId: string): Promise<readonly Proposal[]> {
  const rows = await models().calls.findAll({
    where: own(asker, { blockId, status: 'open' }),
    order: [['createdAt', 'ASC']],
  });
  return rows.map((row) => JSON.parse(row.get().proposal) as Proposal);
}
