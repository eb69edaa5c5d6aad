import { applyEdit } from '../block/apply-edit';
import type { Block } from '../block/block';
import type { Exposure } from '../effort/exposure';
import type { NoteContent } from '../on-the-day/session-note';
import { athlete, block, session, slot } from '../testing/fixtures';
import { called, checkIn, type Happened, watched } from '../testing/watched';
import { unfold } from '../unfold/unfold';
import { weekAdherence } from './adherence';
import { blockStatus, currentBlock } from './block-status';
import type { WatchOption } from './watch-call';

/** Upper and lower days alternating, from Monday 2 November 2026. */
const FOUR = block(
  [
    session('up1', 0, [slot('press', 'chest-press-machine'), slot('row', 'seal-row')]),
    session('low1', 1, [slot('squat', 'hack-squat'), slot('curl', 'seated-leg-curl')]),
    session('up2', 3, [slot('pulldown', 'neutral-pulldown'), slot('fly', 'fly-machine')]),
    session('low2', 4, [slot('leg', 'leg-press'), slot('calf', 'standing-calf-raise')]),
  ],
  { weeks: 6 },
);

function take(of: Block, option: WatchOption | undefined): Block {
  if (option?.edit == null) throw new Error('nothing to take');
  const applied = applyEdit(of, option.edit);
  if (!applied.ok) throw new Error(JSON.stringify(applied.problems));
  return applied.value.block;
}

const daysOf = ({ blockPlan }: ReturnType<typeof watched>, week: number) =>
  Object.fromEntries(
    (blockPlan.weeks[week - 1]?.plan.sessions ?? []).map(({ sessionId, day }) => [sessionId, day]),
  );

describe('missed days', () => {
  const tuesday = (today: string, trained: readonly string[] = ['up1']): Happened => ({
    block: FOUR,
    today,
    weeks: [trained],
  });

  test('raise nothing on the day itself; the day after, the rest of the week rearranged with its cost', () => {
    expect(called('days lost', tuesday('2026-11-03'))).toEqual([]);
    const [call] = called('days lost', tuesday('2026-11-04'));
    expect(call?.evidence).toEqual({ kind: 'days lost', sessions: ['Session low1'], daysLeft: 5 });
    const [first] = call?.options ?? [];
    // Wednesday is free, and nothing is then too close.
    expect(first?.does).toMatchObject({
      kind: 'arrange',
      how: 'move',
      moves: [{ session: 'Session low1', to: 2 }],
      cost: [],
      breaks: 0,
    });
    expect(call?.options.map(({ id }) => id)).toEqual(['move', 'drop', 'close']);
  });

  test('when applied, it holds for that week only', () => {
    const [call] = called('days lost', tuesday('2026-11-04'));
    const changed = take(FOUR, call?.options[0]);
    const plan = unfold({
      ...watched({ block: changed, today: '2026-11-04', weeks: [] }),
      block: changed,
      issued: [],
      log: { workouts: [], sets: [], soreness: [] },
      answers: [],
    });
    expect(plan.weeks[0]?.plan.sessions.find(({ sessionId }) => sessionId === 'low1')?.day).toBe(2);
    expect(plan.weeks[1]?.plan.sessions.find(({ sessionId }) => sessionId === 'low1')?.day).toBe(1);
  });

  test('finished sessions stay, a missed optional session is no loss, and after the week it can only be closed', () => {
    expect(called('days lost', tuesday('2026-11-04', ['up1', 'low1']))).toEqual([]);
    const optional = {
      ...FOUR,
      sessions: FOUR.sessions.map((one) => ({ ...one, optional: one.id === 'low1' })),
    };
    expect(called('days lost', { ...tuesday('2026-11-04'), block: optional })).toEqual([]);
    const [sunday] = called('days lost', tuesday('2026-11-08', ['up1', 'low1', 'up2']));
    expect(sunday?.evidence).toMatchObject({ daysLeft: 1 });
    const [monday] = called('days lost', tuesday('2026-11-09', ['up1', 'low1', 'up2']));
    expect(monday?.options.map(({ id }) => id)).toEqual(['close']);
    // Three sets each of leg press and calf raise are lost.
    expect(monday?.options[0]?.does).toMatchObject({
      kind: 'close week',
      cost: expect.arrayContaining([
        { muscle: 'quads', sets: 3 },
        { muscle: 'calves', sets: 3 },
      ]),
    });
    expect(called('days lost', { ...tuesday('2026-11-09', ['up1', 'low1', 'up2']), closed: [1] })).toEqual(
      [],
    );
  });

  test('days on which the athlete cannot train are not offered', () => {
    const who = { ...watched(tuesday('2026-11-04')).athlete, days: [0, 1, 3, 4] };
    const [call] = called('days lost', { ...tuesday('2026-11-04'), athlete: who });
    const moved = (call?.options ?? []).flatMap(({ does }) => (does.kind === 'arrange' ? does.moves : []));
    expect(moved.some(({ to }) => to === 2 || to > 4)).toBe(false);
    expect(call?.options.some(({ id }) => id === 'merge')).toBe(true);
  });

  test('identified by the sessions: a day later it is the same alert, with another missed session a new one', () => {
    const id = (today: string) => called('days lost', tuesday(today))[0]?.id;
    expect(id('2026-11-05')).toBe(id('2026-11-04'));
    expect(id('2026-11-06')).not.toBe(id('2026-11-04'));
  });
});

