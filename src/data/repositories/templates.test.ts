import { randomUUID } from 'node:crypto';
import { addDays } from '@/core';
import { closeDatabase } from '../database';
import { people } from '../demo/people';
import { NOW, smallBlock, someBlock, someCoach } from '../testing/coach';
import { addAthlete } from './athletes';
import { addBlock } from './blocks';
import {
  blocksToCopy,
  findDesign,
  ownTemplates,
  removeTemplate,
  renameTemplate,
  setPrerequisites,
  storeTemplate,
} from './templates';

afterAll(closeDatabase);

test('a block is saved as a template with new ids, visible to its coach only, and can be removed', async () => {
  const { asker, blockId } = await someBlock();
  const stranger = await someCoach();
  expect(await storeTemplate(stranger, blockId, 'Four days', NOW)).toBe(false);
  expect(await storeTemplate(asker, blockId, 'Four days', NOW)).toBe(true);
  const [kept] = await ownTemplates(asker);
  if (kept === undefined) throw new Error('nothing was kept');
  expect(kept.name).toBe('Four days');
  expect(await ownTemplates(stranger)).toEqual([]);
  expect(await findDesign(stranger, kept.id)).toBeUndefined();
  const design = await findDesign(asker, kept.id);
  expect(design?.sessions.map(({ name }) => name)).toEqual(['A', 'B']);
  expect(design?.sessions[0]?.slots.map(({ exercise }) => exercise.id)).toEqual([
    'leg-press',
    'seated-leg-curl',
  ]);
  expect(design?.sessions[0]?.slots[0]?.id).not.toBe('a1');
  expect(await renameTemplate(stranger, kept.id, 'Mine')).toBe(false);
  expect(await renameTemplate(asker, kept.id, 'Four short days')).toBe(true);
  expect((await ownTemplates(asker))[0]?.name).toBe('Four short days');
  await removeTemplate(stranger, kept.id);
  expect(await ownTemplates(asker)).toHaveLength(1);
  await removeTemplate(asker, kept.id);
  expect(await ownTemplates(asker)).toEqual([]);
  expect(await findDesign(asker, blockId)).toMatchObject({ name: 'Test block' });
});

test('blocks to copy: newest first with the names of block and athlete, or those of one athlete', async () => {
  const { asker, athlete, blockId } = await someBlock();
  const second = people(randomUUID, addDays('2026-11-24', -60)).devika;
  await addAthlete(asker, second);
  const later = new Date(NOW.getTime() + 1000);
  const other = await addBlock(asker, second.id, { ...smallBlock(), name: 'Rowing “winter” $1' }, later);
  expect(await blocksToCopy(asker)).toEqual([
    { id: other, name: 'Rowing “winter” $1', athleteId: second.id, athlete: second.name },
    { id: blockId, name: 'Test block', athleteId: athlete.id, athlete: athlete.name },
  ]);
  expect((await blocksToCopy(asker, athlete.id)).map(({ id }) => id)).toEqual([blockId]);
});

test('only its coach sets the clean reps a template requires', async () => {
  const { asker, blockId } = await someBlock();
  await storeTemplate(asker, blockId, 'On the bar', NOW);
  const [kept] = await ownTemplates(asker);
  if (kept === undefined) throw new Error('nothing was kept');
  expect(kept.prerequisites).toEqual([]);
  const asks = [{ exerciseId: 'pull-up', reps: 8 }];
  expect(await setPrerequisites(await someCoach(), kept.id, asks)).toBe(false);
  expect(await setPrerequisites(asker, kept.id, asks)).toBe(true);
  expect(await ownTemplates(asker)).toMatchObject([{ id: kept.id, prerequisites: asks }]);
});
