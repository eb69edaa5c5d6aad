import { isEqual } from 'es-toolkit';
import { Op, type Transaction } from 'sequelize';
import type { Answer, AnswerOutcome, PageState, SentAnswer, Training, WatchCall } from '@/core';
import { answeredByRule, blockStatus, dayAlerts, type Proposal, safeJson } from '@/core';
import { decodeChoice, decodeProposal } from '@/core/codecs';
import { type Asker, ownRows } from '../asker';
import { transact } from '../database';
import { models } from '../models/models';
import type { CallRow } from '../models/rows';
import { findChanges } from './changes';
import { watchOf } from './day-input';
import { stored } from './stored';
import { exerciseLookup, findTraining } from './training';

/**
 * Updates everything that waits for the coach from a block's data: proposals from the log, alerts of the athlete's
 * day, and the block's state. New ones are filed, those with changed facts are removed, and answered ones stay
 * answered, however often and by whichever process this runs. Answers of the athlete's setting are stored too.
 */
export async function refreshCalls(asker: Asker, blockId: string, now: Date): Promise<void> {
  await transact(async (transaction) => {
    const row = await lockBlock(asker, blockId, transaction);
    if (row === null) return;
    // An archived block raises nothing.
    if (row.archivedAt !== null || row.deletedAt !== null) {
      await models().calls.destroy({ where: ownRows(asker, { blockId, status: 'pending' }), transaction });
      await models().standings.destroy({ where: ownRows(asker, { blockId }), transaction });
      return;
    }
    await lockBlockState(asker, blockId, transaction);
    const training = await findTraining(asker, blockId, transaction);
    if (training === undefined) return;
    const input = { ...training, exercises: exerciseLookup(training) };
    const held = await undoneRuleIds(asker, blockId, transaction);
    const { given, blockPlan } = answeredByRule(input, training.athlete.answering, held);
    const file = { asker, training, now, transaction };
    await fileAnswered(file, given);
    await filePending(file, 'log', training.log.workouts.length === 0 ? [] : blockPlan.proposals);
    const watch = await watchOf(asker, training, blockPlan, now, transaction);
    const answered = await answeredIds(asker, blockId, transaction);
    const calls = dayAlerts(watch, ({ id }) => answered.has(id));
    await filePending(file, 'day', calls.map(withoutEdits));
    const standing = blockStatus(watch);
    await models().standings.upsert(
      {
        blockId,
        coachId: asker.coachId,
        athleteId: training.athlete.id,
        state: standing.state,
        day: watch.today,
        facts: safeJson(standing),
        at: now,
        issuedAt: latestOf(training.issued.map(({ issuedAt }) => issuedAt)),
        lastLogAt: latestOf(training.log.sets.map(({ at }) => at)),
        claimedAt: null,
      },
      { transaction },
    );
  }, 'what is committed');
}

/**
 * Marks blocks as changed: documents, logs or answers from which calls follow. They are updated before anybody sees
 * or uses them, and by the next background round at the latest, so that saving, logging and answering do not wait for
 * it, and many changes cost one update.
 */
export async function markChanged(
  asker: Asker,
  blockIds: readonly string[],
  transaction: Transaction,
): Promise<void> {
  await models().standings.update(
    { day: LONG_AGO },
    { where: ownRows(asker, { blockId: [...blockIds] }), transaction },
  );
}

/** Updates a block's calls if it was marked as changed. */
export async function refreshIfChanged(asker: Asker, blockId: string, now: Date): Promise<void> {
  const changed = await models().standings.count({ where: ownRows(asker, { blockId, day: LONG_AGO }) });
  if (changed > 0) await refreshCalls(asker, blockId, now);
}

/** The latest of instants as ISO text; null if there are none. */
function latestOf(instants: readonly string[]): Date | null {
  const latest = [...instants].sort().at(-1);
  return latest === undefined ? null : new Date(latest);
}

/** A date long past: blocks with it are updated in the next round. */
export const LONG_AGO = '2000-01-01';

/** Locks a block, so that two processes do not file or answer its calls at once. */
async function lockBlock(asker: Asker, blockId: string, transaction: Transaction) {
  const row = await models().blocks.findOne({
    where: ownRows(asker, { id: blockId }),
    attributes: ['id', 'archivedAt', 'deletedAt'],
    transaction,
    lock: transaction.LOCK.UPDATE,
  });
  return row?.get() ?? null;
}

/**
 * Locks a block's state before reading it: a concurrent log marks the block as changed after this update, not during
 * it, where the mark would be erased at the end.
 */
async function lockBlockState(asker: Asker, blockId: string, transaction: Transaction): Promise<void> {
  await models().standings.findOne({
    where: ownRows(asker, { blockId }),
    attributes: ['blockId'],
    transaction,
    lock: transaction.LOCK.UPDATE,
  });
}

/** An option's edit depends on the block at the moment it is applied. */
function withoutEdits(call: WatchCall): WatchCall {
  return { ...call, options: call.options.map((option) => ({ ...option, edit: null })) };
}

interface Filing {
  readonly asker: Asker;
  readonly training: Training;
  readonly now: Date;
  readonly transaction: Transaction;
}

type Filed = Pick<Proposal, 'id' | 'subject' | 'week'>;

function rowOf({ asker, training, now }: Filing, call: Filed, source: CallRow['source']): CallRow {
  return {
    id: call.id,
    blockId: training.blockId,
    coachId: asker.coachId,
    athleteId: training.athlete.id,
    subject: call.subject,
    week: call.week,
    status: 'pending',
    proposal: safeJson(call),
    choice: null,
    createdAt: now,
    answeredAt: null,
    source,
    editId: null,
    byRule: false,
  };
}

