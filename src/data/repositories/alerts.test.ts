import { randomUUID } from 'node:crypto';
import { setTimeout as pause } from 'node:timers/promises';
import { Op } from 'sequelize';
import { type Block, type SessionWeek, unfold, type WatchName, withSessionWeek } from '@/core';
import type { Asker } from '../asker';
import { closeDatabase, database } from '../database';
import { models } from '../models/models';
import { NOW, setsFor, smallBlock, someBlock, someCoach, work } from '../testing/coach';
import { chooseOption, closeWeek, issueWeeks, undoAnswer } from './alerts';
import { findAthlete, saveAthlete } from './athletes';
import {
  archiveBlock,
  copyBlock,
  deleteBlock,
  eraseDeleted,
  listBlocks,
  otherActiveRests,
} from './block-list';
import { addBlock, saveSteps } from './blocks';
import { pendingCalls, refreshCalls } from './calls';
import { reloadTraining } from './changes';
import { storeWork } from './logging';
import { answersSince, roster, waiting } from './roster';
import { refreshChangedBlocks, refreshDueBlocks } from './rounds';
import { issueWeek, recallWeek } from './sending-weeks';
import { exerciseLookup, findTraining } from './training';

afterAll(closeDatabase);

/** Monday, the day of the first session. */
const MONDAY = new Date('2026-11-23T10:00:00Z');
const DAY = 86_400_000;
const later = (days: number) => new Date(MONDAY.getTime() + days * DAY);

/** A running block of two sessions, Monday and Thursday of the week of 23 November. */
async function running() {
  const { asker, blockId, athlete } = await someBlock();
  const issued = await issueWeek(asker, blockId, 1, 0, MONDAY);
  if (issued.status !== 'issued') throw new Error(issued.status);
  return { asker, blockId, athlete, issuedWeekId: issued.week.id };
}

const callsOf = async (asker: Asker, kind: WatchName) =>
  (await waiting(asker, ['joint'])).calls.filter(({ call }) => call.kind === kind).map(({ call }) => call);

const planOf = async (asker: Asker, blockId: string) => {
  const training = await findTraining(asker, blockId);
  if (training === undefined) throw new Error('gone');
  return unfold({ ...training, exercises: exerciseLookup(training) });
};

const daysOf = async (asker: Asker, blockId: string, week = 1) =>
  (await planOf(asker, blockId)).weeks[week - 1]?.plan.sessions.map(({ sessionId, day }) => [sessionId, day]);

/** Gives a week of a session an override, as a step of the block. */
async function own(asker: Asker, blockId: string, session: string, change: Partial<SessionWeek>) {
  const training = await findTraining(asker, blockId);
  const before = training?.block.sessions.find(({ id }) => id === session);
  const value = withSessionWeek(before?.weeks ?? [], 1, change);
  const edit = { kind: 'session/set', session, field: 'weeks', value } as const;
  return saveSteps(asker, blockId, training?.revision ?? 0, [{ id: randomUUID(), action: 'do', edit }], NOW);
}

