'use server';

import * as z from 'zod';
import { catalogueWith, LONGEST_LINE, type SentAnswer, type Unanswered } from '@/core';
import { sentAnswerSchema } from '@/core/codecs';
import {
  acceptRoutine,
  chooseOption,
  exercisesOf,
  issueWeeks,
  pendingCalls,
  recallWeek,
  setWeekNote,
  storeAnswers,
  storePainSeen,
  undoAnswer,
  unseenPain,
} from '@/data';
import { callLine } from '@/ui/words/calls';
import { capital } from '@/ui/words/names';
import { asCoachFor } from '../../asker';
import { idSchema, isId, weekSchema } from '../../inputs';

/** Most athletes in one request: a roster. */
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

/** Applies an option of an alert, or dismisses the alert (null). */
export async function applyOption(
  blockId: string,
  id: string,
  option: string | null,
): Told<{ readonly status: 'done' | 'missed' | 'refused' | 'gone' }> {
  if (!isId(blockId) || !isId(id) || !optionSchema.safeParse(option).success) return { status: 'malformed' };
  return asCoachFor({ blockId }, async (coach) => {
    const said = await chooseOption(coach, blockId, id, option, new Date());
    if (said.status === 'done') await coach.did('answered', 1);
    return said;
  });
}

/** Answers proposals. */
export async function answer(
  blockId: string,
  answers: readonly SentAnswer[],
): Told<{ readonly status: 'kept' | 'gone' }> {
  const parsed = answersSchema.safeParse(answers);
  if (!isId(blockId) || !parsed.success) return { status: 'malformed' };
  return asCoachFor({ blockId }, async (coach) => {
    const said = await storeAnswers(coach, blockId, parsed.data, new Date());
    if (said.status === 'kept') await coach.did('answered', parsed.data.length - said.missed.length);
    return said;
  });
}

/** Marks all pain reported by an athlete as seen. */
export async function markAllPainSeen(athleteId: string): Told<{ readonly status: 'seen' }> {
  if (!isId(athleteId)) return { status: 'malformed' };
  return asCoachFor({ athleteId }, async (asker) => {
    for (const workoutId of await unseenPain(asker, athleteId))
      await storePainSeen(asker, workoutId, new Date());
    return { status: 'seen' };
  });
}

/** Accepts all routine changes waiting in these blocks. */
export async function applyRoutine(
  blockIds: readonly string[],
): Told<{ readonly status: 'applied'; readonly count: number }> {
  const parsed = ids.safeParse(blockIds);
  if (!parsed.success) return { status: 'malformed' };
  let count = 0;
  for (const blockId of parsed.data) {
    const said = await asCoachFor({ blockId }, async (coach) => {
      const accepted = await acceptRoutine(coach, blockId, new Date());
      if (accepted > 0) await coach.did('applied the routine', accepted);
      return { status: 'applied' as const, accepted };
    });
    if (said.status === 'applied') count += said.accepted;
    else if (said.status !== 'to read') return said;
  }
  return { status: 'applied', count };
}

/** Routine changes of a block, one line each. */
export async function routineLines(
  blockId: string,
): Told<{ readonly status: 'found'; readonly lines: readonly string[] }> {
  if (!isId(blockId)) return { status: 'malformed' };
  return asCoachFor({ blockId }, async (asker) => {
    const catalogue = catalogueWith(await exercisesOf(asker));
    const calls = (await pendingCalls(asker, blockId, new Date())).filter(
      ({ kind }) => kind === 'load' || kind === 'sets',
    );
    const lines = calls.map((call) => {
      const { subject, change } = callLine(call, catalogue);
      return `${capital(subject)}: ${change}`;
    });
    return { status: 'found', lines };
  });
}

/** Undoes answers, except those that can no longer be undone. */
export async function undoAnswers(
  blockId: string,
  callIds: readonly string[],
): Told<{ readonly status: 'done' | 'refused' }> {
  const parsed = ids.safeParse(callIds);
  if (!isId(blockId) || !parsed.success) return { status: 'malformed' };
  return asCoachFor({ blockId }, async (coach) => {
    let refused = 0;
    for (const id of parsed.data) {
      const { status } = await undoAnswer(coach, blockId, id, new Date());
      if (status !== 'done') refused++;
    }
    if (refused < parsed.data.length) await coach.did('took answers back', parsed.data.length - refused);
    return { status: refused === 0 ? 'done' : 'refused' };
  });
}

/** Sends weeks, with an optional note to the athletes. */
export async function sendWeeks(
  ready: readonly { readonly blockId: string; readonly week: number }[],
  line: string,
): Told<{
  readonly status: 'issued';
  readonly left: readonly { readonly blockId: string; readonly why: string }[];
}> {
  const parsed = readySchema.safeParse(ready);
  const said = lineSchema.safeParse(line);
  if (!parsed.success || !said.success) return { status: 'malformed' };
  const left: { readonly blockId: string; readonly why: string }[] = [];
  for (const one of parsed.data) {
    const answer = await asCoachFor({ blockId: one.blockId }, async (coach) => {
      const stays = await issueWeeks(coach, [one], new Date());
      if (stays.length > 0) return { status: 'left' as const, stays };
      await coach.did('handed out', one.week);
      if (said.data.trim() !== '') await setWeekNote(coach, one.blockId, one.week, said.data);
      return { status: 'left' as const, stays };
    });
    if (answer.status === 'left') left.push(...answer.stays);
    else if (answer.status === 'to read') left.push({ blockId: one.blockId, why: 'to read' });
    else return answer;
  }
  return { status: 'issued', left };
}

/** Recalls a week that was just sent. */
export async function recall(
  blockId: string,
  week: number,
): Told<{ readonly status: 'recalled' | 'refused' }> {
  if (!isId(blockId) || !weekSchema.safeParse(week).success) return { status: 'malformed' };
  return asCoachFor({ blockId }, async (coach) => {
    const { status } = await recallWeek(coach, blockId, week, new Date(), true);
    if (status === 'recalled') await coach.did('took back', week);
    return { status: status === 'recalled' ? 'recalled' : 'refused' };
  });
}
