import { type CheckIn, unfold, type WatchName, type WatchOutcome, watchOutcome } from '@/core';
import type { Asker } from '../asker';
import { closeDatabase, transact } from '../database';
import { dayOf, type Life, noon, slot, someWeeks, twoDays } from '../testing/weeks';
import { dayAnswers } from './alerts';
import { copyBlock } from './block-list';
import { watchOf } from './day-input';
import { exerciseLookup, findTraining } from './training';

afterAll(closeDatabase);

/** The result of the first answer to a call of a kind, as of a day. */
async function outcomeOn(
  { asker, blockId }: { readonly asker: Asker; readonly blockId: string },
  kind: WatchName,
  date: string,
): Promise<WatchOutcome | null> {
  const training = await findTraining(asker, blockId);
  const answer = (await dayAnswers(asker, blockId)).find(({ call }) => call.kind === kind);
  if (training === undefined || answer === undefined) throw new Error('nothing answered');
  const blockPlan = unfold({ ...training, exercises: exerciseLookup(training) });
  const watch = await transact((transaction) => watchOf(asker, training, blockPlan, noon(date), transaction));
  return watchOutcome({ ...answer, date: answer.at.toISOString().slice(0, 10) }, watch);
}

test('a joint: pain reported twice, longer sets, and no pain in the following weeks', async () => {
  const weeks = await someWeeks();
  const hurts: Life = {
    tells: (session) =>
      session === 'sa'
        ? [{ kind: 'pain', slotId: 'a1', exerciseId: 'hack-squat', where: 'knee', grade: 'slight', line: '' }]
        : [],
  };
  await weeks.live(1, hurts);
  expect(await weeks.open('joint')).toEqual([]);
  await weeks.live(2, hurts);
  expect(await weeks.open('joint')).toMatchObject([{ evidence: { where: 'knee', times: 2 } }]);
  await weeks.take('joint', 'longer sets', dayOf(2, 6));
  const [eased] = (await weeks.training()).block.sessions[0]?.slots ?? [];
  expect(eased?.range.low).toBeGreaterThan(8);
  await weeks.live(3);
  await weeks.live(4);
  expect(await outcomeOn(weeks, 'joint', dayOf(4, 6))).toEqual({
    kind: 'pain',
    where: 'knee',
    times: 0,
    of: 4,
  });
});

test('fatigue: a deload is applied, the week is one, and the next check-in is low', async () => {
  const weeks = await someWeeks();
  const worn: Partial<CheckIn> = {
    slept: 'poorly',
    drive: 'low',
    appetite: 'poorly',
    soreness: 'most stayed',
  };
  await weeks.live(1);
  expect(await weeks.open('signs')).toEqual([]);
  await weeks.live(2, { says: worn });
  await weeks.take('signs', 'deload', dayOf(2, 6));
  await weeks.live(3, { says: {} });
  expect((await weeks.training()).issued.at(-1)?.plan.kind).toBe('deload');
  expect(await outcomeOn(weeks, 'signs', dayOf(3, 6))).toEqual({
    kind: 'signs',
    before: 8,
    after: 1,
    date: dayOf(3, 6),
  });
});

test('a stall: a flat lift is replaced, and its replacement rises', async () => {
  const weeks = await someWeeks(twoDays(9));
  // All lifts progress except one.
  const stands = (week: number): Life => ({
    does: (set) => ({
      ...set,
      load: { value: set.exerciseId === 'hack-squat' ? 100 : 40 + 2.5 * week, unit: 'kg' },
      reps: 8,
      rir: 2,
    }),
  });
  for (const week of [1, 2, 3, 4, 5]) await weeks.live(week, stands(week));
  expect(await weeks.open('stall')).toMatchObject([{ evidence: { exerciseId: 'hack-squat' } }]);
  await weeks.take('stall', 'swap', dayOf(5, 6));
  const to = (await weeks.training()).block.sessions[0]?.slots[0]?.exercise.id;
  expect(to).not.toBe('hack-squat');
  for (const [at, week] of [6, 7].entries())
    await weeks.live(week, {
      does: (set) =>
        set.exerciseId === to ? { ...set, load: { value: 100 + 5 * at, unit: 'kg' }, reps: 8, rir: 2 } : set,
    });
  const outcome = await outcomeOn(weeks, 'stall', dayOf(7, 6));
  expect(outcome).toMatchObject({ kind: 'lift', exerciseId: to, weeks: 1 });
  expect((outcome as { gain: number }).gain).toBeCloseTo(5);
});

