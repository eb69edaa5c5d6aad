'use server';

import * as z from 'zod';
import type {
  AnswerOutcome,
  BalanceProposal,
  Block,
  IssuedWeek,
  IssueOutcome,
  PageState,
  RecallOutcome,
  ReloadOutcome,
  RevisionLine,
  SaveOutcome,
  SentAnswer,
  SentStep,
  Training,
  Unanswered,
} from '@/core';
import { catalogueWith, checkInput, rebalance, unfold } from '@/core';
import { editSchema, sentAnswerSchema } from '@/core/codecs';
import {
  answerCalls,
  closeWeek,
  findBlockBefore,
  findIssuedWeek,
  findRevision,
  findRevisions,
  findTraining,
  issueWeek,
  recallWeek,
  refreshIfChanged,
  reloadTraining,
  restoreLastGood,
  saveSteps,
  storeTemplate,
} from '@/data';
import { templateName } from '@/ui/template-name';
import { asCoachFor, asReaderFor } from '../../../asker';
import { isId, knownSchema, revisionSchema, shortIdSchema, weekSchema } from '../../../inputs';
import { solve } from '../../../solver';

const stepsSchema = z
  .array(z.strictObject({ id: shortIdSchema, action: z.enum(['do', 'undo', 'redo']), edit: editSchema }))
  .max(1000);
const answersSchema = z.array(sentAnswerSchema).max(200);

const isWeek = (value: unknown) => weekSchema.safeParse(value).success;
const isRevision = (value: unknown) => revisionSchema.safeParse(value).success;

/** Saves the steps of a tab. */
export async function save(
  blockId: string,
  base: number,
  steps: readonly SentStep[],
): Promise<SaveOutcome | Unanswered> {
  const parsed = stepsSchema.safeParse(steps);
  if (!parsed.success || !isId(blockId) || !isRevision(base)) return { status: 'malformed' };
  return asCoachFor({ blockId }, (asker) => saveSteps(asker, blockId, base, parsed.data, new Date()));
}

/** Saves answers to proposals and returns what has changed since the page's version of the block. */
export async function answer(
  blockId: string,
  answers: readonly SentAnswer[],
  page: PageState,
): Promise<AnswerOutcome | Unanswered> {
  const parsed = answersSchema.safeParse(answers);
  const since = knownSchema.safeParse(page);
  if (!parsed.success || !since.success || !isId(blockId)) return { status: 'malformed' };
  return asCoachFor({ blockId }, async (coach) => {
    const said = await answerCalls(coach, blockId, parsed.data, since.data, new Date());
    if (said.status === 'answered') await coach.did('answered', parsed.data.length - said.missed.length);
    return said;
  });
}

/** What has changed in the block since the page's version; everything if the page has none. */
export async function reload(blockId: string, page: PageState | null): Promise<ReloadOutcome | Unanswered> {
  const since = knownSchema.nullable().safeParse(page);
  if (!since.success || !isId(blockId)) return { status: 'malformed' };
  return asReaderFor({ blockId }, async (asker) => {
    await refreshIfChanged(asker, blockId, new Date());
    return reloadTraining(asker, blockId, since.data);
  });
}

/** A sent week with its reasons. */
export async function reasons(
  blockId: string,
  week: number,
): Promise<
  { readonly status: 'found'; readonly week: IssuedWeek } | { readonly status: 'gone' } | Unanswered
> {
  if (!isId(blockId) || !isWeek(week)) return { status: 'malformed' };
  return asReaderFor({ blockId }, async (asker) => {
    const found = await findIssuedWeek(asker, blockId, week);
    return found === undefined ? { status: 'gone' } : { status: 'found', week: found };
  });
}

/** Replaces a document that cannot be read by its last good revision. */
export async function restore(
  blockId: string,
): Promise<{ readonly status: 'restored' } | { readonly status: 'gone' } | Unanswered> {
  if (!isId(blockId)) return { status: 'malformed' };
  return asCoachFor({ blockId }, async (asker) => ({
    status: (await restoreLastGood(asker, blockId, new Date())) ? 'restored' : 'gone',
  }));
}

