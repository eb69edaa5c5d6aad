import { randomUUID } from 'node:crypto';
import { Op, type Transaction } from 'sequelize';
import {
  type Edit,
  jsonOf,
  type Training,
  unfold,
  type WatchAnswer,
  type WatchCall,
  watchCalls,
} from '@/core';
import { decodeWatchCall } from '@/core/codecs';
import { type Asker, own } from '../asker';
import { transact } from '../database';
import { models } from '../models/models';
import { plain } from '../models/plain';
import type { CallRow } from '../models/rows';
import { saveWithin } from './blocks';
import { markChanged, refreshCalls } from './calls';
import { issueWeek } from './issuing';
import { stored } from './stored';
import { storedEdit } from './stored-block';
import { exerciseLookup, findTraining } from './training';
import { watchOf } from './watching';

/** How taking an option, leaving a call or taking an answer back went. */
export type SteerOutcome =
  | { readonly status: 'done' }
  /** The call is no longer open: its facts have changed, or it was answered elsewhere. */
  | { readonly status: 'missed' }
  /** The block would not be allowed so, or has changed since in the same place. */
  | { readonly status: 'refused' }
  | { readonly status: 'gone' };

/**
 * Takes an option of a call that the day made, or leaves things as they are. What it does to the block follows from how
 * the block stands now; it is a step of the block's life like any other.
 * @param optionId null: left as it is
 */
export async function takeOption(
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
    const revision = await heldRevision(asker, blockId, transaction);
    if (revision === null) return { status: 'gone' };
    const pending = await pendingCall(asker, blockId, callId, transaction);
    if (pending === undefined) return { status: 'missed' };
    const wanted = pending.options.find(({ id }) => id === optionId);
    // A week is planned as it is handed out: what else the day shows need not be looked at.
    if (wanted?.does.kind === 'issue') return { status: 'to issue', week: wanted.does.week, revision };
    if (optionId === null) {
      // What is declined does nothing: it need not be worked out what it would have done.
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
    // Handed out as from its block, with the same refusals: a second time there is nothing to hand out.
    const issued = await issueWeek(asker, blockId, outcome.week, outcome.revision, now);
    return { status: issued.status === 'issued' ? 'done' : 'refused' };
  }
  return outcome;
}

/** Holds a block until the transaction ends. @returns its revision; null: it is not there */
async function heldRevision(asker: Asker, blockId: string, transaction: Transaction): Promise<number | null> {
  const row = await models().blocks.findOne({
    where: own(asker, { id: blockId, deletedAt: null }),
    attributes: ['revision'],
    transaction,
    lock: transaction.LOCK.UPDATE,
  });
  return row?.get().revision ?? null;
}

/** A call that the day made and that waits for an answer, as it was filed. */
async function pendingCall(
  asker: Asker,
  blockId: string,
  id: string,
  transaction: Transaction,
): Promise<WatchCall | undefined> {
  const where = own(asker, { blockId, id, source: 'day' as const, status: 'pending' as const });
  const row = await models().calls.findOne({ where, attributes: ['proposal'], transaction });
  return row === null ? undefined : stored('a call', decodeWatchCall, row.get().proposal);
}

/** A call as the day would make it now; undefined where it would not. */
async function callNow(
  asker: Asker,
  training: Training,
  callId: string,
  now: Date,
  transaction: Transaction,
): Promise<WatchCall | undefined> {
  const blockPlan = unfold({ ...training, exercises: exerciseLookup(training) });
  const watch = await watchOf(asker, training, blockPlan, now, transaction);
  return watchCalls(watch, () => false).find(({ id }) => id === callId);
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
      choice: optionId === null ? null : jsonOf(optionId),
      editId,
      answeredAt: now,
      byRule: false,
    },
    { where: own(asker, { blockId, id }), transaction },
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
  const where = own(asker, { blockId, week, recalledAt: null });
  const within = transaction === undefined ? {} : { transaction };
  if ((await models().issued.count({ where, ...within })) === 0) return false;
  await models().issued.update({ closedAt: at }, { where, ...within });
  return true;
}

/**
 * Closes a week that will not be finished, or opens it again (null). What was logged stays; what was not trained is
 * nothing to go on from. @returns whether such a week stands
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
 * Takes an answer back: the call is open again where its facts still stand, and what the answer did to the block is
 * undone. Refused where the week it was about is handed out, or the block has changed since in the same place.
 */
export async function takeBackAnswer(
  asker: Asker,
  blockId: string,
  callId: string,
  now: Date,
): Promise<SteerOutcome> {
  const row = (await models().calls.findOne({ where: own(asker, { blockId, id: callId }) }))?.get();
  if (row === undefined || row.status === 'pending') return { status: 'missed' };
  const taken = row.source === 'day' ? actionOf(row) : null;
  return transact(async (transaction): Promise<SteerOutcome> => {
    if ((await heldRevision(asker, blockId, transaction)) === null) return { status: 'gone' };
    const training = await findTraining(asker, blockId, transaction);
    if (training === undefined) return { status: 'gone' };
    if (row.source === 'log' && training.issued.some(({ week }) => week === row.week))
      return { status: 'refused' };
    if (row.editId !== null && !(await undo(asker, training, row.editId, now, transaction)))
      return { status: 'refused' };
    if (taken?.kind === 'close week') await setClosed(asker, blockId, taken.week, null, transaction);
    await models().calls.update(
      // Taken back from the athlete's rule it stays marked: the rule does not answer it again.
      { status: 'pending', choice: null, editId: null, answeredAt: null, byRule: row.byRule },
      { where: own(asker, { blockId, id: callId }), transaction },
    );
    await markChanged(asker, [blockId], transaction);
    return { status: 'done' };
  });
}

/** What was taken of a call that the day made. */
function actionOf({ proposal, choice }: CallRow): WatchCall['options'][number]['does'] | null {
  const call = stored('a call', decodeWatchCall, proposal);
  const id: unknown = choice === null ? null : JSON.parse(choice);
  return call.options.find((option) => option.id === id)?.does ?? null;
}

/** Undoes a step of a block's life, where nothing has changed in its place since. */
async function undo(
  asker: Asker,
  training: Training,
  editId: string,
  now: Date,
  transaction: Transaction,
): Promise<boolean> {
  const step_ = await models().revisions.findOne({
    where: own(asker, { blockId: training.blockId, editId }),
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

/** A week of a block that is to be handed out. */
export interface ReadyWeek {
  readonly blockId: string;
  readonly week: number;
}

/**
 * Hands weeks out, each as from its own block, with the same line where one is given. One that is refused keeps none of
 * the others.
 * @returns those that were not, with why
 */
export async function issueReady(
  asker: Asker,
  ready: readonly ReadyWeek[],
  now: Date,
): Promise<readonly (ReadyWeek & { readonly why: string })[]> {
  const left: (ReadyWeek & { readonly why: string })[] = [];
  for (const one of ready) {
    const row = await models().blocks.findOne({
      where: own(asker, { id: one.blockId, deletedAt: null }),
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

/** What was answered to the calls that days made in a block, oldest first, with the option that was taken. */
export async function dayAnswers(
  asker: Asker,
  blockId: string,
): Promise<readonly (Omit<WatchAnswer, 'date'> & { readonly at: Date })[]> {
  const rows = await plain(models().calls, {
    where: own(asker, { blockId, source: 'day', status: { [Op.ne]: 'pending' } }),
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
