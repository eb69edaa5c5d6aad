import { randomUUID } from 'node:crypto';
import { applyEdit, pageState, type Training, withChanges } from '@/core';
import { largeBlock } from '@/core/testing/fixtures';
import type { Asker } from '../asker';
import { closeDatabase, database } from '../database';
import { seedDemo } from '../demo/seed';
import { models } from '../models/models';
import { NOW, PASSWORD, setsFor, smallBlock, someBlock, someCoach, work } from '../testing/coach';
import { addBlock, saveSteps } from './blocks';
import { answerCalls, pendingCalls } from './calls';
import { reloadTraining } from './changes';
import { coachByEmail } from './coaches';
import { storeWork } from './logging';
import { roster, waiting } from './roster';
import { issueWeek, recallWeek } from './sending-weeks';
import { findTraining } from './training';

afterAll(closeDatabase);

const knownTo = async (asker: Asker, blockId: string) => {
  const training = await findTraining(asker, blockId);
  if (training === undefined) throw new Error('no training');
  return pageState(training);
};
const early = () => ({ id: randomUUID(), muscle: 'quads' as const, ended: '2026-11-25', said: '2026-11-25' });

async function issuedBlock() {
  const made = await someBlock();
  const outcome = await issueWeek(made.asker, made.blockId, 1, 0, NOW);
  if (outcome.status !== 'issued') throw new Error(JSON.stringify(outcome));
  return { ...made, issued: outcome.week, session: { issuedWeekId: outcome.week.id, sessionId: 'sa' } };
}

describe('further notes of a set', () => {
  test('partials, sides and time are returned as logged; what was not noted is absent', async () => {
    const { asker, blockId, session } = await issuedBlock();
    const [first, second, ...others] = await setsFor(asker, blockId, 'sa');
    if (first === undefined || second === undefined) throw new Error('no sets');
    const more = { partials: 4, left: 9, right: 8 };
    await storeWork(asker, session, work({ sets: [{ ...first, more }, second, ...others] }), NOW);
    const sets = (await findTraining(asker, blockId))?.log.sets;
    expect(sets?.find(({ id }) => id === first.id)?.more).toEqual(more);
    expect(sets?.find(({ id }) => id === second.id)).not.toHaveProperty('more');
  });
});

describe('a new block', () => {
  test('starts from the logs of the athlete’s other blocks instead of an older typed set', async () => {
    const { asker, athlete, blockId, session } = await issuedBlock();
    const sets = await setsFor(asker, blockId, 'sa', 2);
    const [first] = sets;
    if (first === undefined) throw new Error('no sets');
    await storeWork(asker, session, work({ sets }), NOW);
    const next = await addBlock(asker, athlete.id, smallBlock(), NOW);
    const training = await findTraining(asker, next ?? '');
    expect(training?.athlete.bestSets['leg-press']).toMatchObject({
      load: { value: first.load.value },
      reps: first.reps,
      rir: first.rir,
    });
    // The block itself uses its own log, and typed sets for exercises never logged.
    const same = await findTraining(asker, blockId);
    expect(same?.athlete.bestSets).toEqual(athlete.bestSets);
    expect(training?.athlete.bestSets['neutral-pulldown']).toEqual(athlete.bestSets['neutral-pulldown']);
  });
});

