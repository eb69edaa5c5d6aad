import {
  addDays,
  blockExposures,
  blockLessons,
  blockToReview,
  catalogueWith,
  chosenCurve,
  conventionsOf,
  liftReviews,
  muscleReviews,
  type Reviewed,
  type SentSet,
  unfold,
  weekAdherence,
} from '@/core';
import { Memo } from '@/core/memo';
import { usualModel } from '@/core/simulation/model';
import { randomFrom } from '@/core/simulation/random';
import { Simulated } from '@/core/simulation/simulated-athlete';
import { simulateBlock } from '@/core/unfold/unfold';
import { closeDatabase } from '../database';
import { dayOf, slot, someWeeks, twoDays } from '../testing/weeks';

afterAll(closeDatabase);

const catalogue = catalogueWith([]);
const WEEKS = 6;

/**
 * Six weeks with rising work for chest and back, in two ranges; some sessions are missed, and the maximums are low.
 */
const plan = () => {
  const of = twoDays(WEEKS);
  const day = (name: string, high: boolean) =>
    ['hack-squat', 'chest-press-machine', 'neutral-pulldown'].map((exercise, at) => ({
      ...slot(`${name}${at}`, exercise),
      range: high ? { low: 12, high: 16 } : { low: 6, high: 10 },
      weeks: [2, 3, 4, 5, 6].map((week) => ({ week, sets: week + 2, load: null, reps: null, rir: null })),
    }));
  return {
    ...of,
    sessions: of.sessions.map((session, at) => ({ ...session, slots: day(session.id, at === 1) })),
  };
};

test('a block trained on the server by a simulated athlete equals its simulation, down to the last lesson', async () => {
  const block = plan();
  const weeks = await someWeeks(block);
  const { athlete } = await weeks.training();
  const conventions = conventionsOf({ own: athlete.conventions, block: block.conventions });
  const model = { ...usualModel('intermediate'), wear: 6, missed: 0.15, drift: 1.8 };
  const somebody = () =>
    new Simulated(
      model,
      randomFrom(4),
      chosenCurve(athlete.effort),
      conventions,
      ({ exerciseId }) => catalogue.newest(exerciseId),
      () => ({ floor: 6, ceiling: 10 }),
    );

  const simulated = somebody();
  const played = simulateBlock(
    { block, athlete, exercises: catalogue.find },
    new Memo(),
    () => false,
    (week) => ({ ...simulated.train(week), soreness: new Map() }),
  );

  const lived = somebody();
  for (let week = 1; week <= WEEKS; week++) {
    await weeks.hand(week);
    const issued = (await weeks.training()).issued.find((one) => one.week === week)?.plan;
    if (issued === undefined) throw new Error('not handed out');
    for (const [sessionId, { sets }] of lived.train(issued).performed) {
      const done = new Map([...sets.values()].map(({ set }) => [`${set.slotId} ${set.setId}`, set]));
      const does = (asked: SentSet): SentSet => {
        const { load, reps, rir } = done.get(`${asked.slotId} ${asked.setId}`) ?? asked;
        return { ...asked, load, reps, rir };
      };
      const day = issued.sessions.find((session) => session.sessionId === sessionId)?.day ?? 0;
      await weeks.train(week, sessionId, dayOf(week, day), { does });
    }
    await weeks.look(dayOf(week, 6));
  }

  const today = addDays(block.startDate, 7 * WEEKS);
  const training = await weeks.training();
  const blockPlan = unfold({ ...training, exercises: catalogue.find });
  const through = blockToReview({ ...training, blockPlan, catalogue, today });
  const done = played.weeks.flatMap(({ performed }) => [...performed.values()]);
  const inMemory: Reviewed = {
    ...through,
    blockPlan: { ...blockPlan, weeks: played.weeks, observations: played.observations },
    log: {
      workouts: done.map(({ workout }) => workout),
      sets: done.flatMap(({ sets }) => [...sets.values()].map(({ set }) => set)),
      soreness: [],
    },
    exposures: blockExposures(played.weeks, athlete, catalogue.newest),
  };
  const asked = (list: typeof played.weeks) =>
    list.map(({ plan: { sessions } }) =>
      sessions.map(({ slots }) =>
        slots.map(({ sets }) => sets.map(({ load, reps, rir }) => [load, reps, rir])),
      ),
    );
  expect(asked(through.blockPlan.weeks)).toEqual(asked(played.weeks));
  for (const look of [muscleReviews, liftReviews, blockLessons] as const)
    expect(look(through)).toEqual(look(inMemory));
  expect(through.blockPlan.weeks.map((week) => weekAdherence(block, week))).toEqual(
    played.weeks.map((week) => weekAdherence(block, week)),
  );
  // Enough happened in it for a review.
  expect(blockLessons(through).length).toBeGreaterThan(0);
  expect(done.length).toBeLessThan(2 * WEEKS);
});
