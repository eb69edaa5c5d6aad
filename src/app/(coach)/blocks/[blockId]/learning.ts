'use server';

import * as z from 'zod';
import {
  blockToReview,
  catalogueWith,
  lessonsAnswered,
  nextBlock,
  type ReviewSource,
  suggestForNextBlock,
  suggestionId,
  type Training,
  type Unanswered,
  unfold,
  withAppliedLesson,
  withDismissedLesson,
  withoutAnswer,
} from '@/core';
import { addBlock, findAthlete, findTraining, saveAthlete } from '@/data';
import { namesOf } from '@/ui/words/names';
import { lessonText } from '@/ui/words/review';
import { asCoachFor } from '../../../asker';
import { isId } from '../../../inputs';
import { localDate } from '../../../local-date';

const aboutSchema = z.string().min(1).max(80);
const howSchema = z.enum(['take', 'refuse', 'forget']);

/** How a lesson was answered; stale: the athlete has changed since, so it must be answered again. */
export type LearnOutcome = { readonly status: 'kept' | 'stale' | 'gone' };

/**
 * Applies a lesson of a block to its athlete, dismisses it, or undoes either. Its values are computed here from the
 * log.
 */
export async function answerLesson(
  blockId: string,
  about: string,
  how: 'take' | 'refuse' | 'forget',
): Promise<LearnOutcome | Unanswered> {
  if (!isId(blockId) || !aboutSchema.safeParse(about).success || !howSchema.safeParse(how).success)
    return { status: 'malformed' };
  return asCoachFor({ blockId }, async (asker): Promise<LearnOutcome> => {
    const training = await findTraining(asker, blockId);
    const found = training === undefined ? undefined : await findAthlete(asker, training.athlete.id);
    if (training === undefined || found === undefined) return { status: 'gone' };
    const { athlete, revision } = found;
    const lesson = lessonsAnswered(reviewSource(training)).find((one) => one.about === about)?.lesson;
    if (how === 'take' && lesson === undefined) return { status: 'gone' };
    const changed =
      how === 'forget'
        ? withoutAnswer(athlete, blockId, about)
        : how === 'refuse' || lesson === undefined
          ? withDismissedLesson(athlete, blockId, about)
          : withAppliedLesson(athlete, blockId, lesson, evidenceText(training, lesson));
    const { status } = await saveAthlete(asker, changed, revision, new Date());
    if (status === 'saved') await asker.did('changed the athlete');
    return { status: status === 'saved' ? 'kept' : status === 'stale' ? 'stale' : 'gone' };
  });
}

function evidenceText({ block, ownExercises }: Training, lesson: Parameters<typeof lessonText>[0]): string {
  return `${block.name}: ${lessonText(lesson, namesOf(catalogueWith(ownExercises))).evidence}.`;
}

/** The block as a review sees it today. */
function reviewSource(training: Training): ReviewSource {
  const catalogue = catalogueWith(training.ownExercises);
  const blockPlan = unfold({ ...training, exercises: catalogue.find });
  return { ...training, blockPlan, catalogue, today: localDate(training.athlete.timeZone) };
}

const takenSchema = z.array(z.string().min(1).max(120)).max(60);

/** Creates the next block from this one, with the accepted suggestions of its review, by name. */
export async function createNextBlock(
  blockId: string,
  taken: readonly string[],
): Promise<{ readonly status: 'made'; readonly blockId: string } | { readonly status: 'gone' } | Unanswered> {
  const parsed = takenSchema.safeParse(taken);
  if (!parsed.success || !isId(blockId)) return { status: 'malformed' };
  return asCoachFor({ blockId }, async (asker) => {
    const training = await findTraining(asker, blockId);
    if (training === undefined) return { status: 'gone' };
    const source = reviewSource(training);
    const reviewed = blockToReview(source);
    const suggestions = suggestForNextBlock(reviewed).filter((one) =>
      parsed.data.includes(suggestionId(one)),
    );
    const block = nextBlock(reviewed, suggestions);
    const made = await addBlock(asker, training.athlete.id, block, new Date());
    if (made === undefined) return { status: 'gone' };
    await asker.did('started a block', block.name);
    return { status: 'made', blockId: made };
  });
}