test('a missed day: the week is rearranged, trained that way, and complete', async () => {
  const weeks = await someWeeks();
  await weeks.hand(1);
  await weeks.look(dayOf(1, 0));
  expect(await weeks.open('days lost')).toEqual([]);
  await weeks.look(dayOf(1, 1));
  await weeks.take('days lost', 'move', dayOf(1, 1));
  const moved = (await weeks.training()).issued[0]?.plan.sessions.find(({ sessionId }) => sessionId === 'sa');
  await weeks.train(1, 'sa', dayOf(1, moved?.day ?? 0));
  await weeks.train(1, 'sb', dayOf(1, 3));
  expect(await outcomeOn(weeks, 'days lost', dayOf(2, 0))).toEqual({
    kind: 'week',
    week: 1,
    sessions: { done: 2, planned: 2 },
  });
});

test('a session trained on another day: the rest is rearranged, and the week is complete', async () => {
  const block = twoDays(8);
  const [a, b] = block.sessions;
  if (a === undefined || b === undefined) throw new Error('no sessions');
  // Both train the same muscles, so they need a gap.
  const weeks = await someWeeks({
    ...block,
    sessions: [a, { ...b, day: 2, slots: [slot('b1', 'hack-squat'), slot('b2', 'chest-press-machine')] }],
  });
  await weeks.hand(1);
  await weeks.look(dayOf(1, 0));
  expect(await weeks.open('rearrange')).toEqual([]);
  await weeks.train(1, 'sa', dayOf(1, 1));
  await weeks.look(dayOf(1, 1));
  await weeks.take('rearrange', 'move', dayOf(1, 1));
  const moved = (await weeks.training()).issued[0]?.plan.sessions.find(({ sessionId }) => sessionId === 'sb');
  expect(moved?.day).toBeGreaterThan(2);
  await weeks.train(1, 'sb', dayOf(1, moved?.day ?? 0));
  expect(await outcomeOn(weeks, 'rearrange', dayOf(2, 0))).toMatchObject({
    sessions: { done: 2, planned: 2 },
  });
});

test('the next week: due as this one ends, sent by its answer, done', async () => {
  const weeks = await someWeeks();
  await weeks.live(1);
  await weeks.take('next week', 'issue', dayOf(1, 6));
  for (const [session, day] of [
    ['sa', 0],
    ['sb', 3],
  ] as const)
    await weeks.train(2, session, dayOf(2, day));
  expect((await weeks.training()).log.workouts.filter(({ week }) => week === 2)).toHaveLength(2);
  await weeks.look(dayOf(2, 6));
  expect(await weeks.open('next week')).toMatchObject([{ week: 3 }]);
});

test('no log: raised after days without one, noted, and gone when something is logged', async () => {
  const weeks = await someWeeks();
  await weeks.hand(1);
  await weeks.look(dayOf(1, 4));
  expect(await weeks.open('no log')).toEqual([]);
  await weeks.look(dayOf(1, 5));
  await weeks.take('no log', 'noted', dayOf(1, 5));
  expect(await outcomeOn(weeks, 'no log', dayOf(1, 5))).toBeNull();
  await weeks.train(1, 'sb', dayOf(1, 6));
  expect(await outcomeOn(weeks, 'no log', dayOf(1, 6))).toEqual({ kind: 'logged again', date: dayOf(1, 6) });
});

