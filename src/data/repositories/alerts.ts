import { randomUUID } from 'node:crypto';
import { Op, type Transaction } from 'sequelize';
import {
  dayAlerts,
  type Edit,
  safeJson,
  type Training,
  unfold,
  type WatchAnswer,
  type WatchCall,
} from '@/core';
import { decodeWatchCall } from '@/core/codecs';
import { type Asker, ownRows } from '../asker';
import { transact } from '../database';
import { models } from '../models/models';
import { plain } from '../models/plain';
import type { CallRow } from '../models/rows';
import { saveWithin } from './blocks';
import { markChanged, refreshCalls } from './calls';
import { watchOf } from './day-input';
import { issueWeek } from './sending-weeks';
import { stored } from './stored';
import { storedEdit } from './stored-block';
import { exerciseLookup, findTraining } from './training';

/** The result of applying an option, dismissing an alert or undoing an answer. */
export type SteerOutcome =
  | { readonly status: 'done' }
  /** The alert is no longer open: its facts have changed, or it was answered elsewhere. */
  | { readonly status: 'missed' }
  /** The resulting block would be invalid, or the same place has changed since. */
  | { readonly status: 'refused' }
  | { readonly status: 'gone' };

/**
 * Applies an option of an alert, or dismisses it. Its edit is computed on the current block, and is a normal step.
 * @param optionId null dismisses it
 */
export async function chooseOption(
  asker: Asker,
  blockId: string,
  callId: string,
  optionId: string | null,
  now: Date,
): Promise<SteerOutcome> {
  type Taken =
    | SteerOutcome
    | { readonly status: 'to issue'; readonly week: number; readonly revision: number };
  const outcome = await transact(async (transaction): Promise<Taken> => {
    const revision = await lockBlockRevision(asker, blockId, transaction);
    if (revision === null) return { status: 'gone' };
    const pending = await pendingCall(asker, blockId, callId, transaction);
    if (pending === undefined) return { status: 'missed' };
    const wanted = pending.options.find(({ id }) => id === optionId);
    // A week is planned as it is sent: the other alerts need not be computed.
    if (wanted?.does.kind === 'issue') return { status: 'to issue', week: wanted.does.week, revision };
    if (optionId === null) {
      // A dismissed alert has no effect, so its options need not be computed.
      await answer(asker, blockId, callId, { optionId, editId: null, now }, transaction);
      return { status: 'done' };
    }
    const training = await findTraining(asker, blockId, transaction);
    if (training === undefined) return { status: 'gone' };
    const call = await callNow(asker, training, callId, now, transaction);
    const option = call?.options.find(({ id }) => id === optionId);
    if (call === undefined || option === undefined) return { status: 'missed' };
    const editId = option.edit === null ? null : randomUUID();
    if (option.edit !== null && editId !== null) {
      const saved = await step(
        asker,
        training,
        { id: editId, edit: option.edit, action: 'do' },
        now,
        transaction,
      );
      if (!saved) return { status: 'refused' };
    }
    if (option.does.kind === 'close week')
      await setClosed(asker, blockId, option.does.week, now, transaction);
    await answer(asker, blockId, call.id, { optionId, editId, now }, transaction);
    return { status: 'done' };
  });
  if (outcome.status === 'to issue') {
    // Sent as from its block, with the same refusals: a second time there is nothing to send.
    const issued = await issueWeek(asker, blockId, outcome.week, outcome.revision, now);
    return { status: issued.status === 'issued' ? 'done' : 'refused' };
  }
  return outcome;
}

/** Locks a block until the transaction ends. @returns its revision; null if it does not exist */
async function lockBlockRevision(
  asker: Asker,
  blockId: string,
  transaction: Transaction,
): Promise<number | null> {
  const row = await models().blocks.findOne({
    where: ownRows(asker, { id: blockId, deletedAt: null }),
    attributes: ['revision'],
    transaction,
    lock: transaction.LOCK.UPDATE,
  });
  return row?.get().revision ?? null;
}

/** A waiting alert, as stored. */
async function pendingCall(
  asker: Asker,
  blockId: string,
  id: string,
  transaction: Transaction,
): Promise<WatchCall | undefined> {
  const where = ownRows(asker, { blockId, id, source: 'day' as const, status: 'pending' as const });
  const row = await models().calls.findOne({ where, attributes: ['proposal'], transaction });
  return row === null ? undefined : stored('a call', decodeWatchCall, row.get().proposal);
}

/** An alert as it would be raised now; undefined if it would not. */
async function callNow(
  asker: Asker,
  training: Training,
  callId: string,
  now: Date,
  transaction: Transaction,
): Promise<WatchCall | undefined> {
  const blockPlan = unfold({ ...training, exercises: exerciseLookup(training) });
  const watch = await watchOf(asker, training, blockPlan, now, transaction);
  return dayAlerts(watch, () => false).find(({ id }) => id === callId);
}

async function step(
  asker: Asker,
  { blockId, revision }: Pick<Training, 'blockId' | 'revision'>,
  { id, edit, action }: { readonly id: string; readonly edit: Edit; readonly action: 'do' | 'undo' },
  now: Date,
  transaction: Transaction,
): Promise<boolean> {
  const saved = await saveWithin(asker, blockId, revision, [{ id, action, edit }], now, transaction);
  return saved.status === 'saved';
}

