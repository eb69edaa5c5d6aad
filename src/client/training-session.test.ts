import type { CheckIn, LoggedSet, LogOutcome, Outgoing, SessionNote, Unanswered } from '@/core';
import { calm, FakeBrowser } from './testing/fake-world';
import { type SessionRef, trainingQueue } from './training-queue';
import { FloorSession } from './training-session';

const set = (setId: string, reps = 8) => ({
  slotId: 's',
  setId,
  exerciseId: 'dip',
  load: { value: 0, unit: 'kg' as const },
  reps,
  rir: 2,
  supersedes: null,
});

/** A phone with an open session, and a server with scripted responses. */
function phone(
  browser = new FakeBrowser(),
  knows: { finished?: boolean; logged?: readonly LoggedSet[]; notes?: readonly SessionNote[] } = {},
  sessionId = 'a',
) {
  const sent: Outgoing[] = [];
  const refs: SessionRef[] = [];
  const checkIns: CheckIn[] = [];
  const shown: string[][] = [];
  let answer: (outgoing: Outgoing) => LogOutcome | Unanswered | 'no network' = () => ({
    status: 'taken',
    refused: [],
    recalled: false,
  });
  const { ports, kill } = browser.open();
  let day = '2026-11-24';
  const server = {
    work: async (ref: SessionRef, outgoing: Outgoing) => {
      sent.push(outgoing);
      refs.push(ref);
      const said = answer(outgoing);
      if (said === 'no network') throw new Error(said);
      return said;
    },
    checkIn: async (checkIn: CheckIn) => {
      checkIns.push(checkIn);
      return { status: 'taken' } as const;
    },
    refused: async (items: readonly { readonly why: string }[]) => {
      shown.push(items.map(({ why }) => why));
    },
  };
  const ref = { issuedWeekId: 'w', sessionId };
  const floor = new FloorSession(
    { workoutId: `w.${sessionId}`, ref, logged: [], finished: false, notes: [], ramps: {}, ...knows },
    server,
    ports,
    () => day,
  );
  return {
    floor,
    sent,
    refs,
    checkIns,
    shown,
    server,
    ports,
    browser,
    kill,
    answers: (how: typeof answer) => {
      answer = how;
    },
    midnight: () => {
      day = '2026-11-25';
    },
  };
}

const reps = (floor: FloorSession) => floor.getState().logged.map((one) => one.reps);

test('a set shows at once and is sent to the coach; a double tap is one set', async () => {
  const { floor, sent, browser } = phone();
  await floor.start();
  expect(floor.log(set('1'))).toBe(true);
  expect(floor.log(set('2'))).toBe(false);
  expect(reps(floor)).toEqual([8]);
  await browser.clock.pass(700);
  expect(floor.log(set('2', 7))).toBe(true);
  await calm();
  expect(sent.flatMap(({ sets }) => sets.map(({ setId }) => setId))).toEqual(['1', '2']);
  expect(floor.getState().queue).toMatchObject({ waiting: [], sending: { status: 'clear' } });
});

test('a round is one tap: its sets are logged in order, and a second tap logs nothing', async () => {
  const { floor, sent, browser } = phone();
  await floor.start();
  expect(floor.logAll([set('1'), set('1.2', 4), set('1.3', 3)])).toBe(true);
  expect(floor.logAll([set('2')])).toBe(false);
  expect(reps(floor)).toEqual([8, 4, 3]);
  await browser.clock.pass(700);
  await calm();
  const sets = sent.flatMap((outgoing) => outgoing.sets);
  expect(sets.map(({ setId }) => setId)).toEqual(['1', '1.2', '1.3']);
  expect(new Set(sets.map(({ at }) => at)).size).toBe(3);
  expect([...sets].sort((a, b) => a.at.localeCompare(b.at))).toEqual(sets);
});

test('finishing, soreness, warm-ups and notes are sent once each', async () => {
  const { floor, sent, refs } = phone();
  await floor.start();
  floor.finish();
  floor.finish();
  const before = { issuedWeekId: 'w', sessionId: 'z', workoutId: 'w.z' };
  floor.reportSoreness(before, { quads: '2026-11-23', chest: 'still' });
  floor.reportSoreness(before, { quads: '2026-11-23', chest: 'none' });
  floor.tell({ kind: 'skip', slotId: 's', why: 'no time' });
  floor.reportRamp('s', 'light');
  await calm();
  expect(sent.filter(({ finish }) => finish)).toHaveLength(1);
  // Of an earlier session, and sent to that session.
  expect(
    sent.flatMap(({ soreness }, at) => soreness.map((one) => [refs[at]?.sessionId, one.muscle, one.ended])),
  ).toEqual([
    ['z', 'quads', '2026-11-23'],
    ['z', 'chest', 'still'],
    ['z', 'chest', 'none'],
  ]);
  expect(sent.flatMap(({ notes }) => notes)).toMatchObject([{ kind: 'skip', slotId: 's', why: 'no time' }]);
  expect(floor.getState()).toMatchObject({
    finished: true,
    ramps: { s: 'light' },
    notes: [{ kind: 'skip' }],
  });
});