test('poor readiness three times in a row, noted; later sessions start well', async () => {
  const weeks = await someWeeks();
  const slept = (felt: 'poorly' | 'well'): Life => ({
    tells: () => [{ kind: 'readiness', slept: felt, feels: 'well', rescue: null }],
  });
  await weeks.live(1, slept('poorly'));
  expect(await weeks.open('readiness')).toEqual([]);
  await weeks.hand(2);
  await weeks.train(2, 'sa', dayOf(2, 0), slept('poorly'));
  await weeks.look(dayOf(2, 0));
  await weeks.take('readiness', 'noted', dayOf(2, 0));
  await weeks.train(2, 'sb', dayOf(2, 3), slept('well'));
  await weeks.live(3, slept('well'));
  expect(await outcomeOn(weeks, 'readiness', dayOf(3, 6))).toEqual({ kind: 'begun poorly', times: 0, of: 3 });
});

test('high fatigue week after week: a supported lift replaces a free weight, and the score falls', async () => {
  const weeks = await someWeeks();
  const tired: Partial<CheckIn> = { slept: 'poorly', drive: 'low', soreness: 'some stayed' };
  for (const week of [1, 2]) await weeks.live(week, { says: tired });
  expect(await weeks.open('tired')).toEqual([]);
  await weeks.live(3, { says: tired });
  await weeks.take('tired', 'swap', dayOf(3, 6));
  expect((await weeks.training()).block.sessions[1]?.slots[0]?.exercise.id).not.toBe('barbell-back-squat');
  await weeks.live(4, { says: {} });
  expect(await outcomeOn(weeks, 'tired', dayOf(4, 6))).toMatchObject({ kind: 'signs', before: 5, after: 1 });
});

test('the end of a block: raised until another block follows', async () => {
  const weeks = await someWeeks(twoDays(3));
  await weeks.live(1);
  await weeks.live(2);
  expect(await weeks.open('block ends')).toEqual([]);
  await weeks.live(3);
  expect(await weeks.open('block ends')).toHaveLength(1);
  const next = { name: 'Next', startDate: dayOf(4, 0) };
  await copyBlock(weeks.asker, weeks.blockId, next, new Date(Date.now() + 1000));
  await weeks.look(dayOf(3, 6));
  expect(await weeks.open('block ends')).toEqual([]);
});

test('the same day missed three weeks of four: it moves permanently, and is kept', async () => {
  const weeks = await someWeeks();
  await weeks.live(1);
  for (const week of [2, 3]) await weeks.live(week, { skips: ['sb'] });
  await weeks.look(dayOf(4, 0));
  expect(await weeks.open('split')).toEqual([]);
  await weeks.live(4, { skips: ['sb'] });
  await weeks.look(dayOf(5, 0));
  await weeks.take('split', 'move', dayOf(5, 0));
  expect((await weeks.training()).block.sessions.find(({ id }) => id === 'sb')?.day).not.toBe(3);
  await weeks.live(5);
  await weeks.live(6);
  expect(await outcomeOn(weeks, 'split', dayOf(7, 0))).toMatchObject({ kind: 'kept', times: 2, of: 2 });
});

test('RIR accuracy: more left than reported, raised once consistent; accurate from then on, nothing more', async () => {
  const weeks = await someWeeks(twoDays(12));
  // Three reported means six: the next set closer to failure shows it.
  const reports =
    (low: boolean, week: number): NonNullable<Life['does']> =>
    (set) =>
      week % 2 === 1
        ? { ...set, load: { value: 60, unit: 'kg' }, reps: 10, rir: low ? 3 : 5 }
        : { ...set, load: { value: 60, unit: 'kg' }, reps: low ? 15 : 14, rir: 1 };
  await weeks.live(1, { does: reports(true, 1) });
  expect(await weeks.open('effort')).toEqual([]);
  await weeks.live(2, { does: reports(true, 2) });
  await weeks.take('effort', 'noted', dayOf(2, 6));
  for (const week of [3, 4, 5, 6]) await weeks.live(week, { does: reports(false, week) });
  const outcome = await outcomeOn(weeks, 'effort', dayOf(6, 6));
  expect(outcome).toMatchObject({ kind: 'reports' });
  expect(Math.abs((outcome as { reps: number }).reps)).toBeLessThan(1);
  expect(await weeks.open('effort')).toEqual([]);
});