describe('sending', () => {
  test('a sent week keeps its sets and reasons when the block changes', async () => {
    const { asker, blockId } = await issuedBlock();
    await saveSteps(
      asker,
      blockId,
      0,
      [{ id: randomUUID(), action: 'do', edit: { kind: 'slot/remove', slot: 'a1' } }],
      NOW,
    );
    const training = await findTraining(asker, blockId);
    const frozen = training?.issued[0]?.plan.sessions[0]?.slots[0];
    expect(frozen).toMatchObject({
      slotId: 'a1',
      exerciseId: 'leg-press',
      why: { load: { code: 'load/best-fit' } },
    });
    expect(training?.block.sessions[0]?.slots.map(({ id }) => id)).toEqual(['a2']);
  });

  test('once only, from the revision the coach saw, in order', async () => {
    const { asker, blockId } = await issuedBlock();
    expect(await issueWeek(asker, blockId, 1, 0, NOW)).toMatchObject({
      status: 'refused',
      refusal: { code: 'already-issued' },
    });
    expect(await issueWeek(asker, blockId, 3, 0, NOW)).toMatchObject({
      status: 'refused',
      refusal: { code: 'earlier-week-unissued', week: 2 },
    });
    expect(await issueWeek(asker, blockId, 2, 7, NOW)).toEqual({ status: 'stale' });
    expect(await issueWeek(await someCoach(), blockId, 2, 0, NOW)).toEqual({ status: 'gone' });
  });

  test('sending twice at once makes one week', async () => {
    const { asker, blockId } = await someBlock();
    const outcomes = await Promise.all([1, 1, 1].map((week) => issueWeek(asker, blockId, week, 0, NOW)));
    expect(outcomes.map(({ status }) => status).sort()).toEqual(['issued', 'refused', 'refused']);
  });

  test('it can be recalled until the first set, and sent again', async () => {
    const { asker, blockId } = await issuedBlock();
    expect(await recallWeek(await someCoach(), blockId, 1, NOW, false)).toEqual({ status: 'gone' });
    expect(await recallWeek(asker, blockId, 1, NOW, false)).toEqual({ status: 'recalled' });
    expect((await findTraining(asker, blockId))?.issued).toEqual([]);
    const again = await issueWeek(asker, blockId, 1, 0, NOW);
    if (again.status !== 'issued') throw new Error(again.status);
    const sets = await setsFor(asker, blockId, 'sa');
    await storeWork(
      asker,
      { issuedWeekId: again.week.id, sessionId: 'sa' },
      work({ sets: sets.slice(0, 1) }),
      NOW,
    );
    expect(await recallWeek(asker, blockId, 1, NOW, false)).toEqual({ status: 'already logged' });
  });
});

describe('logging', () => {
  test('a set sent again, even by two phones at once, is stored once', async () => {
    const { asker, blockId, session } = await issuedBlock();
    const sets = await setsFor(asker, blockId, 'sa');
    const answers = await Promise.all([1, 2, 3].map(() => storeWork(asker, session, work({ sets }), NOW)));
    expect(answers).toEqual([
      { status: 'taken', refused: [], recalled: false },
      { status: 'taken', refused: [], recalled: false },
      { status: 'taken', refused: [], recalled: false },
    ]);
    const log = (await findTraining(asker, blockId))?.log;
    expect(log?.sets).toHaveLength(sets.length);
    expect(log?.workouts).toHaveLength(1);
    expect(log?.sets.find(({ id }) => id === sets[0]?.id)).toMatchObject({
      load: sets[0]?.load,
      reps: sets[0]?.reps,
      rir: sets[0]?.rir,
      at: sets[0]?.at,
    });
  });

  test('a correction is another set; the first stays on record', async () => {
    const { asker, blockId, session } = await issuedBlock();
    const [set] = await setsFor(asker, blockId, 'sa');
    if (set === undefined) throw new Error('nothing planned');
    await storeWork(asker, session, work({ sets: [set] }), NOW);
    await storeWork(
      asker,
      session,
      work({
        sets: [
          {
            ...set,
            id: randomUUID(),
            reps: 3,
            at: NOW.toISOString().replace('10:00', '10:30'),
            supersedes: set.id,
          },
        ],
      }),
      NOW,
    );
    const sets = (await findTraining(asker, blockId))?.log.sets ?? [];
    expect(sets.map(({ reps, supersedes }) => [reps, supersedes])).toEqual([
      [set.reps, null],
      [3, set.id],
    ]);
  });

  test('decimals and pounds are returned as entered', async () => {
    const { asker, blockId, session } = await issuedBlock();
    const [set] = await setsFor(asker, blockId, 'sa');
    if (set === undefined) throw new Error('nothing planned');
    await storeWork(
      asker,
      session,
      work({ sets: [{ ...set, load: { value: 132.28, unit: 'lb' }, rir: 1.5 }] }),
      NOW,
    );
    expect((await findTraining(asker, blockId))?.log.sets[0]).toMatchObject({
      load: { value: 132.28, unit: 'lb' },
      rir: 1.5,
    });
  });

  test('an unplanned set is stored and measures no strength; nobody else logs into the session', async () => {
    const { asker, blockId, session } = await issuedBlock();
    const [set, second] = await setsFor(asker, blockId, 'sa');
    if (set === undefined || second === undefined) throw new Error('nothing planned');
    const sets = [{ ...set, slotId: 'gone' }, second];
    expect(await storeWork(asker, session, work({ sets }), NOW)).toMatchObject({
      status: 'taken',
      refused: [],
    });
    expect((await findTraining(asker, blockId))?.log.sets.map(({ id }) => id).sort()).toEqual(
      [set.id, second.id].sort(),
    );
    const measuring = await models().sets.findAll({
      where: { measuresStrength: true, coachId: asker.coachId },
    });
    expect(measuring.map((row) => row.get().id)).toEqual([second.id]);
    const others = { sets: [{ ...set, id: randomUUID() }] };
    expect(await storeWork(await someCoach(), session, work(others), NOW)).toEqual({ status: 'gone' });
    expect(await storeWork(asker, { ...session, sessionId: 'nope' }, work(others), NOW)).toEqual({
      status: 'gone',
    });
  });

  test('an id used elsewhere is never reported as stored', async () => {
    const one = await issuedBlock();
    const [set] = await setsFor(one.asker, one.blockId, 'sa');
    if (set === undefined) throw new Error('nothing planned');
    await storeWork(one.asker, one.session, work({ sets: [set] }), NOW);
    const two = await issuedBlock();
    expect(await storeWork(two.asker, two.session, work({ sets: [set] }), NOW)).toEqual({
      status: 'taken',
      refused: [{ id: set.id, why: 'id taken' }],
      recalled: false,
    });
  });

  test('a set sent under its older id replaces that set', async () => {
    const { asker, blockId, session } = await issuedBlock();
    const [set] = await setsFor(asker, blockId, 'sa');
    if (set === undefined) throw new Error('nothing planned');
    await storeWork(asker, session, work({ sets: [{ ...set, setId: `aside-${set.setId}` }] }), NOW);
    expect((await findTraining(asker, blockId))?.log.sets[0]?.setId).toBe(set.setId);
  });
});