describe('rearranging', () => {
  test('legs on Wednesday instead of Tuesday are too close to Friday’s legs: the rest is moved', () => {
    const [call] = called('rearrange', {
      block: {
        ...FOUR,
        sessions: FOUR.sessions.map((one) => (one.id === 'low2' ? { ...one, day: 3 } : one)),
      },
      today: '2026-11-05',
      weeks: [['up1', 'low1']],
      late: { '1/low1': 1 },
    });
    expect(call?.evidence).toEqual({ kind: 'rearrange', session: 'Session low1', planned: 1, done: 2 });
    expect(call?.options[0]?.does).toMatchObject({ kind: 'arrange', how: 'move', breaks: 0 });
  });

  test('nothing if the rest still fits', () => {
    expect(
      called('rearrange', {
        block: FOUR,
        today: '2026-11-05',
        weeks: [['up1', 'low1']],
        late: { '1/low1': 1 },
      }),
    ).toEqual([]);
  });
});

describe('sending the next week', () => {
  const running = (today: string): Happened => ({ block: FOUR, today, weeks: [['up1', 'low1', 'up2']] });

  test('is due on the day before the running week’s last day, not two days before', () => {
    expect(called('next week', running('2026-11-06'))).toEqual([]);
    expect(called('next week', running('2026-11-07'))[0]).toMatchObject({
      week: 2,
      evidence: { endsIn: 1, first: false, deload: false },
      options: [{ does: { kind: 'issue', week: 2 } }],
    });
  });

  test('dismissed, it returns when the week is over and every other day from then on', () => {
    const id = (today: string) => called('next week', running(today))[0]?.id;
    expect(id('2026-11-07')).toBeDefined();
    expect(id('2026-11-09')).not.toBe(id('2026-11-07'));
    expect(id('2026-11-10')).not.toBe(id('2026-11-08'));
    expect(id('2026-11-12')).not.toBe(id('2026-11-10'));
  });

  test('is due as soon as the week is done; the first week on the day before it starts', () => {
    expect(called('next week', { block: FOUR, today: '2026-11-06', weeks: ['all'] })).toHaveLength(1);
    expect(called('next week', { block: FOUR, today: '2026-10-31' })).toEqual([]);
    expect(called('next week', { block: FOUR, today: '2026-11-01' })[0]?.evidence).toMatchObject({
      first: true,
    });
  });
});

