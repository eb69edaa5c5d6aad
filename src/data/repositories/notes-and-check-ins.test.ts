import { randomUUID } from 'node:crypto';
import { type CheckIn, pageState, unfold, withChanges } from '@/core';
import { closeDatabase } from '../database';
import { models } from '../models/models';
import { NOW, setsFor, someBlock, work } from '../testing/coach';
import { saveSteps } from './blocks';
import { pendingCalls } from './calls';
import { reloadTraining } from './changes';
import { storeWork } from './logging';
import { findMeasurements } from './measurements';
import { issueWeek, recallWeek, recordWeekOpened } from './sending-weeks';
import { storeCheckIn } from './store-check-in';
import { exerciseLookup, findTraining } from './training';

afterAll(closeDatabase);

async function issuedBlock() {
  const made = await someBlock();
  const outcome = await issueWeek(made.asker, made.blockId, 1, 0, NOW);
  if (outcome.status !== 'issued') throw new Error(JSON.stringify(outcome));
  return { ...made, issued: outcome.week, session: { issuedWeekId: outcome.week.id, sessionId: 'sa' } };
}

describe('notes beside the sets', () => {
  const head = () => ({ id: randomUUID(), at: NOW.toISOString() });

  test('are stored once, oldest first; a corrected day is the session’s day, and easier days and pain can be found', async () => {
    const { asker, blockId, session } = await issuedBlock();
    const notes = [
      { ...head(), kind: 'readiness', slept: 'poorly', feels: 'so so', rescue: 'fewer sets' },
      {
        ...head(),
        kind: 'pain',
        slotId: 'a1',
        exerciseId: 'leg-press',
        where: 'knee',
        grade: 'clear',
        line: 'left',
      },
      { ...head(), kind: 'date', date: '2026-11-22', time: '18:30', was: '2026-11-24' },
    ] as const;
    await storeWork(asker, session, work({ notes: notes.slice(0, 2) }), NOW);
    await storeWork(asker, session, work({ notes: [...notes] }), NOW);
    const [workout] = (await findTraining(asker, blockId))?.log.workouts ?? [];
    expect(workout?.notes).toEqual(notes);
    expect(workout?.date).toBe('2026-11-22');
    const row = await models().workouts.findOne({ where: { id: workout?.id ?? '' } });
    expect(row?.get()).toMatchObject({ rescue: 'fewer sets', hurtAt: NOW, hurtSeenAt: null });
  });

  test('half a character at the end of a text loses neither the text nor its sets', async () => {
    const { asker, blockId, session } = await issuedBlock();
    const [set] = await setsFor(asker, blockId, 'sa');
    if (set === undefined) throw new Error('nothing planned');
    const cut = { ...head(), kind: 'rating', rating: 'right', line: 'Strong \ud83d' } as const;
    const sent = work({ sets: [{ ...set, more: { line: 'Left \ud83d' } }], notes: [cut] });
    for (let times = 0; times < 2; times++)
      expect(await storeWork(asker, session, sent, NOW)).toMatchObject({ status: 'taken', refused: [] });
    const log = (await findTraining(asker, blockId))?.log;
    expect(log?.workouts[0]?.notes).toMatchObject([{ line: 'Strong \ufffd' }]);
    expect(log?.sets).toMatchObject([{ more: { line: 'Left \ufffd' } }]);
  });

  test('reach a page that was loaded earlier, with its other changes', async () => {
    const { asker, blockId, session } = await issuedBlock();
    const before = await findTraining(asker, blockId);
    if (before === undefined) throw new Error('no training');
    const page = pageState(before);
    await storeWork(
      asker,
      session,
      work({ notes: [{ ...head(), kind: 'rating', rating: 'too hard', line: 'Slept badly' }] }),
      new Date(),
    );
    const said = await reloadTraining(asker, blockId, page);
    if (said.status !== 'changes') throw new Error(said.status);
    const after = withChanges(before, said.changes);
    expect(after?.log.workouts[0]?.notes).toMatchObject([{ kind: 'rating', line: 'Slept badly' }]);
  });
});