test('offline, a set stays on the phone through a killed page, and the next page sends it', async () => {
  const first = phone();
  first.answers(() => 'no network');
  await first.floor.start();
  first.floor.log(set('1', 9));
  first.floor.finish();
  await calm();
  expect(first.floor.getState().queue).toMatchObject({ isStored: true, sending: { status: 'waiting' } });
  first.kill();
  const second = phone(first.browser);
  await second.floor.start();
  expect(reps(second.floor)).toEqual([9]);
  expect(second.floor.getState().finished).toBe(true);
  await calm();
  expect(second.sent[0]).toMatchObject({ finish: true, sets: [{ setId: '1' }] });
});

test('two pages of one session lose nothing of each other', async () => {
  const browser = new FakeBrowser();
  const [one, two] = [phone(browser), phone(browser)];
  for (const { answers } of [one, two]) answers(() => 'no network');
  await one.floor.start();
  await two.floor.start();
  one.floor.log(set('1', 11));
  two.floor.log(set('2', 12));
  await calm();
  one.kill();
  two.kill();
  const three = phone(browser);
  await three.floor.start();
  await calm();
  expect(reps(three.floor).sort()).toEqual([11, 12]);
  expect(
    three.sent
      .flatMap(({ sets }) => sets)
      .map((sent) => sent.reps)
      .sort(),
  ).toEqual([11, 12]);
});

test('a refused set is set apart, the others arrive, and it can be sent again or dropped', async () => {
  const { floor, answers, browser, shown } = phone();
  answers(({ sets }) => ({
    status: 'taken',
    recalled: false,
    refused: sets.filter(({ setId }) => setId === '9').map(({ id }) => ({ id, why: 'id taken' })),
  }));
  await floor.start();
  floor.log(set('9'));
  await browser.clock.pass(700);
  floor.log(set('1', 10));
  await calm();
  const { refused, waiting } = floor.getState().queue;
  expect(waiting).toEqual([]);
  expect(refused).toMatchObject([{ why: 'id taken', item: { set: { setId: '9' } } }]);
  floor.settleRefused(refused[0]?.item.id ?? '', 'drop');
  await calm();
  expect(reps(floor)).toEqual([10]);
  expect(floor.getState().queue.refused).toEqual([]);
  // The coach sees it, and that it is settled.
  expect(shown).toEqual([['id taken'], []]);
});

test('a recalled week is reported, and its sets arrive', async () => {
  const { floor, answers } = phone();
  answers(() => ({ status: 'taken', refused: [], recalled: true }));
  await floor.start();
  floor.log(set('1'));
  await calm();
  expect(floor.getState()).toMatchObject({ recalled: true, queue: { waiting: [], refused: [] } });
});

test('items of a deleted session are set apart and hold up nothing else', async () => {
  const { floor, answers, sent } = phone();
  answers(({ soreness }) =>
    soreness.length > 0 ? { status: 'gone' } : { status: 'taken', refused: [], recalled: false },
  );
  await floor.start();
  floor.reportSoreness({ issuedWeekId: 'old', sessionId: 'z', workoutId: 'old.z' }, { quads: 'none' });
  floor.log(set('1'));
  await calm();
  expect(floor.getState().queue).toMatchObject({
    waiting: [],
    refused: [{ why: 'gone', item: { kind: 'soreness' } }],
  });
  expect(sent.flatMap(({ sets }) => sets)).toHaveLength(1);
});

describe('one queue per phone', () => {
  test('sends what another session has left, to that session, without showing it here', async () => {
    const browser = new FakeBrowser();
    const monday = phone(browser);
    monday.answers(() => 'no network');
    await monday.floor.start();
    monday.floor.log(set('1', 9));
    await calm();
    monday.kill();
    const tuesday = phone(browser, {}, 'b');
    await tuesday.floor.start();
    await calm();
    expect(reps(tuesday.floor)).toEqual([]);
    expect(tuesday.refs).toEqual([{ issuedWeekId: 'w', sessionId: 'a' }]);
    expect(tuesday.sent.flatMap(({ sets }) => sets)).toMatchObject([{ setId: '1', reps: 9 }]);
  });

  test('sends a check-in once', async () => {
    const { server, ports, checkIns } = phone();
    const queue = trainingQueue(server, ports);
    await queue.start();
    const checkIn = { id: 'c1', date: '2026-11-24' } as CheckIn;
    await queue.add({ id: 'c1', localDate: checkIn.date, kind: 'check-in', checkIn });
    await calm();
    expect(checkIns).toEqual([checkIn]);
    expect(queue.getState().waiting).toEqual([]);
  });

  test("older items stored under their session's key find their session", async () => {
    const browser = new FakeBrowser();
    const { ports } = browser.open();
    const item = { id: 'x', localDate: '2026-11-20', kind: 'set', set: { ...set('1', 5), id: 'x', at: '' } };
    await ports.store.write('ladder/floor/w.a/page', JSON.stringify({ items: [item], refused: [] }));
    const { floor, refs } = phone(browser);
    await floor.start();
    await calm();
    expect(reps(floor)).toEqual([5]);
    expect(refs).toEqual([{ issuedWeekId: 'w', sessionId: 'a' }]);
  });
});