describe('no log', () => {
  const quiet = (today: string): Happened => ({ block: FOUR, today, weeks: [['up1']] });

  test('after five days with something due; not after four', () => {
    expect(called('no log', quiet('2026-11-06'))).toEqual([]);
    expect(called('no log', quiet('2026-11-07'))[0]?.evidence).toEqual({
      kind: 'no log',
      days: 5,
      last: '2026-11-02',
    });
    const id = (today: string) => called('no log', quiet(today))[0]?.id;
    expect(id('2026-11-08')).toBe(id('2026-11-07'));
    expect(id('2026-11-12')).not.toBe(id('2026-11-07'));
  });

  test('not after a long gap with nothing due', () => {
    const rare = block([session('a', 0, [slot('1', 'leg-press')])], { weeks: 4 });
    expect(called('no log', { block: rare, today: '2026-11-08', weeks: [['a']] })).toEqual([]);
  });
});

describe('the end of a block', () => {
  const short = { ...FOUR, weeks: 1, deload: null };

  test('a week before its last day, unless another block follows', () => {
    const happened: Happened = { block: short, today: '2026-11-02', weeks: [[]] };
    expect(called('block ends', happened)[0]?.evidence).toEqual({ kind: 'block ends', endsIn: 6 });
    expect(called('block ends', { ...happened, isFollowed: true })).toEqual([]);
    expect(called('block ends', { ...happened, block: FOUR })).toEqual([]);
    const long = { ...short, cycleDays: 9 };
    expect(called('block ends', { ...happened, block: long })).toEqual([]);
    expect(called('block ends', { ...happened, block: long, today: '2026-11-03' })).toHaveLength(1);
  });
});

describe('fatigue and readiness', () => {
  const poor = checkIn('2026-11-08', {
    slept: 'poorly',
    drive: 'low',
    soreness: 'some stayed',
    appetite: 'so so',
  });

  test('a score of six suggests a deload, five does not; nine urges it', () => {
    const at = (checkIns: NonNullable<Happened['checkIns']>) =>
      called('signs', { block: FOUR, today: '2026-11-08', weeks: ['all'], checkIns });
    expect(at([poor])[0]?.evidence).toMatchObject({
      sum: 6,
      verdict: 'propose',
      clear: ['poor sleep', 'low drive'],
    });
    expect(at([{ ...poor, appetite: 'well' }])).toEqual([]);
    const worse = {
      ...poor,
      appetite: 'poorly',
      soreness: 'most stayed',
      aches: [{ joint: 'knee', grade: 'slight' }],
    } as const;
    expect(at([worse])[0]?.evidence).toMatchObject({ sum: 9, verdict: 'urge' });
  });

  test('applied, the next week is a deload and later weeks move back', () => {
    const [call] = called('signs', { block: FOUR, today: '2026-11-08', weeks: ['all'], checkIns: [poor] });
    const eased = take(FOUR, call?.options[0]);
    const { weeks } = watched({ block: eased, today: '2026-11-08', weeks: ['all'] }).blockPlan;
    expect(weeks.map(({ plan }) => plan.kind[0]).join('')).toBe('bdbbbbbd');
  });

  test('not before a deload that comes anyway', () => {
    const one = { ...FOUR, weeks: 1 };
    expect(called('signs', { block: one, today: '2026-11-08', weeks: ['all'], checkIns: [poor] })).toEqual(
      [],
    );
  });

  const badly: NoteContent = { kind: 'readiness', slept: 'poorly', feels: 'so so', rescue: null };
  const well: NoteContent = { kind: 'readiness', slept: 'well', feels: 'well', rescue: null };

  test('three sessions in a row with poor readiness; not two, and not with a good one between', () => {
    const at = (...said: readonly NoteContent[]) =>
      called('readiness', {
        block: FOUR,
        today: '2026-11-07',
        weeks: ['all'],
        told: Object.fromEntries(
          ['up1', 'low1', 'up2', 'low2'].map((id, k) => [`1/${id}`, [said[k] ?? well]]),
        ),
      });
    expect(at(well, badly, badly, badly)[0]?.evidence).toEqual({ kind: 'readiness', days: 3 });
    expect(at(badly, badly, badly, badly)[0]?.evidence).toEqual({ kind: 'readiness', days: 4 });
    expect(at(well, well, badly, badly)).toEqual([]);
    expect(at(badly, badly, well, badly)).toEqual([]);
  });
});