describe('a week recalled while a phone has it', () => {
  const opened = async () => {
    const made = await issuedBlock();
    await recordWeekOpened(made.asker, made.issued.id, NOW);
    return made;
  };

  test('warns the coach first, who may do it anyway', async () => {
    const { asker, blockId } = await opened();
    expect(await recallWeek(asker, blockId, 1, NOW, false)).toEqual({
      status: 'open on a phone',
      at: NOW.toISOString(),
    });
    expect(await recallWeek(asker, blockId, 1, NOW, true)).toEqual({ status: 'recalled' });
  });

  test('what it logs before the week is sent again waits and appears in the new week; later sets go there directly', async () => {
    const { asker, blockId, session } = await opened();
    const [first, second] = await setsFor(asker, blockId, 'sa');
    if (first === undefined || second === undefined) throw new Error('nothing planned');
    await recallWeek(asker, blockId, 1, NOW, true);
    const report = { id: randomUUID(), muscle: 'quads' as const, ended: 'none', said: '2026-11-25' };
    expect(await storeWork(asker, session, work({ sets: [first], soreness: [report] }), NOW)).toEqual({
      status: 'taken',
      refused: [],
      recalled: true,
    });
    expect((await findTraining(asker, blockId))?.log.sets).toEqual([]);
    const again = await issueWeek(asker, blockId, 1, 0, NOW);
    if (again.status !== 'issued') throw new Error(again.status);
    await storeWork(asker, session, work({ sets: [second], finish: true }), NOW);
    const log = (await findTraining(asker, blockId))?.log;
    expect(log?.sets.map(({ id }) => id).sort()).toEqual([first.id, second.id].sort());
    expect(log?.soreness).toMatchObject([{ muscle: 'quads', ended: 'none' }]);
    expect(log?.workouts).toMatchObject([{ id: `${again.week.id}.sa`, finished: true }]);
    // Sent again by the phone that missed the answer: still one set.
    await storeWork(asker, session, work({ sets: [first, second] }), NOW);
    expect((await findTraining(asker, blockId))?.log.sets).toHaveLength(2);
  });

  test('the sets of a removed session appear in another one, counted as what they were', async () => {
    const { asker, blockId, session } = await opened();
    const [first] = await setsFor(asker, blockId, 'sa');
    if (first === undefined) throw new Error('nothing planned');
    await recallWeek(asker, blockId, 1, NOW, true);
    await storeWork(asker, session, work({ sets: [first] }), NOW);
    const edit = { kind: 'session/remove', session: 'sa' } as const;
    await saveSteps(asker, blockId, 0, [{ id: randomUUID(), action: 'do', edit }], NOW);
    const again = await issueWeek(asker, blockId, 1, 1, NOW);
    if (again.status !== 'issued') throw new Error(again.status);
    const log = (await findTraining(asker, blockId))?.log;
    expect(log?.workouts).toMatchObject([{ sessionId: 'sb' }]);
    expect(log?.sets.map(({ id }) => id)).toEqual([first.id]);
  });
});

describe('check-ins', () => {
  test('are stored once, newest last, with their measurements; nobody else’s are touched', async () => {
    const { asker, blockId, athlete } = await someBlock();
    const checkIn: CheckIn = {
      id: randomUUID(),
      date: '2026-11-23',
      slept: 'well',
      drive: 'usual',
      appetite: 'so so',
      soreness: 'some stayed',
      aches: [{ joint: 'elbow', grade: 'slight' }],
      restingHeartRate: 52,
      measured: [{ kind: 'body weight', value: 61.4, unit: 'kg' }],
      line: 'Long week',
    };
    const phone = { ...asker, athleteId: athlete.id };
    expect(await storeCheckIn(phone, checkIn, NOW)).toEqual({ status: 'taken' });
    expect(await storeCheckIn(phone, checkIn, NOW)).toEqual({ status: 'taken' });
    await storeCheckIn(phone, { ...checkIn, id: randomUUID(), date: '2026-11-16', measured: [] }, NOW);
    const training = await findTraining(asker, blockId);
    expect(training?.checkIns.map(({ date }) => date)).toEqual(['2026-11-16', '2026-11-23']);
    expect(training?.checkIns[1]).toEqual(checkIn);
    expect(training?.athlete.bodyweight).toEqual({ value: 61.4, unit: 'kg' });
    const weighed = (await findMeasurements(asker, athlete.id)).filter(({ date }) => date === '2026-11-23');
    expect(weighed).toMatchObject([{ kind: 'body weight', value: 61.4 }]);
    const other = await someBlock();
    const stolen = await storeCheckIn({ ...other.asker, athleteId: other.athlete.id }, checkIn, NOW);
    expect(stolen).toEqual({ status: 'malformed' });
    expect((await findTraining(other.asker, other.blockId))?.checkIns).toEqual([]);
  });
});

test('a check-in with poor recovery changes the proposals on the server and on the page', async () => {
  const { asker, blockId, athlete } = await someBlock();
  const issued = await issueWeek(asker, blockId, 1, 0, NOW);
  if (issued.status !== 'issued') throw new Error(issued.status);
  const session = { issuedWeekId: issued.week.id, sessionId: 'sa' };
  const sets = await setsFor(asker, blockId, 'sa', 2);
  await storeWork(asker, session, work({ sets, finish: true }), NOW);
  const poor: CheckIn = {
    id: randomUUID(),
    date: '2026-11-26',
    slept: 'poorly',
    drive: 'low',
    appetite: 'poorly',
    soreness: 'most stayed',
    aches: [],
    restingHeartRate: null,
    measured: [],
    line: '',
  };
  await storeCheckIn({ ...asker, athleteId: athlete.id }, poor, NOW);
  const training = await findTraining(asker, blockId);
  if (training === undefined) throw new Error('no training');
  const { proposals } = unfold({ ...training, exercises: exerciseLookup(training) });
  expect((await pendingCalls(asker, blockId, NOW)).map(({ id }) => id).sort()).toEqual(
    proposals.map(({ id }) => id).sort(),
  );
});
