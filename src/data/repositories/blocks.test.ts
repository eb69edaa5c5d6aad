import type { Edit, SentStep } from '@/core';
import { closeDatabase } from '../database';
import { models } from '../models/models';
import { NOW, smallBlock, someBlock, someCoach } from '../testing/coach';
import { addBlock, saveSteps } from './blocks';
import { reloadTraining } from './changes';
import { issueWeek, recallWeek } from './sending-weeks';
import { findHistory, findTraining } from './training';

afterAll(closeDatabase);

let count = 0;
function step(edit: Edit, id = `step-${count++}`, action: SentStep['action'] = 'do'): SentStep {
  return { id, action, edit };
}
const rest = (slot: string, value: number): Edit => ({ kind: 'slot/set', slot, field: 'rest', value });

test('steps are saved in order, each with its own revision', async () => {
  const { asker, blockId } = await someBlock();
  expect(await saveSteps(asker, blockId, 0, [step(rest('a1', 90)), step(rest('a1', 100))], NOW)).toEqual({
    status: 'saved',
    revision: 2,
    steps: [
      { id: expect.any(String), edit: null },
      { id: expect.any(String), edit: null },
    ],
  });
  const training = await findTraining(asker, blockId);
  expect(training?.revision).toBe(2);
  expect(training?.block.sessions[0]?.slots[0]?.rest).toBe(100);
  const history = await findHistory(asker, blockId);
  expect(history.map(({ inverse }) => inverse)).toEqual([rest('a1', 120), rest('a1', 90)]);
});

test('a step sent twice is saved once', async () => {
  const { asker, blockId } = await someBlock();
  const once = step(rest('a1', 90));
  await saveSteps(asker, blockId, 0, [once], NOW);
  const more = step(rest('a2', 70));
  expect(await saveSteps(asker, blockId, 0, [once, more], NOW)).toEqual({
    status: 'saved',
    revision: 2,
    steps: [
      { id: once.id, edit: null },
      { id: more.id, edit: null },
    ],
  });
});

test('a step twice in one request, held by two pages that died, is saved once', async () => {
  const { asker, blockId } = await someBlock();
  const once = step(rest('a1', 90));
  expect(await saveSteps(asker, blockId, 0, [once, once], NOW)).toMatchObject({
    status: 'saved',
    revision: 1,
  });
});

test('a future revision is refused as a base', async () => {
  const { asker, blockId } = await someBlock();
  await saveSteps(asker, blockId, 0, [step(rest('a1', 90))], NOW);
  expect(await saveSteps(asker, blockId, 2, [step(rest('a1', 30))], NOW)).toEqual({ status: 'malformed' });
  expect(await saveSteps(asker, blockId, -1, [step(rest('a1', 30))], NOW)).toEqual({ status: 'malformed' });
  expect((await findTraining(asker, blockId))?.revision).toBe(1);
});

test('too many slots in a session are refused before anything is saved', async () => {
  const { asker, blockId } = await someBlock();
  const like = smallBlock().sessions[0]?.slots[0];
  if (like === undefined) throw new Error('no slot');
  const edits = Array.from({ length: 62 }, (_, at) => ({
    kind: 'slot/add' as const,
    session: 'sa',
    after: null,
    slot: { ...like, id: `p${at}` },
  }));
  expect(await saveSteps(asker, blockId, 0, [step({ kind: 'batch', edits })], NOW)).toMatchObject({
    status: 'refused',
    problems: [{ code: 'too-many', field: 'slots', most: 60 }],
  });
  expect((await findTraining(asker, blockId))?.block.sessions[0]?.slots).toHaveLength(2);
});

test('a stale edit of other things is rebased and returns what came between', async () => {
  const { asker, blockId } = await someBlock();
  await saveSteps(asker, blockId, 0, [step(rest('a1', 90))], NOW);
  const outcome = await saveSteps(asker, blockId, 0, [step(rest('a2', 45))], NOW);
  if (outcome.status !== 'saved') throw new Error(outcome.status);
  expect(outcome.steps.map(({ edit }) => edit)).toEqual([rest('a1', 90), null]);
  const training = await findTraining(asker, blockId);
  expect(training?.block.sessions[0]?.slots.map((slot) => slot.rest)).toEqual([90, 45]);
});

