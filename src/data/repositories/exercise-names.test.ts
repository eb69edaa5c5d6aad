import { exerciseChoicesToday } from '@/core';
import { closeDatabase } from '../database';
import { NOW, someBlock, someCoach } from '../testing/coach';
import { exerciseNames, namedExercises, renameExercise } from './exercise-names';
import { issueWeek } from './sending-weeks';
import { findTraining } from './training';

afterAll(closeDatabase);

test('a coach’s name for an exercise is private, can change, and can be reset to the shipped one', async () => {
  const { asker } = await someBlock();
  const stranger = await someCoach();
  expect(await exerciseNames(asker)).toEqual({});
  await renameExercise(asker, 'leg-press', 'sled press');
  await renameExercise(asker, 'leg-press', 'sled leg press');
  expect(await exerciseNames(asker)).toEqual({ 'leg-press': 'sled leg press' });
  expect(await exerciseNames(stranger)).toEqual({});
  const [named] = await namedExercises(asker);
  expect(named).toMatchObject({ id: 'leg-press', name: 'sled leg press' });
  expect(await namedExercises(stranger)).toEqual([]);
  await renameExercise(stranger, 'leg-press', null);
  expect(await exerciseNames(asker)).toEqual({ 'leg-press': 'sled leg press' });
  await renameExercise(asker, 'leg-press', null);
  expect(await exerciseNames(asker)).toEqual({});
  expect(await namedExercises(asker)).toEqual([]);
});

test('a renamed exercise has its new name in weeks sent before; its facts stay as sent', async () => {
  const { asker, blockId } = await someBlock();
  await issueWeek(asker, blockId, 1, 0, NOW);
  await renameExercise(asker, 'leg-press', 'sled press');
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