test('after a sign-out it continues once somebody has signed in in another tab', async () => {
  const { floor, answers, browser } = phone();
  answers(() => ({ status: 'signed out' }));
  await floor.start();
  floor.log(set('1'));
  await calm();
  expect(floor.getState().queue.sending).toEqual({ status: 'waiting', because: 'signed out' });
  answers(() => ({ status: 'taken', refused: [], recalled: false }));
  await browser.clock.pass(2000);
  expect(floor.getState().queue.waiting).toEqual([]);
});

test('sends a session past midnight day by day', async () => {
  const { floor, sent, answers, midnight, browser } = phone();
  answers(() => 'no network');
  await floor.start();
  floor.log(set('1'));
  midnight();
  await browser.clock.pass(800);
  floor.log(set('2'));
  answers(() => ({ status: 'taken', refused: [], recalled: false }));
  await browser.clock.pass(20_000);
  expect(sent.slice(-2).map(({ localDate, sets }) => [localDate, sets.length])).toEqual([
    ['2026-11-24', 1],
    ['2026-11-25', 1],
  ]);
});

describe('a cached page from before the session was done', () => {
  test('shows what was sent since, even offline', async () => {
    const browser = new FakeBrowser();
    const first = phone(browser);
    await first.floor.start();
    first.floor.log(set('1'));
    await calm();
    first.floor.reportSoreness({ issuedWeekId: 'w', sessionId: 'z', workoutId: 'w.z' }, { quads: 'none' });
    first.floor.tell({ kind: 'rating', rating: 'too hard', line: '' });
    first.floor.reportRamp('s', 'heavy');
    first.floor.finish();
    await calm();
    expect(first.floor.getState().queue.waiting).toEqual([]);
    first.kill();

    const again = phone(browser);
    again.answers(() => 'no network');
    await again.floor.start();
    expect(reps(again.floor)).toEqual([8]);
    expect(again.floor.getState()).toMatchObject({
      finished: true,
      reported: { 'w.z/quads': 'none' },
      notes: [{ kind: 'rating' }],
      ramps: { s: 'heavy' },
    });
    // It was sent once and is not sent again.
    expect(again.sent).toEqual([]);
  });

  test('shows each set once, whether or not the server knows it; a dropped set stays dropped', async () => {
    const browser = new FakeBrowser();
    const first = phone(browser);
    first.answers(({ sets }) => ({
      status: 'taken',
      recalled: false,
      refused: sets.filter(({ setId }) => setId === '2').map(({ id }) => ({ id, why: 'id taken' as const })),
    }));
    await first.floor.start();
    first.floor.log(set('1'));
    await browser.clock.pass(700);
    first.floor.log(set('2', 7));
    await calm();
    const [sent, refused] = first.floor.getState().logged;
    if (sent === undefined || refused === undefined) throw new Error('not logged');
    first.floor.settleRefused(refused.id, 'drop');
    await calm();
    first.kill();
    const again = phone(browser, { logged: [sent] });
    await again.floor.start();
    expect(reps(again.floor)).toEqual([8]);
  });

  test('is forgotten once the server has all of it', async () => {
    const browser = new FakeBrowser();
    const first = phone(browser);
    await first.floor.start();
    first.floor.log(set('1'));
    first.floor.finish();
    await calm();
    const { logged } = first.floor.getState();
    first.kill();
    const again = phone(browser, { logged, finished: true });
    await again.floor.start();
    await calm();
    expect(await browser.open().ports.store.keys('ladder/done/')).toEqual([]);
    expect(reps(again.floor)).toEqual([8]);
  });

  test('ignores unreadable stored data', async () => {
    const browser = new FakeBrowser();
    const { ports } = browser.open();
    for (const text of ['', 'null', '{"logged":3}', '{"logged":[null,{"reps":3}]}', 'no JSON']) {
      await ports.store.write('ladder/done/w.a', text);
      const { floor } = phone(browser);
      await floor.start();
      expect(reps(floor)).toEqual([]);
    }
  });
});
