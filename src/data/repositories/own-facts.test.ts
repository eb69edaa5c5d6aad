import { catalogueWith, exerciseChoicesToday } from '@/core';
import { closeDatabase } from '../database';
import { NOW, someBlock, someCoach } from '../testing/coach';
import { changeExercise, exercisesOf, ownFacts } from './own-facts';
import { issueWeek } from './sending-weeks';
import { findTraining } from './training';

afterAll(closeDatabase);

test('a coach’s name for an exercise is private, can change, and can be reset to the shipped one', async () => {
  const { asker } = await someBlock();
  const stranger = await someCoach();
  expect(await ownFacts(asker)).toEqual({});
  await changeExercise(asker, 'leg-press', { name: 'sled press' });
  await changeExercise(asker, 'leg-press', { name: 'sled leg press' });
  expect(await ownFacts(asker)).toEqual({ 'leg-press': { name: 'sled leg press' } });
  expect(await ownFacts(stranger)).toEqual({});
  const [named] = await exercisesOf(asker);
  expect(named).toMatchObject({ id: 'leg-press', name: 'sled leg press' });
  expect(await exercisesOf(stranger)).toEqual([]);
  await changeExercise(stranger, 'leg-press', { name: null });
  expect(await ownFacts(asker)).toEqual({ 'leg-press': { name: 'sled leg press' } });
  await changeExercise(asker, 'leg-press', { name: null });
  expect(await ownFacts(asker)).toEqual({});
  expect(await exercisesOf(asker)).toEqual([]);
});

test('a renamed exercise has its new name in weeks sent before; its facts stay as sent', async () => {
  const { asker, blockId } = await someBlock();
  await issueWeek(asker, blockId, 1, 0, NOW);
  await changeExercise(asker, 'leg-press', { name: 'sled press' });
  const training = await findTraining(asker, blockId);
  const [week] = training?.issued ?? [];
  const [session] = week?.plan.sessions ?? [];
  if (training === undefined || week === undefined || session === undefined)
    throw new Error('nothing was sent');
  const { exercises } = exerciseChoicesToday(training, week, session);
  expect(exercises['leg-press']).toEqual({ ...week.exercises['leg-press'], name: 'sled press' });
  expect(week.exercises['leg-press']?.name).toBe('leg press');
  expect(exercises['seated-leg-curl']?.name).toBe('seated leg curl');
});

test('a coach’s shares for a shipped exercise count in all their blocks, beside a name or alone', async () => {
  const { asker, blockId } = await someBlock();
  const contributions = { quads: 1, glutes: 0.5, hamstrings: 0.5 } as const;
  const credited = async () => {
    const training = await findTraining(asker, blockId);
    return catalogueWith(training?.ownExercises ?? []).newest('leg-press')?.contributions;
  };
  const shipped = await credited();
  await changeExercise(asker, 'leg-press', { contributions });
  expect(await credited()).toEqual(contributions);
  await changeExercise(asker, 'leg-press', { name: 'sled press' });
  expect(await ownFacts(asker)).toEqual({ 'leg-press': { name: 'sled press', contributions } });
  await changeExercise(asker, 'leg-press', { name: null });
  expect(await credited()).toEqual(contributions);
  await changeExercise(asker, 'leg-press', { contributions: null });
  expect(await credited()).toEqual(shipped);
  expect(await ownFacts(asker)).toEqual({});
});