describe('a missed day', () => {
  test('is raised the day after, fixed by an option and sent again; the phone’s sets still arrive', async () => {
    const { asker, blockId, issuedWeekId } = await running();
    expect(await callsOf(asker, 'days lost')).toEqual([]);
    // Tuesday evening in Oslo: Monday’s session was missed.
    await refreshCalls(asker, blockId, later(1));
    const [call] = await callsOf(asker, 'days lost');
    expect(call).toMatchObject({ week: 1, evidence: { sessions: ['A'] } });
    const move = call && 'options' in call ? call.options.find(({ id }) => id === 'move') : undefined;
    expect(move).toMatchObject({ does: { kind: 'arrange', how: 'move' }, edit: null });
    expect(await chooseOption(asker, blockId, call?.id ?? '', 'move', later(1))).toEqual({ status: 'done' });
    const [moved] = (await daysOf(asker, blockId)) ?? [];
    expect(moved).toEqual(['sa', expect.any(Number)]);
    expect(moved?.[1]).toBeGreaterThan(0);
    // The block stays as designed.
    expect((await daysOf(asker, blockId, 2))?.[0]).toEqual(['sa', 0]);
    expect(await callsOf(asker, 'days lost')).toEqual([]);
    const sets = await setsFor(asker, blockId, 'sa');
    const sent = await storeWork(
      asker,
      { issuedWeekId, sessionId: 'sa' },
      work({ sets, finish: true }),
      later(2),
    );
    expect(sent).toMatchObject({ status: 'taken', refused: [] });
    expect((await planOf(asker, blockId)).weeks[0]?.performed.get('sa')?.sets.size).toBe(sets.length);
  });

  test('when undone, the week is as before and the alert returns; later work does not prevent it', async () => {
    const { asker, blockId } = await running();
    await refreshCalls(asker, blockId, later(1));
    const [call] = await callsOf(asker, 'days lost');
    await chooseOption(asker, blockId, call?.id ?? '', 'drop', later(1));
    expect(await daysOf(asker, blockId)).toEqual([['sb', 3]]);
    const [given] = await answersSince(asker, NOW);
    expect(given).toMatchObject({ id: call?.id, outcome: 'accepted', option: 'drop', byRule: false });
    expect(await undoAnswer(asker, blockId, call?.id ?? '', later(1))).toEqual({ status: 'done' });
    expect(await daysOf(asker, blockId)).toEqual([
      ['sa', 0],
      ['sb', 3],
    ]);
    expect(await callsOf(asker, 'days lost')).toMatchObject([{ id: call?.id }]);
    expect(await undoAnswer(asker, blockId, call?.id ?? '', later(1))).toEqual({ status: 'missed' });
  });

  test('dismissed, it stays answered, whoever looks and however often', async () => {
    const { asker, blockId } = await running();
    await refreshCalls(asker, blockId, later(1));
    const [call] = await callsOf(asker, 'days lost');
    expect(await chooseOption(asker, blockId, call?.id ?? '', null, later(1))).toEqual({ status: 'done' });
    await Promise.all([1, 2, 3].map((hour) => refreshCalls(asker, blockId, later(1 + hour / 24))));
    expect(await callsOf(asker, 'days lost')).toEqual([]);
    // On Friday Thursday was missed too: that is a new fact.
    await refreshCalls(asker, blockId, later(4));
    expect(await callsOf(asker, 'days lost')).toHaveLength(1);
  });

  test('another coach cannot answer it, and an unknown option is refused', async () => {
    const { asker, blockId } = await running();
    await refreshCalls(asker, blockId, later(1));
    const [call] = await callsOf(asker, 'days lost');
    const stranger = await someCoach();
    expect(await chooseOption(stranger, blockId, call?.id ?? '', 'move', later(1))).toEqual({
      status: 'gone',
    });
    expect(await chooseOption(asker, blockId, call?.id ?? '', 'no such', later(1))).toEqual({
      status: 'missed',
    });
    expect(await chooseOption(asker, blockId, 'no/such', 'move', later(1))).toEqual({ status: 'missed' });
    expect(await undoAnswer(stranger, blockId, call?.id ?? '', later(1))).toEqual({ status: 'missed' });
    expect(await closeWeek(stranger, blockId, 1, NOW, NOW)).toBe(false);
  });
});