describe('a joint', () => {
  const hurts = (grade: 'slight' | 'clear'): NoteContent => ({
    kind: 'pain',
    slotId: 'squat',
    exerciseId: 'hack-squat',
    where: 'knee',
    grade,
    line: '',
  });
  const told = (...sessions: readonly (readonly [string, NoteContent])[]): Happened => ({
    block: FOUR,
    today: '2026-11-07',
    weeks: ['all'],
    told: Object.fromEntries(sessions.map(([id, telling]) => [`1/${id}`, [telling]])),
  });

  test('slight pain once raises nothing; slight twice or clear once does', () => {
    expect(called('joint', told(['low1', hurts('slight')]))).toEqual([]);
    expect(called('joint', told(['low1', hurts('slight')], ['low2', hurts('slight')]))[0]?.evidence).toEqual({
      kind: 'joint',
      where: 'knee',
      times: 2,
      lifts: ['hack-squat'],
    });
    expect(called('joint', told(['low1', hurts('clear')]))).toHaveLength(1);
  });

  test('only the lift that hurts is eased, longer sets first; last, lighter sets for all; nothing trains through pain', () => {
    const [call] = called('joint', told(['low1', hurts('clear')]));
    expect(call?.options.map(({ id }) => id)).toEqual([
      'longer sets',
      'another set-up',
      'restricted range',
      'another exercise',
      'longer sets for all',
      'noted',
    ]);
    const eased = (call?.options ?? []).flatMap(({ does }) =>
      does.kind === 'ease joint' ? [new Set(does.changes.map(({ exerciseId }) => exerciseId))] : [],
    );
    for (const exercises of eased.slice(0, -1)) expect([...exercises]).toEqual(['hack-squat']);
    expect(eased.at(-1)?.size).toBeGreaterThan(1);
  });

  test('reports more than three weeks old no longer count', () => {
    const then = { ...told(['low1', hurts('clear')]), weeks: ['all', 'all', 'all', 'all'] } as const;
    expect(called('joint', { ...then, today: '2026-11-24' })).toHaveLength(1);
    expect(called('joint', { ...then, today: '2026-11-25' })).toEqual([]);
  });
});

