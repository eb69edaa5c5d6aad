import { randomUUID } from 'node:crypto';
import { applyEdit, differenceEdit, type Edit } from '@/core';
import { closeDatabase, database } from '../database';
import { models } from '../models/models';
import { NOW, someBlock, someCoach } from '../testing/coach';
import { saveSteps } from './blocks';
import { findBlockBefore, findBroken, findRevision, findRevisions, restoreLastGood } from './revisions';
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

test('the block at any revision, and returning to it', async () => {
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

test('missing revisions and other coaches’ blocks are not found', async () => {
  const { asker, blockId } = await changed();
  expect(await findRevision(asker, blockId, 4)).toBeUndefined();
  expect(await findRevision(asker, blockId, -1)).toBeUndefined();
  const stranger = await someCoach();
  expect(await findRevision(stranger, blockId, 1)).toBeUndefined();
  expect(await findRevisions(stranger, blockId)).toEqual([]);
});

test('an athlete’s first block has no previous one', async () => {
  const { asker, blockId } = await changed();
  expect(await findBlockBefore(asker, blockId)).toBeUndefined();
});

test('a revision is found from the nearest later snapshot, without undoing everything since', async () => {
  const { asker, blockId } = await someBlock();
  const steps = Array.from({ length: 60 }, (_, at) => step(rest(100 + at)));
  await saveSteps(asker, blockId, 0, steps, NOW);
  // Inverses beyond the snapshot of revision 50 are invalid here: they must not be used.
  await models().revisions.update(
    { inverse: JSON.stringify({ kind: 'slot/remove', slot: 'nobody' }) },
    { where: { blockId, revision: [51, 52, 53, 54, 55, 56, 57, 58, 59, 60] } },
  );
  const found = await findRevision(asker, blockId, 47);
  expect(found?.sessions[0]?.slots[0]?.rest).toBe(146);
});

describe('a document that cannot be read', () => {
  const spoil = (blockId: string) =>
    database().query(
      `UPDATE blocks SET document = JSON_SET(document, '$.startDate', '2026-02-31') WHERE id = :blockId`,
      { replacements: { blockId } },
    );

  test('says what is wrong, and the last good revision can replace it', async () => {
    const { asker, blockId } = await someBlock();
    await saveSteps(asker, blockId, 0, [step(rest(61))], NOW);
    const date: Edit = { kind: 'block/set', field: 'startDate', value: '2026-11-30' };
    await saveSteps(asker, blockId, 1, [step(date)], NOW);
    expect(await findBroken(asker, blockId)).toBeUndefined();
    await spoil(blockId);
    await expect(findTraining(asker, blockId)).rejects.toThrow(/cannot be read/);
    const broken = await findBroken(asker, blockId);
    expect(broken).toMatchObject({ problems: [{ path: 'startDate' }], good: { revision: 1 } });
    expect(await restoreLastGood(await someCoach(), blockId, NOW)).toBe(false);
    expect(await restoreLastGood(asker, blockId, NOW)).toBe(true);
    const training = await findTraining(asker, blockId);
    expect(training).toMatchObject({ revision: 3, block: { startDate: '2026-11-23' } });
    expect(training?.block.sessions[0]?.slots[0]?.rest).toBe(61);
    expect(await restoreLastGood(asker, blockId, NOW)).toBe(false);
  });

  test('after restoring, history before and during the damage can be viewed', async () => {
    const { asker, blockId } = await someBlock();
    const slot = (await findTraining(asker, blockId))?.block.sessions[0]?.slots[0];
    if (slot === undefined) throw new Error('no slot');
    const add: Edit = { kind: 'slot/add', session: 'sa', after: null, slot: { ...slot, id: 'a9' } };
    await saveSteps(asker, blockId, 0, [step(rest(61)), step(add)], NOW);
    await spoil(blockId);
    // The last step led to the damage; undone on the good block, which has no a9, it would be refused.
    const date: Edit = { kind: 'block/set', field: 'startDate', value: '2026-11-23' };
    const inverse: Edit = { kind: 'batch', edits: [{ kind: 'slot/remove', slot: 'a9' }, date] };
    await models().revisions.update(
      { inverse: JSON.stringify(inverse) },
      { where: { blockId, revision: 2 } },
    );
    expect(await restoreLastGood(asker, blockId, NOW)).toBe(true);
    const stands = await findRevision(asker, blockId, 3);
    expect(await findRevision(asker, blockId, 2)).toEqual(stands);
    expect(await findRevision(asker, blockId, 1)).toEqual(stands);
    expect((await findRevision(asker, blockId, 0))?.sessions[0]?.slots[0]?.rest).toBe(120);
  });

  test('without the step that caused it nothing is offered', async () => {
    const { asker, blockId } = await someBlock();
    await spoil(blockId);
    expect(await findBroken(asker, blockId)).toMatchObject({ good: null });
    expect(await restoreLastGood(asker, blockId, NOW)).toBe(false);
  });
});