describe('a changed running week', () => {
  test('is a new version for pages with the old one, and the old version is kept', async () => {
    const { asker, blockId } = await running();
    const before = await findTraining(asker, blockId);
    if (before === undefined) throw new Error('gone');
    const page = {
      revision: before.revision,
      athleteRevision: before.athleteRevision,
      exercises: 0,
      issued: before.issued.map(({ id }) => `${id}/0`),
      readAt: new Date(Date.now() - 1000).toISOString(),
    };
    const known = await reloadTraining(asker, blockId, page);
    expect(known).toMatchObject({ changes: { issued: [] } });
    await own(asker, blockId, 'sb', { day: 4 });
    const news = await reloadTraining(asker, blockId, page);
    expect(news).toMatchObject({ changes: { issued: [{ version: 1 }], recalled: [] } });
    const kept = await models().issuedBefore.findAll({ where: { issuedId: before.issued[0]?.id ?? '' } });
    expect(kept).toHaveLength(1);
    // A change that another reverts is removed.
    await own(asker, blockId, 'sb', { day: null });
    expect(await daysOf(asker, blockId)).toEqual([
      ['sa', 0],
      ['sb', 3],
    ]);
  });

  test('a skipped session that a phone trained anyway returns to the week with its sets', async () => {
    const { asker, blockId, issuedWeekId } = await running();
    const sets = await setsFor(asker, blockId, 'sb');
    await own(asker, blockId, 'sb', { left: true });
    expect(await daysOf(asker, blockId)).toEqual([['sa', 0]]);
    const sent = await storeWork(asker, { issuedWeekId, sessionId: 'sb' }, work({ sets, finish: true }), NOW);
    expect(sent).toMatchObject({ status: 'taken', refused: [] });
    const [week] = (await planOf(asker, blockId)).weeks;
    expect(week?.plan.sessions.map(({ sessionId }) => sessionId)).toEqual(['sa', 'sb']);
    expect(week?.performed.get('sb')?.sets.size).toBe(sets.length);
  });

  test('a started session is not moved', async () => {
    const { asker, blockId, issuedWeekId } = await running();
    const [first] = await setsFor(asker, blockId, 'sa');
    if (first === undefined) throw new Error('no set');
    await storeWork(asker, { issuedWeekId, sessionId: 'sa' }, work({ sets: [first] }), NOW);
    await own(asker, blockId, 'sa', { day: 5 });
    expect((await daysOf(asker, blockId))?.[0]).toEqual(['sa', 0]);
  });

  test('when closed, it is done and the next week is due; reopened, it continues', async () => {
    const { asker, blockId } = await running();
    expect(await closeWeek(asker, blockId, 1, NOW, NOW)).toBe(true);
    expect((await planOf(asker, blockId)).weeks[0]?.status).toBe('done');
    expect(await callsOf(asker, 'next week')).toMatchObject([{ week: 2 }]);
    await closeWeek(asker, blockId, 1, null, NOW);
    expect((await planOf(asker, blockId)).weeks[0]?.status).toBe('issued');
    expect(await callsOf(asker, 'next week')).toEqual([]);
  });
});

describe('sending weeks', () => {
  test('sends all that are due at once, none a second time; recalled, the alert returns', async () => {
    const { asker, blockId } = await someBlock();
    await refreshCalls(asker, blockId, MONDAY);
    expect(await callsOf(asker, 'next week')).toMatchObject([{ week: 1, evidence: { first: true } }]);
    expect(await issueWeeks(asker, [{ blockId, week: 1 }], NOW)).toEqual([]);
    expect(await issueWeeks(asker, [{ blockId, week: 1 }], NOW)).toEqual([
      { blockId, week: 1, why: 'already-issued' },
    ]);
    expect(await callsOf(asker, 'next week')).toEqual([]);
    expect(await models().issued.count({ where: { blockId } })).toBe(1);
    expect(await recallWeek(asker, blockId, 1, NOW, false)).toEqual({ status: 'recalled' });
    expect(await callsOf(asker, 'next week')).toHaveLength(1);
  });

  test('an answered alert sends the week once, however often it is pressed', async () => {
    const { asker, blockId } = await someBlock();
    const [call] = await callsOf(asker, 'next week');
    const pressed = await Promise.all(
      [1, 2].map(() => chooseOption(asker, blockId, call?.id ?? '', 'issue', NOW)),
    );
    expect(pressed.filter(({ status }) => status === 'done')).toHaveLength(1);
    expect(await models().issued.count({ where: { blockId } })).toBe(1);
  });
});

