import { randomUUID } from 'node:crypto';
import { closeDatabase, database } from '../database';
import { seedDemo } from '../demo/seed';
import { NOW, PASSWORD, setsFor, someBlock, someCoach } from '../testing/coach';
import { roster } from './athletes';
import { saveSteps } from './blocks';
import { answerCalls, openCalls } from './calls';
import { coachByEmail } from './coaches';
import { issueWeek, recallWeek } from './issuing';
import { finishWorkout, logSets, reportSoreness } from './logging';
import { findTraining } from './training';

afterAll(closeDatabase);

async function issuedBlock() {
  const made = await someBlock();
  const outcome = await issueWeek(made.asker, made.blockId, 1, 0, NOW);
  if (outcome.status !== 'issued') throw new Error(JSON.stringify(outcome));
  return { ...made, issued: outcome.week, session: { issuedWeekId: outcome.week.id, sessionId: 'sa' } };
}

describe('what else is noted of a set', () => {
  test('partials, sides and time come back as they were logged; what was not noted is absent', async () => {
    const { asker, blockId, session } = await issuedBlock();
    const [first, second, ...others] = await setsFor(asker, blockId, 'sa');
    if (first === undefined || second === undefined) throw new Error('no sets');
    const more = { partials: 4, left: 9, right: 8 };
    await logSets(asker, session, '2026-11-24', [{ ...first, more }, second, ...others], NOW);
    const sets = (await findTraining(asker, blockId))?.log.sets;
    expect(sets?.find(({ id }) => id === first.id)?.more).toEqual(more);
    expect(sets?.find(({ id }) => id === second.id)).not.toHaveProperty('more');
  });
});

describe('issuing', () => {
  test('an issued week keeps its sets and reasons when the block changes', async () => {
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
      refusal: { code: 'earlier-week-open', week: 2 },
    });
    expect(await issueWeek(asker, blockId, 2, 7, NOW)).toEqual({ status: 'stale' });
    expect(await issueWeek(await someCoach(), blockId, 2, 0, NOW)).toEqual({ status: 'gone' });
  });

  test('two issues at once make one week', async () => {
    const { asker, blockId } = await someBlock();
    const outcomes = await Promise.all([1, 1, 1].map((week) => issueWeek(asker, blockId, week, 0, NOW)));
    expect(outcomes.map(({ status }) => status).sort()).toEqual(['issued', 'refused', 'refused']);
  });

  test('it can be recalled until the first set, and issued again', async () => {
    const { asker, blockId, session } = await issuedBlock();
    expect(await recallWeek(await someCoach(), blockId, 1, NOW)).toEqual({ status: 'gone' });
    expect(await recallWeek(asker, blockId, 1, NOW)).toEqual({ status: 'recalled' });
    expect((await findTraining(asker, blockId))?.issued).toEqual([]);
    expect(await logSets(asker, session, '2026-11-24', [], NOW)).toEqual({ status: 'recalled' });
    const again = await issueWeek(asker, blockId, 1, 0, NOW);
    if (again.status !== 'issued') throw new Error(again.status);
    const sets = await setsFor(asker, blockId, 'sa');
    await logSets(
      asker,
      { issuedWeekId: again.week.id, sessionId: 'sa' },
      '2026-11-24',
      sets.slice(0, 1),
      NOW,
    );
    expect(await recallWeek(asker, blockId, 1, NOW)).toEqual({ status: 'already logged' });
  });
});