describe('calls', () => {
  async function trained(over: number) {
    const made = await issuedBlock();
    const { asker, blockId, session } = made;
    await storeWork(asker, session, work({ sets: await setsFor(asker, blockId, 'sa', over) }), NOW);
    expect(await pendingCalls(asker, blockId, NOW)).toEqual([]);
    await storeWork(asker, session, work({ finish: true }), NOW);
    return made;
  }

  test('an answer does little work in a large block: it does not load the whole training', async () => {
    const { asker, blockId } = await someBlock({ ...largeBlock(12, 6, 8), startDate: '2026-11-23' });
    const issued = await issueWeek(asker, blockId, 1, 0, NOW);
    if (issued.status !== 'issued') throw new Error(issued.status);
    for (const sessionId of ['s0', 's1', 's2']) {
      const sets = await setsFor(asker, blockId, sessionId, 2);
      await storeWork(asker, { issuedWeekId: issued.week.id, sessionId }, work({ sets, finish: true }), NOW);
    }
    const [call] = await pendingCalls(asker, blockId, NOW);
    const outcome = await answerCalls(
      asker,
      blockId,
      [{ id: call?.id ?? '', outcome: 'accepted', choice: null }],
      await knownTo(asker, blockId),
      new Date(),
    );
    if (outcome.status !== 'answered') throw new Error(outcome.status);
    expect(outcome.changes.answers).toHaveLength(1);
    expect(JSON.stringify(outcome).length).toBeLessThan(20_000);
  });

  test('finishing raises calls, soreness adds to them, answering closes them, and the roster counts them', async () => {
    const { asker, blockId, session, athlete } = await trained(2);
    await storeWork(
      asker,
      session,
      work({ soreness: [{ id: randomUUID(), muscle: 'quads', ended: '2026-11-25', said: '2026-11-25' }] }),
      NOW,
    );
    const calls = await pendingCalls(asker, blockId, NOW);
    const sets = calls.find((call) => call.kind === 'sets');
    // Two are wanted; the range has room for one.
    expect(sets).toMatchObject({ muscle: 'quads', add: 1, week: 2 });
    expect(await roster(asker)).toMatchObject([
      {
        athleteId: athlete.id,
        block: {
          state: 'running',
          standing: { week: 1, sessions: { done: 1, planned: 2 }, next: { calls: calls.length } },
        },
      },
    ]);
    const [routine] = (await waiting(asker, ['joint'])).routine;
    expect((routine?.loads ?? 0) + (routine?.sets ?? 0)).toBe(calls.length);
    const outcome = await answerCalls(
      asker,
      blockId,
      [{ id: sets?.id ?? '', outcome: 'accepted', choice: null }],
      await knownTo(asker, blockId),
      new Date(),
    );
    if (outcome.status !== 'answered') throw new Error(outcome.status);
    expect(outcome.changes.answers).toMatchObject([{ id: sets?.id, outcome: 'accepted' }]);
    expect(outcome.missed).toEqual([]);
    expect((await pendingCalls(asker, blockId, NOW)).some((call) => call.id === sets?.id)).toBe(false);
  });

  test('new facts replace an open call; a report sent twice is stored once', async () => {
    const { asker, blockId, session } = await trained(2);
    const report = { id: randomUUID(), muscle: 'quads' as const, ended: '2026-11-25', said: '2026-11-25' };
    await storeWork(asker, session, work({ soreness: [report] }), NOW);
    await storeWork(asker, session, work({ soreness: [report] }), NOW);
    expect((await findTraining(asker, blockId))?.log.soreness).toHaveLength(1);
    await storeWork(
      asker,
      session,
      work({ soreness: [{ id: randomUUID(), muscle: 'quads', ended: 'still', said: '2026-11-25' }] }),
      new Date(NOW.getTime() + 1000),
    );
    expect((await pendingCalls(asker, blockId, NOW)).some((call) => call.kind === 'sets')).toBe(false);
  });

  test('an answer to a closed call is reported, not ignored', async () => {
    const { asker, blockId, session } = await trained(2);
    await storeWork(asker, session, work({ soreness: [early()] }), NOW);
    const [call] = await pendingCalls(asker, blockId, NOW);
    const answer = (id: string) => ({ id, outcome: 'accepted' as const, choice: null });
    const both = [answer(call?.id ?? ''), answer('load/gone/2/x')];
    const known = await knownTo(asker, blockId);
    const first = await answerCalls(asker, blockId, both, known, new Date());
    expect(first).toMatchObject({ status: 'answered', missed: ['load/gone/2/x'] });
    const again = await answerCalls(asker, blockId, [answer(call?.id ?? '')], known, new Date());
    expect(again).toMatchObject({ status: 'answered', missed: [call?.id] });
  });

  test('a choice that does not fit its call is refused as a whole', async () => {
    const { asker, blockId, session } = await trained(2);
    await storeWork(asker, session, work({ soreness: [early()] }), NOW);
    const before = await pendingCalls(asker, blockId, NOW);
    const sets = before.find(({ kind }) => kind === 'sets');
    const wrong = { id: sets?.id ?? '', outcome: 'changed' as const, choice: { load: 60, reps: 8 } };
    const known = await knownTo(asker, blockId);
    expect(await answerCalls(asker, blockId, [wrong], known, NOW)).toEqual({ status: 'malformed' });
    expect(await pendingCalls(asker, blockId, NOW)).toEqual(before);
  });

  test('a stranger’s answer changes nothing', async () => {
    const { asker, blockId, session } = await trained(2);
    await storeWork(
      asker,
      session,
      work({ soreness: [{ id: randomUUID(), muscle: 'quads', ended: '2026-11-25', said: '2026-11-25' }] }),
      NOW,
    );
    const before = await pendingCalls(asker, blockId, NOW);
    const stranger = await someCoach();
    expect(
      await answerCalls(
        stranger,
        blockId,
        before.map(({ id }) => ({ id, outcome: 'accepted' as const, choice: null })),
        await knownTo(asker, blockId),
        NOW,
      ),
    ).toEqual({ status: 'gone' });
    expect(await pendingCalls(stranger, blockId, NOW)).toEqual([]);
    expect(await pendingCalls(asker, blockId, NOW)).toEqual(before);
  });
});