describe('the athlete’s setting', () => {
  async function finished(answering: 'ask for all' | 'apply the routine' | 'apply all') {
    const { asker, blockId, athlete, issuedWeekId } = await running();
    const stored = await findAthlete(asker, athlete.id);
    await saveAthlete(asker, { ...athlete, answering }, stored?.revision ?? 0, NOW);
    const sets = await setsFor(asker, blockId, 'sa', 3);
    const soreness = [
      { id: randomUUID(), muscle: 'quads', ended: '2026-11-25', said: '2026-11-25' },
    ] as const;
    await storeWork(asker, { issuedWeekId, sessionId: 'sa' }, work({ sets, soreness, finish: true }), NOW);
    const pending = await pendingCalls(asker, blockId, NOW);
    return { asker, blockId, pending, given: await answersSince(asker, new Date(0)) };
  }

  test('asks for everything', async () => {
    const { pending, given } = await finished('ask for all');
    expect(new Set(pending.map(({ kind }) => kind))).toEqual(new Set(['load', 'sets']));
    expect(given).toEqual([]);
  });

  test('applies routine loads and lists them; each can be undone and is then asked', async () => {
    const { asker, blockId, pending, given } = await finished('apply the routine');
    expect(new Set(pending.map(({ kind }) => kind))).toEqual(new Set(['sets']));
    expect(given.length).toBeGreaterThan(0);
    expect(given.every(({ byRule, call }) => byRule && call.kind === 'load')).toBe(true);
    const [first] = given;
    await undoAnswer(asker, blockId, first?.id ?? '', NOW);
    await refreshCalls(asker, blockId, NOW);
    expect((await pendingCalls(asker, blockId, NOW)).some(({ id }) => id === first?.id)).toBe(true);
    expect((await answersSince(asker, new Date(0))).length).toBe(given.length - 1);
  });

  test('applies everything', async () => {
    const { pending, given } = await finished('apply all');
    expect(pending).toEqual([]);
    expect(new Set(given.map(({ call }) => call.kind))).toEqual(new Set(['load', 'sets']));
  });
});