describe('a stall', () => {
  const on = (date: string, reps: number): Exposure => ({
    exerciseId: 'leg-press',
    slotId: 'leg',
    week: 1,
    date,
    sets: [{ load: 100, reps, rir: 2, fatigue: 0 }],
  });
  const flat = ['10-12', '10-19', '10-26', '11-02', '11-09', '11-16', '11-23'].map((day) =>
    on(`2026-${day}`, 8),
  );
  const at = (exposures: readonly Exposure[], changes: Partial<Happened> = {}) =>
    called('stall', {
      block: FOUR,
      today: '2026-11-28',
      weeks: ['all', 'all', 'all', 'all'],
      exposures,
      ...changes,
    });

  test('a pull-up done with bodyweight alone is offered weights first, where the place has a belt', () => {
    const pullUps = (alone: boolean) =>
      block([session('up1', 0, [slot('pull', 'pull-up', { alone })])], { weeks: 6 });
    const offered = (alone: boolean, changes: Partial<Happened> = {}) =>
      at(
        flat.map((one) => ({ ...one, exerciseId: 'pull-up', slotId: 'pull' })),
        { block: pullUps(alone), ...changes },
      )[0]?.options[0];
    expect(offered(true)?.does).toEqual({ kind: 'weights', exerciseId: 'pull-up' });
    expect(take(pullUps(true), offered(true)).sessions[0]?.slots[0]?.alone).toBe(false);
    expect(offered(false)?.does.kind).toBe('swap');
  });

  test('beside other exercises another scheme: the range on the other side, and a top set for straight sets', () => {
    const [call] = at(flat);
    // 8 to 12 has its middle at 10: light, so it goes to 5 to 8.
    const schemes = call?.options.flatMap(({ does }) => (does.kind.startsWith('other') ? [does] : []));
    expect(schemes).toEqual([
      { kind: 'other range', exerciseId: 'leg-press', range: { low: 5, high: 8 } },
      { kind: 'other technique', exerciseId: 'leg-press', technique: 'top + back-offs' },
    ]);
    const heavier = take(
      FOUR,
      call?.options.find(({ id }) => id === 'other range'),
    );
    expect(heavier.sessions[3]?.slots[0]?.range).toEqual({ low: 5, high: 8 });
    const top = take(
      FOUR,
      call?.options.find(({ id }) => id === 'top set'),
    );
    expect(top.sessions[3]?.slots[0]?.technique.kind).toBe('top + back-offs');
  });

  test('four weeks no better than those before: ranked substitutes with the parts of their score', () => {
    const [call] = at(flat);
    expect(call?.evidence).toMatchObject({ kind: 'stall', exerciseId: 'leg-press', gain: 0, done: 100 });
    const [first] = call?.options ?? [];
    expect(first?.does).toMatchObject({ kind: 'swap', from: 'leg-press', parts: { lately: false } });
    const changed = take(FOUR, first);
    expect(changed.sessions[3]?.slots[0]?.exercise.id).not.toBe('leg-press');
  });

  test('a gain of half a per cent is progress; three weeks without are too few to judge', () => {
    // 100 kg at ten to failure: 133.3; a rep more is 2.5 % more.
    expect(at([...flat.slice(0, -1), on('2026-11-23', 9)])).toEqual([]);
    expect(at(flat.slice(3))).toEqual([]);
  });

  test('tired, painful or skipped lifts have not stalled', () => {
    expect(at(flat, { weeks: [['up1'], ['up1'], ['up1'], ['up1']], closed: [1, 2, 3, 4] })).toEqual([]);
    const pain: NoteContent = {
      kind: 'pain',
      slotId: 'leg',
      exerciseId: 'leg-press',
      where: 'a muscle',
      grade: 'slight',
      line: '',
    };
    expect(at(flat, { told: { '3/low2': [pain] } })).toEqual([]);
    const worn = checkIn('2026-11-27', { slept: 'poorly', drive: 'low', appetite: 'poorly' });
    expect(at(flat, { checkIns: [worn] })).toEqual([]);
  });
});

describe('a further exercise', () => {
  // Three sets of 8 to 12 after 90 s lose more than a rep each: a fourth leaves set 1 its top, a fifth nothing.
  const chest = (sets: number) =>
    block(
      [
        session('a', 0, [
          slot('press', 'chest-press-machine', {
            technique: { kind: 'straight', sets },
            range: { low: 8, high: 11 },
            rest: 90,
          }),
        ]),
      ],
      { weeks: 6 },
    );
  const easy = (sets: number) =>
    called('further exercise', {
      block: chest(sets),
      today: '2026-11-06',
      weeks: ['all'],
      doing: () => (set) => ({ reps: set.reps + 3, rir: set.rir }),
      soreness: [{ workoutId: 'w1-a', muscle: 'chest', ended: 'none', said: '2026-11-04' }],
    });

  test('is proposed where a muscle tolerates more sets and the range has room for none', () => {
    expect(easy(2)).toEqual([]);
    const [call] = easy(4);
    expect(call?.evidence).toEqual({ kind: 'further exercise', muscle: 'chest' });
    const changed = take(chest(4), call?.options[0]);
    const added = changed.sessions[0]?.slots[1];
    expect(added?.exercise.id).not.toBe('chest-press-machine');
    expect(added?.technique).toEqual({ kind: 'straight', sets: 2 });
  });
});