export async function issue(
  blockId: string,
  week: number,
  revision: number,
): Promise<IssueOutcome | Unanswered> {
  if (!isId(blockId) || !isWeek(week) || !isRevision(revision)) return { status: 'malformed' };
  return asCoachFor({ blockId }, async (coach) => {
    const said = await issueWeek(coach, blockId, week, revision, new Date());
    if (said.status === 'issued') await coach.did('handed out', week);
    return said;
  });
}

export async function recall(
  blockId: string,
  week: number,
  knowingly: boolean,
): Promise<RecallOutcome | Unanswered> {
  if (!isId(blockId) || !isWeek(week)) return { status: 'malformed' };
  return asCoachFor({ blockId }, async (coach) => {
    const said = await recallWeek(coach, blockId, week, new Date(), knowingly === true);
    if (said.status === 'recalled') await coach.did('took back', week);
    return said;
  });
}

/** Closes a week that will not be finished, or reopens it. */
export async function close(
  blockId: string,
  week: number,
  closed: boolean,
): Promise<{ readonly status: 'closed' } | { readonly status: 'gone' } | Unanswered> {
  if (!isId(blockId) || !isWeek(week)) return { status: 'malformed' };
  return asCoachFor({ blockId }, async (coach) => {
    const now = new Date();
    const done = await closeWeek(coach, blockId, week, closed === true ? now : null, now);
    if (done) await coach.did(closed === true ? 'closed' : 'opened', week);
    return { status: done ? 'closed' : 'gone' };
  });
}

/** Saves the block's design as a template of the coach's own. */
export async function saveTemplate(
  blockId: string,
  name: string,
): Promise<{ readonly status: 'kept' } | { readonly status: 'gone' } | Unanswered> {
  if (!isId(blockId) || !templateName.safeParse(name).success) return { status: 'malformed' };
  return asReaderFor({ blockId }, async (asker) => ({
    status: (await storeTemplate(asker, blockId, name.trim(), new Date())) ? 'kept' : 'gone',
  }));
}

/** The latest changes of the block. */
export async function revisions(
  blockId: string,
): Promise<{ readonly status: 'found'; readonly lines: readonly RevisionLine[] } | Unanswered> {
  if (!isId(blockId)) return { status: 'malformed' };
  return asReaderFor({ blockId }, async (asker) => ({
    status: 'found',
    lines: await findRevisions(asker, blockId),
  }));
}

/** The block as it was at a revision. */
export async function revision(
  blockId: string,
  at: number,
): Promise<{ readonly status: 'found'; readonly block: Block } | { readonly status: 'gone' } | Unanswered> {
  if (!isId(blockId) || !isRevision(at)) return { status: 'malformed' };
  return asReaderFor({ blockId }, async (asker) => {
    const block = await findRevision(asker, blockId, at);
    return block === undefined ? { status: 'gone' } : { status: 'found', block };
  });
}

/** The athlete's previous block. */
export async function previousBlock(
  blockId: string,
): Promise<
  { readonly status: 'found'; readonly training: Training } | { readonly status: 'gone' } | Unanswered
> {
  if (!isId(blockId)) return { status: 'malformed' };
  return asReaderFor({ blockId }, async (asker) => {
    const training = await findBlockBefore(asker, blockId);
    return training === undefined ? { status: 'gone' } : { status: 'found', training };
  });
}

/**
 * Sets and exercises that bring every growing muscle to its target, computed on the server's version of the block.
 */
export async function proposeBalance(
  blockId: string,
): Promise<
  | { readonly status: 'found'; readonly proposal: BalanceProposal | null }
  | { readonly status: 'gone' }
  | Unanswered
> {
  if (!isId(blockId)) return { status: 'malformed' };
  return asReaderFor({ blockId }, async (asker) => {
    const training = await findTraining(asker, blockId);
    if (training === undefined) return { status: 'gone' };
    const { block, athlete, ownExercises } = training;
    const { find: exercises, list } = catalogueWith(ownExercises);
    const blockPlan = unfold({ ...training, exercises });
    const input = checkInput({ block, athlete, blockPlan, exercises });
    if (input === undefined) return { status: 'found', proposal: null };
    return { status: 'found', proposal: await rebalance({ ...input, list }, solve) };
  });
}