describe('the daily round', () => {
  test('updates every block whose athlete’s day has changed, once for all processes', async () => {
    const { asker, blockId, athlete } = await running();
    expect(athlete.timeZone).toBe('Europe/Oslo');
    const day = async () => (await models().standings.findOne({ where: { blockId } }))?.get().day;
    expect(await day()).toBe('2026-11-23');
    await refreshDueBlocks(NOW);
    // 22:59 UTC is 23:59 in Oslo; a minute later it is tomorrow there.
    await refreshDueBlocks(new Date('2026-11-24T22:59:00Z'));
    expect(await day()).toBe('2026-11-24');
    await Promise.all([1, 2].map(() => refreshDueBlocks(new Date('2026-11-24T23:00:00Z'))));
    expect(await day()).toBe('2026-11-25');
    expect(await callsOf(asker, 'days lost')).toHaveLength(1);
  });

  test('gives the same result in any process and however often', async () => {
    const { asker, blockId } = await running();
    const rows = async () =>
      (await models().calls.findAll({ where: { blockId, status: 'pending' }, order: ['id'] })).map((row) => {
        const { id, week, status, proposal } = row.get();
        return { id, week, status, proposal };
      });
    await refreshCalls(asker, blockId, later(1));
    const once = await rows();
    expect(once.length).toBeGreaterThan(0);
    await Promise.all(Array.from({ length: 4 }, () => refreshCalls(asker, blockId, later(1))));
    expect(await rows()).toEqual(once);
  });

  test('changes during an update are picked up by another update', async () => {
    const { asker, blockId, issuedWeekId } = await running();
    await refreshCalls(asker, blockId, later(1));
    const sets = await setsFor(asker, blockId, 'sa', 3);
    // An update that has read everything and waits for a call that somebody else has locked.
    const other = await database().transaction();
    const where = { blockId, status: 'pending' } as const;
    expect(await models().calls.findAll({ where, transaction: other, lock: true })).not.toEqual([]);
    const look = refreshCalls(asker, blockId, later(2));
    await pause(500);
    const session = { issuedWeekId, sessionId: 'sa' };
    const finished = storeWork(asker, session, work({ sets, finish: true }), later(2));
    await pause(500);
    await other.commit();
    await look;
    expect(await finished).toMatchObject({ status: 'taken', refused: [] });
    expect((await models().standings.findOne({ where: { blockId } }))?.get().day).toBe('2000-01-01');
    expect((await pendingCalls(asker, blockId, later(2))).length).toBeGreaterThan(0);
  });

  test('a session is started by its first set; later sets change nothing until it is finished', async () => {
    const { asker, blockId, issuedWeekId } = await running();
    const day = async () => (await models().standings.findOne({ where: { blockId } }))?.get().day;
    const [first, ...others] = await setsFor(asker, blockId, 'sa', 3);
    if (first === undefined) throw new Error('no sets');
    const session = { issuedWeekId, sessionId: 'sa' };
    await storeWork(asker, session, work({ sets: [first] }), NOW);
    expect(await day()).toBe('2000-01-01');
    await refreshCalls(asker, blockId, NOW);
    await storeWork(asker, session, work({ sets: others }), NOW);
    expect(await day()).toBe('2026-11-24');
    await storeWork(asker, session, work({ finish: true }), NOW);
    expect(await day()).toBe('2000-01-01');
  });

  test('picks up what was edited since', async () => {
    const { asker, blockId } = await running();
    await own(asker, blockId, 'sb', { day: 5 });
    const row = await models().standings.findOne({ where: { blockId } });
    expect(row?.get().day).toBe('2000-01-01');
    await refreshDueBlocks(NOW);
    expect((await models().standings.findOne({ where: { blockId } }))?.get().day).toBe('2026-11-24');
  });

  test('before it, a desk updates its own and shared athletes’ edited blocks, and no others', async () => {
    const { asker, blockId, athlete } = await running();
    const stranger = await someCoach();
    const day = async () => (await models().standings.findOne({ where: { blockId } }))?.get().day;
    for (const [coach, shown] of [
      [asker, []],
      [stranger, [athlete.id]],
    ] as const) {
      await own(asker, blockId, 'sb', { day: (await day()) === '2026-11-23' ? 5 : 4 });
      await refreshChangedBlocks(stranger, [], NOW);
      expect(await day()).toBe('2000-01-01');
      await refreshChangedBlocks(coach, shown, NOW);
      expect(await day()).toBe('2026-11-24');
    }
  });

  test('asking for a block’s calls after an edit includes its effects', async () => {
    const { asker, blockId, issuedWeekId } = await running();
    const sets = await setsFor(asker, blockId, 'sa', 3);
    await storeWork(asker, { issuedWeekId, sessionId: 'sa' }, work({ sets, finish: true }), NOW);
    const before = await pendingCalls(asker, blockId, NOW);
    const training = await findTraining(asker, blockId);
    const slot = training?.block.sessions[0]?.slots[0]?.id ?? '';
    const away = { id: randomUUID(), action: 'do', edit: { kind: 'slot/remove', slot } } as const;
    await saveSteps(asker, blockId, training?.revision ?? 0, [away], NOW);
    const after = await pendingCalls(asker, blockId, NOW);
    const { proposals } = await planOf(asker, blockId);
    expect(after.map(({ id }) => id).sort()).toEqual(proposals.map(({ id }) => id).sort());
    expect(after).not.toEqual(before);
  });
});