test('the demo fills a coach once: six athletes, finished weeks, waiting calls', async () => {
  const coach = { email: `${randomUUID()}@example.org`, name: 'Demo', password: PASSWORD };
  expect(await seedDemo('2026-11-24', coach)).toBe(true);
  expect(await seedDemo('2026-11-24', coach)).toBe(false);
  const asker = await coachByEmail(coach.email);
  if (asker === undefined) throw new Error('no coach');
  const lines = await roster(asker);
  expect(lines).toHaveLength(6);
  expect(lines.find(({ name }) => name === 'Maren Tveitdal')).toMatchObject({
    block: { standing: { week: 2, sessions: { done: 4, planned: 4 } } },
  });
  expect((await waiting(asker, ['joint'])).routine.length).toBeGreaterThan(0);
  expect(new Set(lines.map(({ level }) => level)).size).toBe(3);
}, 60_000);

test('the number of queries for a block does not grow with its log', async () => {
  const { asker, blockId, session } = await issuedBlock();
  const count = async () => {
    let queries = 0;
    database().addHook('beforeQuery', 'count', () => {
      queries++;
    });
    await findTraining(asker, blockId);
    database().removeHook('beforeQuery', 'count');
    return queries;
  };
  await storeWork(asker, session, work({ sets: (await setsFor(asker, blockId, 'sa')).slice(0, 1) }), NOW);
  const few = await count();
  await storeWork(asker, session, work({ sets: await setsFor(asker, blockId, 'sa') }), NOW);
  expect(await count()).toBe(few);
  expect(few).toBeGreaterThan(0);
  expect(few).toBeLessThanOrEqual(12);
});