describe('over a longer time', () => {
  const press = (exerciseId: string, date: string): Exposure => ({
    exerciseId,
    slotId: 'press',
    week: 1,
    date,
    sets: [{ load: 100, reps: 8, rir: 2, fatigue: 0 }],
  });
  const ends = (exposures: readonly Exposure[]) =>
    called('same plan', {
      block: FOUR,
      today: '2026-12-14',
      weeks: ['all', 'all', 'all', 'all', 'all', 'all', 'all'],
      exposures,
    });

  test('a muscle with the same exercises for half a year is told when the block ends, a day less is not', () => {
    // 26 weeks before 14 December are 15 June.
    const long = ['2026-06-15', '2026-09-01', '2026-12-01'].map((date) => press('seal-row', date));
    expect(ends(long)[0]?.evidence).toMatchObject({ kind: 'same plan', muscles: ['upper back'] });
    expect(ends(long.with(0, press('seal-row', '2026-06-16')))).toEqual([]);
    // Another row in between was variety.
    expect(ends([...long, press('ring-row', '2026-09-02')])).toEqual([]);
  });

  test('after a cut a costly lift that was given up is offered back in the place of what replaced it', () => {
    const cut = (last: 'gaining' | 'holding') =>
      called('lift back', {
        block: FOUR,
        today: '2026-11-03',
        weeks: [],
        athlete: athlete({
          phases: [
            { from: '2026-01-01', phase: 'gaining' },
            { from: '2026-07-01', phase: 'cutting' },
            { from: '2026-11-01', phase: last },
          ],
        }),
        exposures: [press('barbell-back-squat', '2026-07-20')],
      });
    const [call] = cut('gaining');
    expect(call?.evidence).toEqual({ kind: 'lift back', lifts: ['barbell-back-squat'] });
    const changed = take(FOUR, call?.options[0]);
    expect(changed.sessions[1]?.slots[0]?.exercise.id).toBe('barbell-back-squat');
    expect(cut('holding')).toEqual([]);
  });
});

describe('the split', () => {
  const without = (missed: number): Happened => ({
    block: FOUR,
    today: '2026-11-30',
    weeks: [1, 2, 3, 4].map((week) => (week <= missed ? ['up1', 'low1', 'up2'] : 'all')),
    closed: [1, 2, 3, 4],
  });

  test('the same day missed in three weeks of four, not two: another day or another split, with its cost', () => {
    expect(called('split', without(2))).toEqual([]);
    const [call] = called('split', without(3));
    expect(call?.evidence).toEqual({ kind: 'split', session: 'Session low2', missed: 3, of: 4 });
    expect(call?.options.map(({ id }) => id)).toEqual(['move', 'drop', 'noted']);
    const dropped = take(FOUR, call?.options[1]);
    expect(dropped.sessions.map(({ id }) => id)).toEqual(['up1', 'low1', 'up2']);
  });

  test('three weeks are too few for it', () => {
    const three = {
      ...without(3),
      weeks: [['up1'], ['up1'], ['up1']],
      today: '2026-11-23',
      closed: [1, 2, 3],
    };
    expect(called('split', three)).toEqual([]);
  });
});

describe('a block’s state', () => {
  test('planned, running, done; sessions and sets of the sent week; what is due next', () => {
    expect(blockStatus(watched({ block: FOUR, today: '2026-10-20' }))).toMatchObject({
      state: 'planned',
      week: 0,
      weeks: 7,
      next: { week: 1, isDue: false },
    });
    const running = watched({ block: FOUR, today: '2026-11-04', weeks: [['up1', 'low1']] });
    expect(blockStatus(running)).toMatchObject({
      state: 'running',
      week: 1,
      sessions: { done: 2, planned: 4 },
      sets: { done: 12, planned: 24 },
      due: { date: '2026-11-05', session: 'Session up2' },
      next: { week: 2, isDue: false },
      bias: null,
    });
    const done = watched({ block: { ...FOUR, weeks: 1, deload: null }, today: '2026-11-10', weeks: ['all'] });
    expect(blockStatus(done)).toMatchObject({ state: 'done', due: null, next: null });
  });

  test('sessions skipped for a week count as planned and not done', () => {
    const left = {
      ...FOUR,
      sessions: FOUR.sessions.map((one) =>
        one.id === 'low2'
          ? { ...one, weeks: [{ week: 1, day: null, place: null, optional: null, left: true, takes: [] }] }
          : one,
      ),
    };
    const watch = watched({ block: left, today: '2026-11-09', weeks: ['all'] });
    expect(daysOf(watch, 1)).toEqual({ up1: 0, low1: 1, up2: 3 });
    const [week] = watch.blockPlan.weeks;
    if (week === undefined) throw new Error('no week');
    expect(weekAdherence(left, week)).toMatchObject({ sessions: { done: 3, planned: 4 }, missed: ['low2'] });
  });
});