describe('blocks', () => {
  test('several per athlete: another block beside the running one does not replace it', async () => {
    const { asker, blockId, athlete } = await running();
    const copy = await copyBlock(asker, blockId, { name: 'Winter', startDate: '2027-01-04' }, later(2));
    expect(await roster(asker)).toMatchObject([{ block: { id: blockId, state: 'running' }, others: 1 }]);
    expect(await listBlocks(asker, athlete.id)).toMatchObject([
      { id: copy, state: 'planned', week: 0, startDate: '2027-01-04' },
      { id: blockId, state: 'running', week: 1 },
    ]);
    // The last log shows how long the athlete was away; the copy has none.
    const [planned, run] = await listBlocks(asker, athlete.id);
    expect(planned?.lastLog).toBeNull();
    expect(run?.lastLog).toBe((await roster(asker))[0]?.block?.lastLog);
  });

  test('active rest in the athlete’s other blocks is told with its first day, until its block is deleted', async () => {
    const { asker, blockId, athlete } = await someBlock();
    const { asker: stranger } = await someBlock();
    const rests: Block = {
      ...smallBlock(),
      startDate: '2026-03-02',
      weeks: 4,
      deload: [{ kind: 'active rest', weeks: 2 }],
    };
    const other = await addBlock(asker, athlete.id, rests, NOW);
    expect(await otherActiveRests(asker, blockId)).toEqual(['2026-03-30']);
    // Not beside itself, and not to a stranger.
    expect(await otherActiveRests(asker, other ?? '')).toEqual([]);
    expect(await otherActiveRests(stranger, blockId)).toEqual([]);
    await deleteBlock(asker, other ?? '', NOW, NOW);
    expect(await otherActiveRests(asker, blockId)).toEqual([]);
  });

  test('archived or deleted they raise nothing; restored they are unchanged; after 30 days erased', async () => {
    const { asker, blockId, athlete } = await running();
    await refreshCalls(asker, blockId, later(1));
    await archiveBlock(asker, blockId, NOW, later(1));
    expect((await waiting(asker, ['joint'])).calls).toEqual([]);
    expect(await roster(asker)).toMatchObject([{ block: null, others: 0 }]);
    await archiveBlock(asker, blockId, null, later(1));
    expect(await callsOf(asker, 'days lost')).toHaveLength(1);
    await deleteBlock(asker, blockId, NOW, later(1));
    expect(await listBlocks(asker, athlete.id)).toMatchObject([
      { id: blockId, deletedAt: NOW.toISOString() },
    ]);
    await eraseDeleted(later(31));
    expect(await listBlocks(asker, athlete.id)).toHaveLength(1);
    await deleteBlock(asker, blockId, null, later(2));
    expect(await roster(asker)).toMatchObject([{ block: { id: blockId, state: 'running' } }]);
    await deleteBlock(asker, blockId, NOW, later(2));
    await eraseDeleted(later(31.1));
    expect(await listBlocks(asker, athlete.id)).toEqual([]);
    expect(await deleteBlock(await someCoach(), blockId, NOW, NOW)).toBe(false);
  });
});

test('a very long list shows the most urgent and counts all', async () => {
  const { asker, blockId, athlete } = await running();
  await refreshCalls(asker, blockId, later(1));
  const { calls } = models();
  const row = (await calls.findOne({ where: { blockId, source: 'day' }, rejectOnEmpty: true })).get();
  const proposal = (kind: string) =>
    JSON.stringify({
      ...JSON.parse(row.proposal),
      kind,
      evidence: { ...JSON.parse(row.proposal).evidence, kind },
    });
  const made = (kind: string, at: number) => ({
    ...row,
    id: `${kind} ${at}`,
    subject: `${kind}/${at}`,
    proposal: proposal(kind),
  });
  await calls.bulkCreate(Array.from({ length: 160 }, (_, at) => made('split', at)));
  await calls.bulkCreate(Array.from({ length: 3 }, (_, at) => made('joint', at)));
  const kinds = async (urgency: readonly string[]) =>
    (await waiting(asker, urgency)).calls.map(({ call }) => call.kind);
  const listed = await kinds(['joint', 'days lost', 'split']);
  expect(listed.slice(0, 5)).toEqual(['joint', 'joint', 'joint', 'days lost', 'split']);
  expect(listed).toHaveLength(150);
  expect((await kinds(['split', 'joint', 'days lost'])).slice(0, 4)).toEqual([
    'split',
    'split',
    'split',
    'split',
  ]);
  expect((await waiting(asker, ['joint'])).counts.get(athlete.id)).toBe(164);
});

test('the desk makes a fixed number of queries for any number of athletes and calls', async () => {
  const count = async (asker: Asker) => {
    let queries = 0;
    database().addHook('beforeQuery', 'count', () => {
      queries++;
    });
    await roster(asker);
    await waiting(asker, ['joint']);
    await answersSince(asker, NOW);
    database().removeHook('beforeQuery', 'count');
    return queries;
  };
  const none = await count(await someCoach());
  expect(none).toBe(7);
  const { asker, blockId } = await running();
  for (let at = 0; at < 3; at++)
    await copyBlock(asker, blockId, { ...smallBlock(), name: `${at}` }, later(at));
  expect(
    await models().calls.count({ where: { coachId: asker.coachId, id: { [Op.ne]: '' } } }),
  ).toBeGreaterThan(0);
  expect(await count(asker)).toBe(none);
});