async function filePending(filing: Filing, source: CallRow['source'], made: readonly Filed[]): Promise<void> {
  const { asker, training, transaction } = filing;
  const ids = made.map(({ id }) => id);
  await models().calls.destroy({
    where: ownRows(asker, {
      blockId: training.blockId,
      source,
      status: 'pending',
      id: { [Op.notIn]: ids.length === 0 ? [''] : ids },
    }),
    transaction,
  });
  if (made.length === 0) return;
  await models().calls.bulkCreate(
    made.map((call) => rowOf(filing, call, source)),
    // A call answered long ago may return with the same facts after its subject was answered differently.
    { updateOnDuplicate: ['status', 'proposal', 'week'], transaction },
  );
}

/** Files what the athlete's setting has answered. */
async function fileAnswered(filing: Filing, given: readonly Answer[]): Promise<void> {
  if (given.length === 0) return;
  const { now, transaction } = filing;
  await models().calls.bulkCreate(
    given.map(({ proposal, outcome }) => ({
      ...rowOf(filing, proposal, 'log'),
      status: outcome,
      answeredAt: now,
      byRule: true,
    })),
    { updateOnDuplicate: ['status', 'proposal', 'week', 'answeredAt', 'byRule'], transaction },
  );
}

/** Calls answered by the athlete's setting that the coach has undone: they ask the coach. */
async function undoneRuleIds(
  asker: Asker,
  blockId: string,
  transaction: Transaction,
): Promise<ReadonlySet<string>> {
  const rows = await models().calls.findAll({
    where: ownRows(asker, { blockId, status: 'pending', byRule: true }),
    attributes: ['id'],
    transaction,
  });
  return new Set(rows.map((row) => row.get().id));
}

/** Answered alerts of a block. */
async function answeredIds(
  asker: Asker,
  blockId: string,
  transaction: Transaction,
): Promise<ReadonlySet<string>> {
  const rows = await models().calls.findAll({
    where: ownRows(asker, { blockId, source: 'day', status: { [Op.ne]: 'pending' } }),
    attributes: ['id'],
    transaction,
  });
  return new Set(rows.map((row) => row.get().id));
}

/**
 * Stores the coach's answers.
 * @param page the page's version: the result contains what is new to it
 * @returns the changes, with calls that were no longer open and stay unanswered
 */
export async function answerCalls(
  asker: Asker,
  blockId: string,
  answers: readonly SentAnswer[],
  page: PageState,
  now: Date,
): Promise<AnswerOutcome | { readonly status: 'malformed' }> {
  const kept = await storeAnswers(asker, blockId, answers, now);
  if (kept.status !== 'kept') return kept;
  const changes = await findChanges(asker, blockId, page);
  return changes === undefined ? { status: 'gone' } : { status: 'answered', changes, missed: kept.missed };
}

/** The same without an open page. @returns the calls that were no longer open */
export async function storeAnswers(
  asker: Asker,
  blockId: string,
  answers: readonly SentAnswer[],
  now: Date,
): Promise<
  { readonly status: 'kept'; readonly missed: readonly string[] } | { readonly status: 'gone' | 'malformed' }
> {
  await refreshIfChanged(asker, blockId, now);
  const missed = await transact(async (transaction) => {
    const { calls } = models();
    if ((await lockBlock(asker, blockId, transaction)) === null) return null;
    const rows = await calls.findAll({
      where: ownRows(asker, { blockId, source: 'log', status: 'pending', id: answers.map(({ id }) => id) }),
      attributes: ['id', 'proposal'],
      transaction,
      lock: transaction.LOCK.UPDATE,
    });
    const pending = new Map(rows.map((row) => [row.get().id, proposalFrom(row.get().proposal)]));
    // The choice must be one that this kind of call allows.
    const fits = ({ id, choice }: SentAnswer) => {
      const call = pending.get(id);
      return call === undefined || decodeChoice(call.kind, choice).ok;
    };
    if (!answers.every(fits)) return 'malformed';
    // Equal answers are one statement: accepting all gives the same answer for many calls.
    for (const group of alike(answers.filter(({ id }) => pending.has(id)))) {
      const [{ outcome, choice }] = group;
      await calls.update(
        { status: outcome, choice: choice === null ? null : safeJson(choice), answeredAt: now },
        { where: ownRows(asker, { blockId, id: group.map(({ id }) => id) }), transaction },
      );
    }
    await markChanged(asker, [blockId], transaction);
    return answers.filter(({ id }) => !pending.has(id)).map(({ id }) => id);
  });
  if (missed === null) return { status: 'gone' };
  return missed === 'malformed' ? { status: 'malformed' } : { status: 'kept', missed };
}

/** Accepts the routine changes waiting in a block: loads and sets by their rules. @returns how many */
export async function acceptRoutine(asker: Asker, blockId: string, now: Date): Promise<number> {
  const routine = (await pendingCalls(asker, blockId, now)).filter(
    ({ kind }) => kind === 'load' || kind === 'sets',
  );
  if (routine.length === 0) return 0;
  const answers = routine.map(({ id }): SentAnswer => ({ id, outcome: 'accepted', choice: null }));
  const kept = await storeAnswers(asker, blockId, answers, now);
  return kept.status === 'kept' ? answers.length - kept.missed.length : 0;
}

/** Groups equal answers. */
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

/** The waiting proposals of a block. */
export async function pendingCalls(asker: Asker, blockId: string, now: Date): Promise<readonly Proposal[]> {
  await refreshIfChanged(asker, blockId, now);
  const rows = await models().calls.findAll({
    where: ownRows(asker, { blockId, source: 'log', status: 'pending' }),
    order: [['createdAt', 'ASC']],
  });
  return rows.map((row) => proposalFrom(row.get().proposal));
}