async function answer(
  asker: Asker,
  blockId: string,
  id: string,
  given: { readonly optionId: string | null; readonly editId: string | null; readonly now: Date },
  transaction: Transaction,
): Promise<void> {
  const { optionId, editId, now } = given;
  await models().calls.update(
    {
      status: optionId === null ? 'declined' : 'accepted',
      choice: optionId === null ? null : safeJson(optionId),
      editId,
      answeredAt: now,
      byRule: false,
    },
    { where: ownRows(asker, { blockId, id }), transaction },
  );
  await markChanged(asker, [blockId], transaction);
}

async function setClosed(
  asker: Asker,
  blockId: string,
  week: number,
  at: Date | null,
  transaction?: Transaction,
): Promise<boolean> {
  const where = ownRows(asker, { blockId, week, recalledAt: null });
  const within = transaction === undefined ? {} : { transaction };
  if ((await models().issued.count({ where, ...within })) === 0) return false;
  await models().issued.update({ closedAt: at }, { where, ...within });
  return true;
}

/**
 * Closes a week that will not be finished, or reopens it (null). What was logged stays; what was not trained is
 * ignored later. @returns whether the sent week exists
 */
export async function closeWeek(
  asker: Asker,
  blockId: string,
  week: number,
  at: Date | null,
  now: Date,
): Promise<boolean> {
  const closed = await setClosed(asker, blockId, week, at);
  if (closed) await refreshCalls(asker, blockId, now);
  return closed;
}

/**
 * Undoes an answer: the call is open again if its facts are unchanged, and the answer's edit is reverted. Refused if
 * its week is sent, or the block has changed in the same place since.
 */
export async function undoAnswer(
  asker: Asker,
  blockId: string,
  callId: string,
  now: Date,
): Promise<SteerOutcome> {
  const row = (await models().calls.findOne({ where: ownRows(asker, { blockId, id: callId }) }))?.get();
  if (row === undefined || row.status === 'pending') return { status: 'missed' };
  const taken = row.source === 'day' ? actionOf(row) : null;
  return transact(async (transaction): Promise<SteerOutcome> => {
    if ((await lockBlockRevision(asker, blockId, transaction)) === null) return { status: 'gone' };
    const training = await findTraining(asker, blockId, transaction);
    if (training === undefined) return { status: 'gone' };
    if (row.source === 'log' && training.issued.some(({ week }) => week === row.week))
      return { status: 'refused' };
    if (row.editId !== null && !(await undo(asker, training, row.editId, now, transaction)))
      return { status: 'refused' };
    if (taken?.kind === 'close week') await setClosed(asker, blockId, taken.week, null, transaction);
    await models().calls.update(
      // Undone from the athlete's setting it stays marked, so that the setting does not answer it again.
      { status: 'pending', choice: null, editId: null, answeredAt: null, byRule: row.byRule },
      { where: ownRows(asker, { blockId, id: callId }), transaction },
    );
    await markChanged(asker, [blockId], transaction);
    return { status: 'done' };
  });
}

/** The chosen option of an alert. */
function actionOf({ proposal, choice }: CallRow): WatchCall['options'][number]['does'] | null {
  const call = stored('a call', decodeWatchCall, proposal);
  const id: unknown = choice === null ? null : JSON.parse(choice);
  return call.options.find((option) => option.id === id)?.does ?? null;
}

/** Reverts a step, if nothing in its place has changed since. */
async function undo(
  asker: Asker,
  training: Training,
  editId: string,
  now: Date,
  transaction: Transaction,
): Promise<boolean> {
  const step_ = await models().revisions.findOne({
    where: ownRows(asker, { blockId: training.blockId, editId }),
    transaction,
  });
  if (step_ === null) return false;
  const { inverse, revision } = step_.get();
  const saved = await saveWithin(
    asker,
    training.blockId,
    revision,
    [{ id: randomUUID(), action: 'undo', edit: storedEdit(inverse) }],
    now,
    transaction,
  );
  return saved.status === 'saved';
}

/** A week of a block to send. */
export interface ReadyWeek {
  readonly blockId: string;
  readonly week: number;
}

/**
 * Sends weeks, each as from its own block, with the same note if there is one. A refused one does not affect the
 * others.
 * @returns those not sent, with the reason
 */
export async function issueWeeks(
  asker: Asker,
  ready: readonly ReadyWeek[],
  now: Date,
): Promise<readonly (ReadyWeek & { readonly why: string })[]> {
  const left: (ReadyWeek & { readonly why: string })[] = [];
  for (const one of ready) {
    const row = await models().blocks.findOne({
      where: ownRows(asker, { id: one.blockId, deletedAt: null }),
      attributes: ['revision'],
    });
    const outcome =
      row === null
        ? ({ status: 'gone' } as const)
        : await issueWeek(asker, one.blockId, one.week, row.get().revision, now);
    if (outcome.status === 'issued') continue;
    left.push({ ...one, why: outcome.status === 'refused' ? outcome.refusal.code : outcome.status });
  }
  return left;
}

/** Answered alerts of a block, oldest first, with the chosen option. */
export async function dayAnswers(
  asker: Asker,
  blockId: string,
): Promise<readonly (Omit<WatchAnswer, 'date'> & { readonly at: Date })[]> {
  const rows = await plain(models().calls, {
    where: ownRows(asker, { blockId, source: 'day', status: { [Op.ne]: 'pending' } }),
    order: [['answeredAt', 'ASC']],
  });
  return rows.flatMap(({ id, proposal, choice, answeredAt }) =>
    answeredAt === null
      ? []
      : [
          {
            id,
            call: stored('a call', decodeWatchCall, proposal),
            optionId: choice === null ? null : (JSON.parse(choice) as string),
            at: answeredAt,
          },
        ],
  );
}
