import { randomUUID } from 'node:crypto';
import { applyEdit, differenceEdit, type Edit } from '@/core';
import { closeDatabase } from '../database';
import { NOW, someBlock, someCoach } from '../testing/coach';
import { saveSteps } from './blocks';
import { findBlockBefore, findRevision, findRevisions } from './revisions';
import { findTraining } from './training';

afterAll(closeDatabase);

const rest = (value: number): Edit => ({ kind: 'slot/set', slot: 'a1', field: 'rest', value });
const step = (edit: Edit) => ({ id: randomUUID(), action: 'do' as const, edit });

async function changed() {
  const made = await someBlock();
  await saveSteps(made.asker, made.blockId, 0, [step(rest(61)), step(rest(62))], NOW);
  await saveSteps(made.asker, made.blockId, 2, [step({ kind: 'slot/remove', slot: 'a2' })], NOW);
  return made;
}

test('changes are listed newest first with what they did', async () => {
  const { asker, blockId } = await changed();
  const lines = await findRevisions(asker, blockId);
  expect(lines.map(({ revision }) => revision)).toEqual([3, 2, 1]);
  expect(lines[0]).toMatchObject({ action: 'do', edit: { kind: 'slot/remove' }, at: NOW.toISOString() });
  expect(lines[2]?.edit).toMatchObject({ value: 61 });
});

test('the block as it was at any revision, and the way back to it', async () => {
  const { asker, blockId } = await changed();
  const first = await findRevision(asker, blockId, 1);
  expect(first?.sessions[0]?.slots.map(({ id, rest: seconds }) => [id, seconds])).toEqual([
    ['a1', 61],
    ['a2', expect.any(Number)],
  ]);
  const now = await findTraining(asker, blockId);
  const edit = now === undefined || first === undefined ? null : differenceEdit(now.block, first);
  const applied = edit === null || now === undefined ? undefined : applyEdit(now.block, edit);
  expect(applied?.ok && applied.value.block).toEqual(first);
});

test('no revision that is not there, none of another coach’s block', async () => {
  const { asker, blockId } = await changed();
  expect(await findRevision(asker, blockId, 4)).toBeUndefined();
  expect(await findRevision(asker, blockId, -1)).toBeUndefined();
  const stranger = await someCoach();
  expect(await findRevision(stranger, blockId, 1)).toBeUndefined();
  expect(await findRevisions(stranger, blockId)).toEqual([]);
});

test('an athlete’s first block has none before it', async () => {
  const { asker, blockId } = await changed();
  expect(await findBlockBefore(asker, blockId)).toBeUndefined();
});
