import {
  blockToReview,
  type Catalogue,
  catalogueWith,
  e1rm,
  findSlot,
  lessonsAnswered,
  nextBlock,
  type ReviewSource,
  reviewBlock,
  type SentSet,
  suggestForNextBlock,
  unfold,
  withAppliedLesson,
} from '@/core';
import { closeDatabase } from '../database';
import { dayOf, noon, someWeeks, twoDays } from '../testing/weeks';
import { findAthlete, saveAthlete } from './athletes';
import { addBlock } from './blocks';
import { exerciseLookup, findTraining } from './training';

afterAll(closeDatabase);

const catalogue: Catalogue = catalogueWith([]);

async function sourceOf(weeks: Awaited<ReturnType<typeof someWeeks>>, today: string): Promise<ReviewSource> {
  const training = await weeks.training();
  const blockPlan = unfold({ ...training, exercises: catalogue.find });
  return { ...training, blockPlan, catalogue, today };
}

/** The squat's log: 100 kg for 8 with 2 left in week 1, and 2 kg more each week. */
const rising =
  (week: number) =>
  (set: SentSet): SentSet =>
    set.exerciseId === 'hack-squat'
      ? { ...set, load: { value: 98 + 2 * week, unit: 'kg' }, reps: 8, rir: 2 }
      : set;

test('four weeks on the server: a review checked by hand, a lesson applied to the athlete, the next block from current strength', async () => {
  const weeks = await someWeeks(twoDays(4));
  // The fourth week's Thursday is missed.
  for (const week of [1, 2, 3, 4])
    await weeks.live(week, { does: rising(week), skips: week === 4 ? ['sb'] : [], says: {} });
  const source = await sourceOf(weeks, dayOf(5, 0));
  const review = reviewBlock(blockToReview(source));

  expect(review.over).toBe(4);
  expect(review.done.map(({ sessions }) => sessions.done)).toEqual([2, 2, 2, 1]);
  // Two sets of the chest press a week and nothing else.
  const chest = review.muscles.find(({ muscle }) => muscle === 'chest');
  expect(chest?.weeks.map(({ planned, done }) => [planned, done])).toEqual(
    [2, 2, 2, 2].map((sets) => [sets, sets]),
  );
  // Hamstrings are trained on Thursday: two sets of curls and half of the squat's share, none of it in week 4.
  const hamstrings = review.muscles.find(({ muscle }) => muscle === 'hamstrings');
  expect(hamstrings?.weeks.at(-1)?.done).toBeLessThan(hamstrings?.weeks.at(-1)?.planned ?? 0);
  const squat = review.lifts.find(({ exerciseId }) => exerciseId === 'hack-squat');
  const bodyShare = (squat?.points[0]?.oneRepMax ?? 0) - e1rm(100, 10);
  expect(squat?.points.map(({ oneRepMax }) => oneRepMax - bodyShare)).toEqual(
    [100, 102, 104, 106].map((load) => expect.closeTo(e1rm(load, 10), 5)),
  );
  expect(review.signs).toEqual([1, 2, 3, 4].map((week) => ({ date: dayOf(week, 6), sum: 1 })));

  // An applied lesson stays with the athlete, until it is undone.
  const [lesson] = lessonsAnswered(source);
  if (lesson !== undefined) {
    const found = await findAthlete(weeks.asker, weeks.athlete.id);
    if (found === undefined) throw new Error('gone');
    const wiser = withAppliedLesson(found.athlete, weeks.blockId, lesson.lesson, 'So it was.');
    expect(await saveAthlete(weeks.asker, wiser, found.revision, noon(dayOf(5, 0)))).toMatchObject({
      status: 'saved',
    });
    const kept = await findAthlete(weeks.asker, weeks.athlete.id);
    expect(kept?.athlete.lessons).toEqual(wiser.lessons);
  }

  // Week 1 of the next block follows current strength: no less than was lifted for the same reps, and no more than
  // strength allows.
  const reviewed = blockToReview(source);
  const block = nextBlock(reviewed, suggestForNextBlock(reviewed).slice(0, 0), {
    name: 'Next',
    startDate: dayOf(5, 0),
  });
  const made = await addBlock(weeks.asker, weeks.athlete.id, block, noon(dayOf(5, 0)));
  const training = await findTraining(weeks.asker, made ?? '');
  if (training === undefined) throw new Error('no next block');
  expect(findSlot(training.block, 'a1')?.slot.exercise.id).toBe('hack-squat');
  const { weeks: next } = unfold({ ...training, exercises: exerciseLookup(training) });
  const [set] = next[0]?.plan.sessions[0]?.slots[0]?.sets ?? [];
  if (set === undefined || set.load === null) throw new Error('the load is looked for');
  const held = e1rm(106, 10);
  expect(set.rir).toBeGreaterThanOrEqual(3);
  expect(e1rm(set.load, set.reps + set.rir)).toBeLessThanOrEqual(held * 1.01);
  expect(e1rm(set.load, set.reps + set.rir)).toBeGreaterThan(held * 0.93);
});