describe('changes since a version', () => {
  /** A page that merges changes and applies the steps to its block. */
  async function takenIn(asker: Asker, blockId: string, had: Training): Promise<Training | undefined> {
    const outcome = await reloadTraining(asker, blockId, pageState(had));
    if (outcome.status !== 'changes') throw new Error(outcome.status);
    const { steps, revision } = outcome.changes;
    const block = steps.reduce((before, { edit }) => {
      const applied = edit === null ? undefined : applyEdit(before, edit);
      if (applied?.ok !== true) throw new Error('a step that stands does not apply');
      return applied.value.block;
    }, had.block);
    const next = withChanges(had, outcome.changes);
    return next === undefined ? undefined : { ...next, block, revision };
  }
  const whole = async (asker: Asker, blockId: string) => {
    const training = await findTraining(asker, blockId);
    if (training === undefined) throw new Error('no training');
    return training;
  };
  const timeless = (training: Training | undefined) => ({
    ...training,
    readAt: null,
    answers: [...(training?.answers ?? [])].sort((a, b) => a.id.localeCompare(b.id)),
  });

  test('steps, weeks, sets, soreness and answers bring the page to the server’s version', async () => {
    const { asker, blockId, session } = await issuedBlock();
    let page = await whole(asker, blockId);
    const rest = { kind: 'slot/set', slot: 'a1', field: 'rest', value: 45 } as const;
    await saveSteps(asker, blockId, 0, [{ id: randomUUID(), action: 'do', edit: rest }], new Date());
    const sets = await setsFor(asker, blockId, 'sa', 2);
    await storeWork(asker, session, work({ sets, finish: true, soreness: [early()] }), new Date());
    page = (await takenIn(asker, blockId, page)) as Training;
    expect(timeless(page)).toEqual(timeless(await whole(asker, blockId)));
    expect(page.log.sets).toHaveLength(sets.length);
    const [call] = await pendingCalls(asker, blockId, NOW);
    await answerCalls(
      asker,
      blockId,
      [{ id: call?.id ?? '', outcome: 'declined', choice: null }],
      pageState(page),
      new Date(),
    );
    await issueWeek(asker, blockId, 2, 1, new Date());
    page = (await takenIn(asker, blockId, page)) as Training;
    expect(page.issued.map(({ week }) => week)).toEqual([1, 2]);
    await recallWeek(asker, blockId, 2, new Date(), false);
    page = (await takenIn(asker, blockId, page)) as Training;
    expect(timeless(page)).toEqual(timeless(await whole(asker, blockId)));
  });

  test('a page that missed something notices by the totals', async () => {
    const { asker, blockId, session } = await issuedBlock();
    const before = await whole(asker, blockId);
    const sets = await setsFor(asker, blockId, 'sa');
    await storeWork(asker, session, work({ sets: sets.slice(0, 1) }), new Date(Date.now() - 3_600_000));
    await storeWork(asker, session, work({ sets: sets.slice(1, 2) }), new Date());
    // The first set is older than the look-back: it arrived unnoticed.
    expect(await takenIn(asker, blockId, before)).toBeUndefined();
    expect(await reloadTraining(asker, blockId, null)).toMatchObject({ status: 'whole' });
    expect(await reloadTraining(await someCoach(), blockId, null)).toEqual({ status: 'gone' });
  });
});
