import { isEqual } from 'es-toolkit';
import { Op } from 'sequelize';
import type { AnswerOutcome, PageState, SentAnswer } from '@/core';
import { type Proposal, unfold } from '@/core';
import { decodeChoice, decodeProposal } from '@/core/codecs';
import { type Asker, own } from '../asker';
import { database } from '../database';
import { models } from '../models/models';
import { findChanges } from './changes';
import { stored } from './stored';
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
      where: own(asker, { blockId, status: 'pending', id: { [Op.notIn]: ids.length === 0 ? [''] : ids } }),
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
        status: 'pending' as const,
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

/**
 * Keeps the coach's answers.
 * @param page what the coach's page knows: the answer holds what is new to it
 * @returns the changes, with the calls that were no longer open and so stay unanswered
 */
export async function answerCalls(
  asker: Asker,
  blockId: string,
  answers: readonly SentAnswer[],
  page: PageState,
  now: Date,
): Promise<AnswerOutcome | { readonly status: 'malformed' }> {
  const missed = await database().transaction(async (transaction) => {
    const { blocks, calls } = models();
    const where = own(asker, { id: blockId });
    if ((await blocks.count({ where, transaction })) === 0) return null;
    const rows = await calls.findAll({
      where: own(asker, { blockId, status: 'pending', id: answers.map(({ id }) => id) }),
      attributes: ['id', 'proposal'],
      transaction,
      lock: transaction.LOCK.UPDATE,
    });
    const pending = new Map(rows.map((row) => [row.get().id, proposalFrom(row.get().proposal)]));
    // What is chosen instead must be something that this kind of call lets one choose.
    const fits = ({ id, choice }: SentAnswer) => {
      const call = pending.get(id);
      return call === undefined || decodeChoice(call.kind, choice).ok;
    };
    if (!answers.every(fits)) return 'malformed';
    // Answers alike are one statement: a coach who accepts all gives one answer, however many calls there are.
    for (const group of alike(answers.filter(({ id }) => pending.has(id)))) {
      const [{ outcome, choice }] = group;
      await calls.update(
        { status: outcome, choice: choice === null ? null : JSON.stringify(choice), answeredAt: now },
        { where: own(asker, { blockId, id: group.map(({ id }) => id) }), transaction },
      );
    }
    return answers.filter(({ id }) => !pending.has(id)).map(({ id }) => id);
  });
  if (missed === null) return { status: 'gone' };
  if (missed === 'malformed') return { status: 'malformed' };
  await refreshCalls(asker, blockId, now);
  const changes = await findChanges(asker, blockId, page);
  return changes === undefined ? { status: 'gone' } : { status: 'answered', changes, missed };
}

/** Answers in groups that say the same. */
function alike(answers: readonly SentAnswer[]): readonly (readonly [SentAnswer, ...SentAnswer[]])[] {
  const groups: [SentAnswer, ...SentAnswer[]][] = [];
  for (const answer of answers) {
    const group = groups.find(
      ([first]) => first.outcome === answer.outcome && isEqual(first.choice, answer.choice),
    );
    if (group === undefined) groups.push([answer]);
    else group.push(answer);
  }
  return groups;
}

function proposalFrom(text: string): Proposal {
  return stored('a call', decodeProposal, text);
}

/** A proposal as it stands in the calls table. */
export async function pendingCalls(asker: Asker, blockId: string): Promise<readonly Proposal[]> {
  const rows = await models().calls.findAll({
    where: own(asker, { blockId, status: 'pending' }),
    order: [['createdAt', 'ASC']],
  });
  return rows.map((row) => proposalFrom(row.get().proposal));
}