test('a rising lift with long sets has not stalled: sets above fifteen reps count', () => {
  const on = (date: string, reps: number): Exposure => ({
    exerciseId: 'leg-press',
    slotId: 'leg',
    week: 1,
    date,
    sets: [{ load: 100, reps, rir: 2, fatigue: 0 }],
  });
  const days = ['10-05', '10-12', '10-19', '10-26', '11-02', '11-09', '11-16', '11-23'];
  const rising = days.map((day, at) => on(`2026-${day}`, 12 + at));
  expect(
    called('stall', {
      block: FOUR,
      today: '2026-11-28',
      weeks: ['all', 'all', 'all', 'all'],
      exposures: rising,
    }),
  ).toEqual([]);
});

describe('high fatigue week after week', () => {
  const heavy = block([
    session('a', 0, [slot('squat', 'barbell-back-squat'), slot('row', 'seal-row')]),
    session('b', 3, [slot('leg', 'leg-press')]),
  ]);
  const tired = (date: string) => checkIn(date, { slept: 'poorly', drive: 'low' });
  const at = (...checkIns: NonNullable<Happened['checkIns']>) =>
    called('tired', { block: heavy, today: '2026-11-23', weeks: ['all', 'all', 'all'], checkIns });

  test('three check-ins with a score of four, not two, not with a low one between: less load on the spine', () => {
    const [call] = at(tired('2026-11-08'), tired('2026-11-15'), tired('2026-11-22'));
    expect(call?.evidence).toEqual({ kind: 'tired', times: 3, lifts: ['barbell-back-squat'] });
    const [first] = call?.options ?? [];
    expect(first?.does).toMatchObject({ kind: 'swap', from: 'barbell-back-squat' });
    expect(take(heavy, first).sessions[0]?.slots[0]?.exercise.id).not.toBe('barbell-back-squat');
    expect(at(tired('2026-11-15'), tired('2026-11-22'))).toEqual([]);
    expect(at(tired('2026-11-08'), checkIn('2026-11-15'), tired('2026-11-22'))).toEqual([]);
  });

  test('nothing if no free weight loads the spine', () => {
    expect(
      called('tired', {
        block: FOUR,
        today: '2026-11-23',
        weeks: ['all'],
        checkIns: [tired('2026-11-08'), tired('2026-11-15'), tired('2026-11-22')],
      }),
    ).toEqual([]);
  });
});

test('the current block: the last sent of the running ones, otherwise a planned one, otherwise the last finished', () => {
  const block = (id: string, state: 'planned' | 'running' | 'done', issuedAt: string | null) => ({
    id,
    state,
    issuedAt,
  });
  const planned = block('planned', 'planned', null);
  const older = block('older', 'done', '2026-08-01T06:00:00Z');
  const done = block('done', 'done', '2026-09-01T06:00:00Z');
  const runs = block('runs', 'running', '2026-11-02T06:00:00Z');
  const began = block('began', 'running', '2026-10-05T06:00:00Z');
  expect(currentBlock([planned, began, runs, done])?.id).toBe('runs');
  expect(currentBlock([done, planned])?.id).toBe('planned');
  expect(currentBlock([older, done])?.id).toBe('done');
  expect(currentBlock([])).toBeUndefined();
});
