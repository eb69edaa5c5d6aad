'use server';

import * as z from 'zod';
import { catalogueWith, LONGEST_LINE, type SentAnswer, type Unanswered } from '@/core';
import { sentAnswerSchema } from '@/core/codecs';
import {
  acceptRoutine,
  issueReady,
  keepAnswers,
  ownExercises,
  painSeen,
  pendingCalls,
  recallWeek,
  sayWithWeek,
  takeBackAnswer,
  takeOption,
  unseenPain,
} from '@/data';
import { callLine } from '@/ui/words/calls';
import { capital } from '@/ui/words/names';
import { asCoach } from '../../asker';
import { idSchema, isId, weekSchema } from '../../inputs';

/** Most athletes at once: a roster. */
const MOST = 500;
const ids = z.array(idSchema).min(1).max(MOST);
const optionSchema = z.string().min(1).max(300).nullable();
const answersSchema = z.array(sentAnswerSchema).min(1).max(MOST);
const readySchema = z
  .array(z.strictObject({ blockId: idSchema, week: weekSchema }))
  .min(1)
  .max(MOST);
const lineSchema = z.string().max(LONGEST_LINE);

type Told<T> = Promise<T | Unanswered>;

/** Takes an option of a call that the day made, or leaves it (null). */
export async function take(
  blockId: string,
  id: string,
  option: string | null,
): Told<{ readonly status: 'done' | 'missed' | 'refused' | 'gone' }> {
  if (!isId(blockId) || !isId(id) || !optionSchema.safeParse(option).success) return { status: 'malformed' };
  return asCoach((asker) => takeOption(asker, blockId, id, option, new Date()));
}

/** Answers calls that the log made. */
export async function answer(
  blockId: string,
  answers: readonly SentAnswer[],
): Told<{ readonly status: 'kept' | 'gone' }> {
  const parsed = answersSchema.safeParse(answers);
  if (!isId(blockId) || !parsed.success) return { status: 'malformed' };
  return asCoach((asker) => keepAnswers(asker, blockId, parsed.data, new Date()));
}

/** Marks all pain that an athlete has told as seen. */
export async function seenPain(athleteId: string): Told<{ readonly status: 'seen' }> {
  if (!isId(athleteId)) return { status: 'malformed' };
  return asCoach(async (asker) => {
    for (const workoutId of await unseenPain(asker, athleteId)) await painSeen(asker, workoutId, new Date());
    return { status: 'seen' };
  });
}

/** Accepts the routine of blocks as it waits. */
export async function applyRoutine(
  blockIds: readonly string[],
): Told<{ readonly status: 'applied'; readonly count: number }> {
  const parsed = ids.safeParse(blockIds);
  if (!parsed.success) return { status: 'malformed' };
  return asCoach(async (asker) => {
    let count = 0;
    for (const blockId of parsed.data) count += await acceptRoutine(asker, blockId, new Date());
    return { status: 'applied', count };
  });
}

/** The routine of a block, a line each. */
export async function routineOf(
  blockId: string,
): Told<{ readonly status: 'found'; readonly lines: readonly string[] }> {
  if (!isId(blockId)) return { status: 'malformed' };
  return asCoach(async (asker) => {
    const catalogue = catalogueWith(await ownExercises(asker));
    const calls = (await pendingCalls(asker, blockId)).filter(
      ({ kind }) => kind === 'load' || kind === 'sets',
    );
    const lines = calls.map((call) => {
      const { subject, change } = callLine(call, catalogue);
      return `${capital(subject)}: ${change}`;
    });
    return { status: 'found', lines };
  });
}

/** Takes answers back; those that cannot be any more stay. */
export async function takeBack(
  blockId: string,
  callIds: readonly string[],
): Told<{ readonly status: 'done' | 'refused' }> {
  const parsed = ids.safeParse(callIds);
  if (!isId(blockId) || !parsed.success) return { status: 'malformed' };
  return asCoach(async (asker) => {
    let refused = 0;
    for (const id of parsed.data) {
      const { status } = await takeBackAnswer(asker, blockId, id, new Date());
      if (status !== 'done') refused++;
    }
    return { status: refused === 0 ? 'done' : 'refused' };
  });
}

/** Hands out weeks, with a line to the athletes where one is written. */
export async function issueAll(
  ready: readonly { readonly blockId: string; readonly week: number }[],
  line: string,
): Told<{
  readonly status: 'issued';
  readonly left: readonly { readonly blockId: string; readonly why: string }[];
}> {
  const parsed = readySchema.safeParse(ready);
  const said = lineSchema.safeParse(line);
  if (!parsed.success || !said.success) return { status: 'malformed' };
  return asCoach(async (asker) => {
    const left = await issueReady(asker, parsed.data, new Date());
    const stays = new Set(left.map(({ blockId }) => blockId));
    if (said.data.trim() !== '')
      for (const { blockId, week } of parsed.data)
        if (!stays.has(blockId)) await sayWithWeek(asker, blockId, week, said.data);
    return { status: 'issued', left };
  });
}

/** Takes a week back that was just handed out. */
export async function recall(
  blockId: string,
  week: number,
): Told<{ readonly status: 'recalled' | 'refused' }> {
  if (!isId(blockId) || !weekSchema.safeParse(week).success) return { status: 'malformed' };
  return asCoach(async (asker) => {
    const { status } = await recallWeek(asker, blockId, week, new Date(), true);
    return { status: status === 'recalled' ? 'recalled' : 'refused' };
  });
}
