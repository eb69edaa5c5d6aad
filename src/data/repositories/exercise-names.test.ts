import { closeDatabase } from '../database';
import { someBlock, someCoach } from '../testing/coach';
import { exerciseNames, namedExercises, renameExercise } from './exercise-names';

afterAll(closeDatabase);

test('a coach’s name for an exercise is theirs alone, can change, and goes back to the shipped one', async () => {
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