describe('logging', () => {
  test('a set sent again, also by two phones at once, is one set', async () => {
    const { asker, blockId, session } = await issuedBlock();
    const sets = await setsFor(asker, blockId, 'sa');
    const answers = await Promise.all([1, 2, 3].map(() => logSets(asker, session, '2026-11-24', sets, NOW)));
    expect(answers).toEqual([{ status: 'kept' }, { status: 'kept' }, { status: 'kept' }]);
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

  test('a correction is a further set; the first stays on record', async () => {
    const { asker, blockId, session } = await issuedBlock();
    const [set] = await setsFor(asker, blockId, 'sa');
    if (set === undefined) throw new Error('nothing planned');
    await logSets(asker, session, '2026-11-24', [set], NOW);
    await logSets(
      asker,
      session,
      '2026-11-24',
      [
        {
          ...set,
          id: randomUUID(),
          reps: 3,
          at: NOW.toISOString().replace('10:00', '10:30'),
          supersedes: set.id,
        },
      ],
      NOW,
    );
    const sets = (await findTraining(asker, blockId))?.log.sets ?? [];
    expect(sets.map(({ reps, supersedes }) => [reps, supersedes])).toEqual([
      [set.reps, null],
      [3, set.id],
    ]);
  });

  test('decimals and pounds come back as they were entered', async () => {
    const { asker, blockId, session } = await issuedBlock();
    const [set] = await setsFor(asker, blockId, 'sa');
    if (set === undefined) throw new Error('nothing planned');
    await logSets(
      asker,
      session,
      '2026-11-24',
      [{ ...set, load: { value: 132.28, unit: 'lb' }, rir: 1.5 }],
      NOW,
    );
    expect((await findTraining(asker, blockId))?.log.sets[0]).toMatchObject({
      load: { value: 132.28, unit: 'lb' },
      rir: 1.5,
    });
  });

  test('what is not part of the issued session is refused, and nobody else logs into it', async () => {
    const { asker, blockId, session } = await issuedBlock();
    const [set] = await setsFor(asker, blockId, 'sa');
    if (set === undefined) throw new Error('nothing planned');
    expect(await logSets(asker, session, '2026-11-24', [{ ...set, setId: 'work-9' }], NOW)).toEqual({
      status: 'unknown set',
      id: set.id,
    });
    expect(await logSets(await someCoach(), session, '2026-11-24', [set], NOW)).toEqual({ status: 'gone' });
    expect(await logSets(asker, { ...session, sessionId: 'nope' }, '2026-11-24', [set], NOW)).toEqual({
      status: 'gone',
    });
    expect((await findTraining(asker, blockId))?.log.sets).toEqual([]);
  });
});

describe('calls', () => {
  async function trained(over: number) {
    const made = await issuedBlock();
    const { asker, blockId, session } = made;
    await logSets(asker, session, '2026-11-24', await setsFor(asker, blockId, 'sa', over), NOW);
    expect(await openCalls(asker, blockId)).toEqual([]);
    await finishWorkout(asker, session, '2026-11-24', NOW);
    return made;
  }

  test('finishing files them, soreness adds to them, answering closes them, and the roster counts', async () => {
    const { asker, blockId, session, athlete } = await trained(2);
    await reportSoreness(asker, session, [{ id: randomUUID(), muscle: 'quads', soreness: 'early' }], NOW);
    const calls = await openCalls(asker, blockId);
    const sets = calls.find((call) => call.kind === 'sets');
    expect(sets).toMatchObject({ muscle: 'quads', add: 2, week: 2 });
    expect(await roster(asker)).toMatchObject([
      { athleteId: athlete.id, openCalls: calls.length, issued: { week: 1, finished: 1, sessions: 2 } },
    ]);
    const outcome = await answerCalls(
      asker,
      blockId,
      [{ id: sets?.id ?? '', outcome: 'accepted', choice: null }],
      NOW,
    );
    if (outcome.status !== 'answered') throw new Error(outcome.status);
    expect(outcome.training.answers).toHaveLength(1);
    expect((await openCalls(asker, blockId)).some((call) => call.id === sets?.id)).toBe(false);
  });

  test('new facts replace an open call; a report sent twice is one', async () => {
    const { asker, blockId, session } = await trained(2);
    const report = { id: randomUUID(), muscle: 'quads' as const, soreness: 'early' as const };
    await reportSoreness(asker, session, [report], NOW);
    await reportSoreness(asker, session, [report], NOW);
    expect((await findTraining(asker, blockId))?.log.soreness).toHaveLength(1);
    await reportSoreness(
      asker,
      session,
      [{ id: randomUUID(), muscle: 'quads', soreness: 'still sore' }],
      new Date(NOW.getTime() + 1000),
    );
    expect((await openCalls(asker, blockId)).some((call) => call.kind === 'sets')).toBe(false);
  });

  test('a stranger’s answer changes nothing', async () => {
    const { asker, blockId, session } = await trained(2);
    await reportSoreness(asker, session, [{ id: randomUUID(), muscle: 'quads', soreness: 'early' }], NOW);
    const before = await openCalls(asker, blockId);
    const stranger = await someCoach();
    expect(
      await answerCalls(
        stranger,
        blockId,
        before.map(({ id }) => ({ id, outcome: 'accepted' as const, choice: null })),
        NOW,
      ),
    ).toEqual({ status: 'gone' });
    expect(await openCalls(stranger, blockId)).toEqual([]);
    expect(await openCalls(asker, blockId)).toEqual(before);
  });
});

test('the demo fills a coach once: six athletes, weeks done, calls that wait', async () => {
  const coach = { email: `${randomUUID()}@example.org`, name: 'Demo', password: PASSWORD };
  expect(await seedDemo('2026-11-24', coach)).toBe(true);
  expect(await seedDemo('2026-11-24', coach)).toBe(false);
  const asker = await coachByEmail(coach.email);
  if (asker === undefined) throw new Error('no coach');
  const lines = await roster(asker);
  expect(lines).toHaveLength(6);
  expect(lines.find(({ name }) => name === 'Maren Tveitdal')).toMatchObject({
    issued: { week: 2, finished: 4, sessions: 4 },
  });
  expect(lines.some(({ openCalls: open }) => open > 0)).toBe(true);
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
  await logSets(asker, session, '2026-11-24', (await setsFor(asker, blockId, 'sa')).slice(0, 1), NOW);
  const few = await count();
  await logSets(asker, session, '2026-11-24', await setsFor(asker, blockId, 'sa'), NOW);
  expect(await count()).toBe(few);
  expect(few).toBeGreaterThan(0);
  expect(few).toBeLessThanOrEqual(8);
});