test('a stale edit of the same field is refused with the other edit, and nothing of it is saved', async () => {
  const { asker, blockId } = await someBlock();
  await saveSteps(asker, blockId, 0, [step(rest('a1', 90))], NOW);
  const outcome = await saveSteps(asker, blockId, 0, [step(rest('a2', 45)), step(rest('a1', 30))], NOW);
  if (outcome.status !== 'collision') throw new Error(outcome.status);
  // Steps before the conflict are saved; the conflicting one and later ones wait.
  expect(outcome.revision).toBe(2);
  expect(outcome.steps.map(({ edit }) => edit)).toEqual([rest('a1', 90), null]);
  expect(await saveSteps(asker, blockId, 2, [step(rest('a1', 30))], NOW)).toMatchObject({
    status: 'saved',
    revision: 3,
  });
});

test('of two tabs saving at once both succeed or one is told', async () => {
  const { asker, blockId } = await someBlock();
  const outcomes = await Promise.all(
    ['a1', 'a2', 'b1'].map((slot, at) => saveSteps(asker, blockId, 0, [step(rest(slot, 60 + at))], NOW)),
  );
  expect(outcomes.map(({ status }) => status)).toEqual(['saved', 'saved', 'saved']);
  const training = await findTraining(asker, blockId);
  expect(training?.revision).toBe(3);
  expect(training?.block.sessions.flatMap((one) => one.slots.map((slot) => slot.rest))).toEqual([60, 61, 62]);
});

test('an invalid edit is refused with its problem', async () => {
  const { asker, blockId } = await someBlock();
  const wrong: Edit = { kind: 'slot/set', slot: 'a1', field: 'range', value: { low: 12, high: 8 } };
  expect(await saveSteps(asker, blockId, 0, [step(wrong)], NOW)).toMatchObject({
    status: 'refused',
    problems: [{ code: 'range-upside-down' }],
  });
});

test('another coach can neither see nor change the block, nor add one for the athlete', async () => {
  const { asker, athlete, blockId } = await someBlock();
  const stranger = await someCoach();
  expect(await findTraining(stranger, blockId)).toBeUndefined();
  expect(await findHistory(stranger, blockId)).toEqual([]);
  expect(await saveSteps(stranger, blockId, 0, [step(rest('a1', 1))], NOW)).toEqual({ status: 'gone' });
  const training = await findTraining(asker, blockId);
  expect(training?.revision).toBe(0);
  expect(await addBlock(stranger, athlete.id, training?.block as never, NOW)).toBeUndefined();
});

test('no step from anywhere cuts a block below a sent building week', async () => {
  const { asker, blockId } = await someBlock();
  const weeks = (value: number) => [step({ kind: 'block/set', field: 'weeks', value })];
  await issueWeek(asker, blockId, 1, 0, NOW);
  await issueWeek(asker, blockId, 2, 0, NOW);
  expect(await saveSteps(asker, blockId, 0, weeks(3), NOW)).toMatchObject({ status: 'saved', revision: 1 });
  expect(await saveSteps(asker, blockId, 1, weeks(1), NOW)).toMatchObject({
    status: 'refused',
    problems: [{ code: 'out-of-range', low: 2 }],
  });
  expect(await recallWeek(asker, blockId, 2, NOW, false)).toMatchObject({ status: 'recalled' });
  expect(await saveSteps(asker, blockId, 1, weeks(1), NOW)).toMatchObject({ status: 'saved', revision: 2 });
});

test('a page with revisions from after a restored backup is refused, and never overwrites later work', async () => {
  const { asker, blockId } = await someBlock();
  await saveSteps(asker, blockId, 0, [step(rest('a1', 90)), step(rest('a1', 100))], NOW);
  // A backup of revision 2 was restored: numbers continue from far above. A page at revision 3 is still open.
  await models().blocks.update({ revision: 10_002 }, { where: { id: blockId } });
  expect(await saveSteps(asker, blockId, 3, [step(rest('a2', 60))], NOW)).toEqual({ status: 'malformed' });
  const page = { athleteRevision: 0, exercises: 0, issued: [], readAt: NOW.toISOString() };
  expect(await reloadTraining(asker, blockId, { ...page, revision: 3 })).toEqual({ status: 'gone' });
  // A page at the backup's revision continues, and so does one loaded now.
  expect((await reloadTraining(asker, blockId, { ...page, revision: 2 })).status).toBe('changes');
  expect(await saveSteps(asker, blockId, 2, [step(rest('a2', 60))], NOW)).toMatchObject({
    status: 'saved',
    revision: 10_003,
  });
  expect(await saveSteps(asker, blockId, 10_003, [step(rest('a2', 75))], NOW)).toMatchObject({
    status: 'saved',
  });
  expect(await saveSteps(asker, blockId, 3, [step(rest('a2', 60))], NOW)).toEqual({ status: 'malformed' });
});
