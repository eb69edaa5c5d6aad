'use server';

import { z } from 'zod';
import type {
  AnswerOutcome,
  BalanceProposal,
  Block,
  IssueOutcome,
  RecallOutcome,
  RevisionLine,
  SaveOutcome,
  SentAnswer,
  SentStep,
  Training,
  Unanswered,
} from '@/core';
import { catalogueWith, checkInput, rebalance, unfold } from '@/core';
import { editSchema } from '@/core/codecs';
import {
  answerCalls,
  findBlockBefore,
  findRevision,
  findRevisions,
  findTraining,
  issueWeek,
  keepTemplate,
  recallWeek,
  saveSteps,
} from '@/data';
import { asCoach } from '../../../asker';
import { solve } from '../../../solver';

const id = z.string().min(1).max(191);
const stepsSchema = z
  .array(z.strictObject({ id: id.max(64), action: z.enum(['do', 'undo', 'redo']), edit: editSchema }))
  .max(1000);
const answersSchema = z
  .array(
    z.strictObject({
      id,
      outcome: z.enum(['accepted', 'changed', 'declined']),
      choice: z
        .union([
          z.strictObject({ load: z.number().min(-500).max(2000), reps: z.int().min(1).max(50) }),
          z.strictObject({ add: z.int().min(0).max(4) }),
        ])
        .nullable(),
    }),
  )
  .max(200);

const isId = (value: unknown) => id.safeParse(value).success;
const isWeek = (value: unknown) => z.int().min(1).max(99).safeParse(value).success;

/** Saves the steps of a tab. */
export async function save(
  blockId: string,
  base: number,
  steps: readonly SentStep[],
): Promise<SaveOutcome | Unanswered> {
  const parsed = stepsSchema.safeParse(steps);
  if (!parsed.success || !isId(blockId) || !Number.isInteger(base)) return { status: 'malformed' };
  return asCoach((asker) => saveSteps(asker, blockId, base, parsed.data, new Date()));
}

/** Keeps answers to calls and gives back what follows from them. */
export async function answer(
  blockId: string,
  answers: readonly SentAnswer[],
): Promise<AnswerOutcome | Unanswered> {
  const parsed = answersSchema.safeParse(answers);
  if (!parsed.success || !isId(blockId)) return { status: 'malformed' };
  return asCoach((asker) => answerCalls(asker, blockId, parsed.data, new Date()));
}

/** What is known of the block by now. */
export async function reload(blockId: string): Promise<AnswerOutcome | Unanswered> {
  if (!isId(blockId)) return { status: 'malformed' };
  return asCoach(async (asker) => {
    const training = await findTraining(asker, blockId);
    return training === undefined ? { status: 'gone' as const } : { status: 'answered' as const, training };
  });
}

export async function issue(
  blockId: string,
  week: number,
  revision: number,
): Promise<IssueOutcome | Unanswered> {
  if (!isId(blockId) || !isWeek(week) || !Number.isInteger(revision)) return { status: 'malformed' };
  return asCoach((asker) => issueWeek(asker, blockId, week, revision, new Date()));
}

export async function recall(blockId: string, week: number): Promise<RecallOutcome | Unanswered> {
  if (!isId(blockId) || !isWeek(week)) return { status: 'malformed' };
  return asCoach((asker) => recallWeek(asker, blockId, week, new Date()));
}

/** Keeps the design of the block as a template of the coach's own. */
export async function saveTemplate(
  blockId: string,
): Promise<{ readonly status: 'kept' } | { readonly status: 'gone' } | Unanswered> {
  if (!isId(blockId)) return { status: 'malformed' };
  return asCoach(async (asker) => ({
    status: (await keepTemplate(asker, blockId, new Date())) ? 'kept' : 'gone',
  }));
}

/** The latest changes of the block. */
export async function revisions(
  blockId: string,
): Promise<{ readonly status: 'found'; readonly lines: readonly RevisionLine[] } | Unanswered> {
  if (!isId(blockId)) return { status: 'malformed' };
  return asCoach(async (asker) => ({ status: 'found', lines: await findRevisions(asker, blockId) }));
}

/** The block as it was at a revision. */
export async function revision(
  blockId: string,
  at: number,
): Promise<{ readonly status: 'found'; readonly block: Block } | { readonly status: 'gone' } | Unanswered> {
  if (!isId(blockId) || !Number.isInteger(at)) return { status: 'malformed' };
  return asCoach(async (asker) => {
    const block = await findRevision(asker, blockId, at);
    return block === undefined ? { status: 'gone' } : { status: 'found', block };
  });
}

/** The athlete's block before this one. */
export async function blockBefore(
  blockId: string,
): Promise<
  { readonly status: 'found'; readonly training: Training } | { readonly status: 'gone' } | Unanswered
> {
  if (!isId(blockId)) return { status: 'malformed' };
  return asCoach(async (asker) => {
    const training = await findBlockBefore(asker, blockId);
    return training === undefined ? { status: 'gone' } : { status: 'found', training };
  });
}

/** Sets and exercises that bring every growing muscle to its target, for the block as the server has it. */
export async function proposeBalance(
  blockId: string,
): Promise<
  | { readonly status: 'found'; readonly proposal: BalanceProposal | null }
  | { readonly status: 'gone' }
  | Unanswered
> {
  if (!isId(blockId)) return { status: 'malformed' };
  return asCoach(async (asker) => {
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
