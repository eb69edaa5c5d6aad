'use server';

import * as z from 'zod';
import {
  type AnsweredLesson,
  catalogueWith,
  forgetting,
  lessonsAnswered,
  refusing,
  type Training,
  type Unanswered,
  unfold,
  withLesson,
} from '@/core';
import { findAthlete, findTraining, saveAthlete } from '@/data';
import { lessonText } from '@/ui/words/review';
import { asCoach } from '../../../asker';
import { isId } from '../../../inputs';
import { localDate } from '../../../local-date';

const aboutSchema = z.string().min(1).max(60);
const howSchema = z.enum(['take', 'refuse', 'forget']);

/** How a lesson was answered; stale: the athlete has changed meanwhile, and it is to be answered again. */
export type LearnOutcome = { readonly status: 'kept' | 'stale' | 'gone' };

/**
 * Takes a lesson of a block over into its athlete, refuses it, or forgets either. What it brings is reckoned here, from
 * what stands in the log.
 */
export async function learn(
  blockId: string,
  about: string,
  how: 'take' | 'refuse' | 'forget',
): Promise<LearnOutcome | Unanswered> {
  if (!isId(blockId) || !aboutSchema.safeParse(about).success || !howSchema.safeParse(how).success)
    return { status: 'malformed' };
  return asCoach(async (asker): Promise<LearnOutcome> => {
    const training = await findTraining(asker, blockId);
    const found = training === undefined ? undefined : await findAthlete(asker, training.athlete.id);
    if (training === undefined || found === undefined) return { status: 'gone' };
    const { athlete, revision } = found;
    const lesson = lessonsToday(training).find((one) => one.about === about)?.lesson;
    if (how === 'take' && lesson === undefined) return { status: 'gone' };
    const changed =
      how === 'forget'
        ? forgetting(athlete, blockId, about)
        : how === 'refuse' || lesson === undefined
          ? refusing(athlete, blockId, about)
          : withLesson(athlete, blockId, lesson, evidenceOf(training, lesson));
    const { status } = await saveAthlete(asker, changed, revision, new Date());
    return { status: status === 'saved' ? 'kept' : status === 'stale' ? 'stale' : 'gone' };
  });
}

function evidenceOf({ block }: Training, lesson: Parameters<typeof lessonText>[0]): string {
  return `${block.name}: ${lessonText(lesson).evidence}.`;
}

/** What the block teaches as it stands today. */
function lessonsToday(training: Training): readonly AnsweredLesson[] {
  const catalogue = catalogueWith(training.ownExercises);
  const blockPlan = unfold({ ...training, exercises: catalogue.find });
  return lessonsAnswered({ ...training, blockPlan, catalogue, today: localDate(training.athlete.timeZone) });
}
