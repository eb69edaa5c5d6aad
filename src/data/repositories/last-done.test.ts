import { randomUUID } from 'node:crypto';
import { closeDatabase } from '../database';
import { models } from '../models/models';
import { NOW, setsFor, smallBlock, someBlock, someCoach, work } from '../testing/coach';
import { addBlock } from './blocks';
import { lastDoneElsewhere } from './last-done';
import { storeWork } from './logging';
import { issueWeek } from './sending-weeks';

afterAll(closeDatabase);

type Made = Awaited<ReturnType<typeof someBlock>>;

/** Sends week 1 of a block and trains its first session `over` reps above target, that many days later. */
async function trained(made: Made, blockId: string, over: number, days: number) {
  const outcome = await issueWeek(made.asker, blockId, 1, 0, NOW);
  if (outcome.status !== 'issued') throw new Error(JSON.stringify(outcome));
  const sets = (await setsFor(made.asker, blockId, 'sa', over)).map((set) => ({
    ...set,
    at: new Date(Date.parse(set.at) + days * 86_400_000).toISOString(),
  }));
  const session = { issuedWeekId: outcome.week.id, sessionId: 'sa' };
  await storeWork(made.asker, session, work({ sets }, `2026-11-${24 + days}`), NOW);
  return { sets, session };
}

async function another(made: Made): Promise<string> {
  const blockId = await addBlock(made.asker, made.athlete.id, smallBlock(), NOW);
  if (blockId === undefined) throw new Error('the block was not added');
  return blockId;
}

describe('an exercise’s last time in another block', () => {
  test('is the latest session with it, set by set, on its own day', async () => {
    const made = await someBlock();
    const later = await another(made);
    await trained(made, made.blockId, 1, 0);
    const { sets } = await trained(made, later, 2, 3);
    const asked = ['leg-press', 'neutral-pulldown'];
    const found = await lastDoneElsewhere(made.asker, made.athlete.id, asked, await another(made));
    expect(found.get('leg-press')?.date).toBe('2026-11-27');
    expect(found.get('leg-press')?.sets.map(({ reps }) => reps)).toEqual(
      sets.filter(({ exerciseId }) => exerciseId === 'leg-press').map(({ reps }) => reps),
    );
    expect(found.has('neutral-pulldown')).toBe(false);
    expect(found.has('seated-leg-curl')).toBe(false);
  });

  test('ignores the asking block, and is not visible to other coaches or athletes', async () => {
    const made = await someBlock();
    await trained(made, made.blockId, 0, 0);
    const ask = (asker = made.asker, athleteId = made.athlete.id, blockId: string = randomUUID()) =>
      lastDoneElsewhere(asker, athleteId, ['leg-press'], blockId);
    expect((await ask()).size).toBe(1);
    expect((await ask(made.asker, made.athlete.id, made.blockId)).size).toBe(0);
    expect((await ask(await someCoach())).size).toBe(0);
    expect((await ask(made.asker, randomUUID())).size).toBe(0);
  });

  test('uses corrections instead of the sets they correct', async () => {
    const made = await someBlock();
    const { sets, session } = await trained(made, made.blockId, 0, 0);
    const [first] = sets;
    if (first === undefined) throw new Error('no sets');
    const correction = { ...first, id: randomUUID(), reps: first.reps + 5, supersedes: first.id };
    await storeWork(made.asker, session, work({ sets: [correction] }), NOW);
    const found = await lastDoneElsewhere(made.asker, made.athlete.id, ['leg-press'], randomUUID());
    expect(found.get('leg-press')?.sets[0]?.reps).toBe(first.reps + 5);
    expect(found.get('leg-press')?.sets).toHaveLength(3);
  });

  test('skips deloads', async () => {
    const made = await someBlock();
    const { session } = await trained(made, made.blockId, 0, 0);
    const ask = () => lastDoneElsewhere(made.asker, made.athlete.id, ['leg-press'], randomUUID());
    expect((await ask()).size).toBe(1);
    await models().issued.update({ kind: 'deload' }, { where: { id: session.issuedWeekId } });
    expect((await ask()).size).toBe(0);
  });
});
