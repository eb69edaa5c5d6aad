import type { Place } from '../athlete/place';
import { applyEdit } from '../block/apply-edit';
import { type Block, RESTRICTED, type Slot } from '../block/block';
import { presetPlace } from '../loading/place-presets';
import { EMPTY_LOG } from '../log/log';
import { startOf } from '../techniques/registry';
import { athlete, block, HALL, HALL_PLACE, lookup, session, slot } from '../testing/fixtures';
import { unfold } from '../unfold/unfold';
import type { Finding } from './finding';
import type { FindingDetail } from './finding-detail';
import { easing } from './irritated-joint';
import { findingFacts, runChecks } from './registry';

const someone = athlete();

function findings(of: Block, who = someone): readonly Finding[] {
  const blockPlan = unfold({
    block: of,
    athlete: who,
    exercises: lookup,
    issued: [],
    log: EMPTY_LOG,
    answers: [],
  });
  return runChecks({ block: of, athlete: who, blockPlan, exercises: lookup });
}

const about = <R extends FindingDetail['rule']>(rule: R, of: Block, who = someone) =>
  findings(of, who).filter(({ detail }) => detail.rule === rule);

/** Applies a finding's first fix; says whether the finding is gone and how many there are now. */
function mended(of: Block, finding: Finding, who = someone): { gone: boolean; left: number } {
  const [fix] = finding.fixes;
  if (fix === undefined) throw new Error('nothing to apply');
  const applied = applyEdit(of, fix.edit);
  if (!applied.ok) throw new Error(JSON.stringify(applied.problems));
  const left = findings(applied.value.block, who);
  return { gone: !left.some(({ id }) => id === finding.id), left: left.length };
}

/** This many sets, in a rep range wide enough for them. */
const sets = (count: number) => ({
  technique: { kind: 'straight' as const, sets: count },
  range: { low: 8, high: 24 },
});

test('an empty block has no findings: there is nothing to judge yet', () => {
  expect(findings(block([]))).toEqual([]);
  expect(findings(block([session('a', 0, [])]))).toEqual([]);
});

describe('recovery gap', () => {
  const close = block([
    session('a', 0, [slot('1', 'leg-press', sets(4))]),
    session('b', 1, [slot('2', 'hack-squat', sets(4))]),
  ]);

  test('quads hard on Monday and Tuesday: 24 of 48 hours, fixed by moving a day', () => {
    const [finding] = about('recovery gap', close);
    expect(finding?.detail).toMatchObject({
      hours: 24,
      gaps: expect.arrayContaining([{ muscle: 'quads', needed: 48 }]),
    });
    expect(finding?.fixes[0]).toMatchObject({ does: 'move session', day: 2 });
    expect(finding && mended(close, finding).gone).toBe(true);
  });

  test('two days apart or after a small dose is fine, and the cycle wraps around', () => {
    const at = (first: number, second: number, count: number) =>
      block([
        session('a', first, [slot('1', 'leg-press', sets(count))]),
        session('b', second, [slot('2', 'hack-squat', sets(4))]),
      ]);
    expect(about('recovery gap', at(0, 2, 4))).toEqual([]);
    expect(about('recovery gap', at(0, 1, 2))).toEqual([]);
    expect(about('recovery gap', at(0, 6, 4))[0]?.detail).toMatchObject({
      first: 'Session b',
      second: 'Session a',
      hours: 24,
    });
  });

  test('small muscles need 36 hours: one day is too short, two are enough', () => {
    const calves = (day: number) =>
      block([
        session('a', 0, [slot('1', 'standing-calf-raise', sets(4))]),
        session('b', day, [slot('2', 'standing-calf-raise', sets(4))]),
      ]);
    expect(about('recovery gap', calves(1))[0]?.detail).toMatchObject({
      gaps: [{ muscle: 'calves', needed: 36 }],
    });
    expect(about('recovery gap', calves(2))).toEqual([]);
  });

  test('each muscle has its own recovery gap', () => {
    const pulls = block([
      session('a', 0, [slot('1', 'bent-over-barbell-row', sets(4)), slot('2', 'dumbbell-curl', sets(3))]),
      session('b', 1, [slot('3', 'bent-over-barbell-row', sets(4)), slot('4', 'dumbbell-curl', sets(3))]),
    ]);
    expect(about('recovery gap', pulls)[0]?.detail).toMatchObject({
      gaps: expect.arrayContaining([
        { muscle: 'lats', needed: 48 },
        { muscle: 'biceps', needed: 36 },
      ]),
    });
  });

  test('a session repeats with the cycle: every day is too soon, every other day is not', () => {
    const daily = (cycleDays: number) =>
      block([session('a', 0, [slot('1', 'leg-press', sets(4))])], { cycleDays });
    expect(about('recovery gap', daily(1))[0]?.detail).toMatchObject({
      first: 'Session a',
      second: 'Session a',
      hours: 24,
    });
    expect(about('recovery gap', daily(2))).toEqual([]);
  });

  test('a round of mini-sets counts by its credit: 2.5 in two rounds are hard, 1.5 in one are not', () => {
    // Each round to failure at 15-20 reps: 1 + 2 x 0.5 x min(1, reps / 8), below 2.
    const pauses = (rounds: number) =>
      block(
        [0, 1].map((day) =>
          session(`d${day}`, day, [
            slot(`s${day}`, 'seated-calf-raise', {
              technique: {
                kind: 'rest-pause',
                sets: rounds,
                pauses: 2,
                pause: 20,
                total: { low: 15, high: 20 },
                lengths: [],
                toFailure: true,
              },
            }),
          ]),
        ),
      );
    expect(about('recovery gap', pauses(1))).toEqual([]);
    expect(about('recovery gap', pauses(2))).toHaveLength(1);
  });
});

describe('frequency', () => {
  test('once a week warns, twice does not; each offers a further day', () => {
    const once = block([session('a', 0, [slot('1', 'standing-calf-raise'), slot('2', 'cable-crunch')])]);
    expect(
      about('frequency', once).map(({ severity, detail, fixes }) => [severity, detail, fixes]),
    ).toMatchObject([
      ['warn', { muscles: ['abs'], times: 1 }, []],
      ['warn', { muscles: ['calves'], times: 1 }, []],
    ]);
    // A second session gets two more sets, or half of four.
    const other = (sets: number) =>
      block([
        session('a', 0, [
          slot('1', 'standing-calf-raise', {
            technique: { kind: 'straight', sets },
            range: { low: 8, high: 24 },
          }),
        ]),
        session('b', 3, [slot('2', 'cable-curl')]),
      ]);
    for (const [sets, added, moved] of [
      [3, true, 2],
      [4, false, 2],
      [5, false, 2],
    ] as const) {
      const [finding] = about('frequency', other(sets)).filter(
        ({ detail }) => detail.rule === 'frequency' && detail.muscles.includes('calves'),
      );
      expect(finding?.fixes).toMatchObject([{ does: 'spread sets', target: 'b', sets: moved, added }]);
      if (finding !== undefined) expect(mended(other(sets), finding).gone).toBe(true);
    }
    // Not if the place has no equipment for it.
    const home = athlete({
      places: [...athlete().places, presetPlace('bodyweight and bands', 'kg', 'home')],
    });
    const away = block([
      session('a', 0, [slot('1', 'standing-calf-raise', { range: { low: 8, high: 24 } })]),
      { ...session('b', 3, [slot('2', 'push-up')]), place: 'home' },
    ]);
    const calves = about('frequency', away, home).find(
      ({ detail }) => detail.rule === 'frequency' && detail.muscles.includes('calves'),
    );
    expect(calves?.fixes).toEqual([]);
    const twice = block([
      session('a', 0, [slot('1', 'standing-calf-raise')]),
      session('b', 3, [slot('2', 'standing-calf-raise')]),
    ]);
    expect(about('frequency', twice)).toEqual([]);
  });

  test('five times a week is a note; a maintained muscle is left alone', () => {
    const days = [0, 1, 2, 3, 4].map((day) =>
      session(`s${day}`, day, [slot(`c${day}`, 'cable-crunch', sets(3))]),
    );
    expect(about('frequency', block(days))[0]).toMatchObject({
      severity: 'note',
      detail: { high: true, times: 5 },
    });
    expect(about('frequency', block(days, { goals: { abs: 'hold' } }))).toEqual([]);
  });
});

describe('weekly volume', () => {
  test('three sets of quads are below the minimum of eight; the fix adds five', () => {
    const few = block([session('a', 0, [slot('1', 'leg-press', { range: { low: 8, high: 20 } })])]);
    const finding = about('below floor', few).find(
      ({ detail }) => detail.rule === 'below floor' && detail.muscle === 'quads',
    );
    expect(finding?.detail).toMatchObject({ sets: 3, floor: 8, week: 1 });
    expect(finding?.fixes[0]).toMatchObject({ does: 'add sets', sets: 5, exerciseIds: ['leg-press'] });
    expect(finding && mended(few, finding).gone).toBe(true);
  });

  test('nine sets are enough; twenty exceed the maximum of eighteen and the fix removes some', () => {
    const with9 = block([session('a', 0, [slot('1', 'leg-extension', sets(9))])]);
    expect(about('below floor', with9)).toEqual([]);
    const many = block([
      session('a', 0, [slot('1', 'leg-extension', sets(9))]),
      session('b', 3, [slot('2', 'leg-extension', sets(10))]),
    ]);
    const [finding] = about('above ceiling', many);
    expect(finding?.detail).toMatchObject({ muscle: 'quads', sets: 19, ceiling: 18 });
    expect(finding && mended(many, finding).gone).toBe(true);
  });

  test('muscles without any sets are one finding, fixed by maintaining them', () => {
    const one = block([session('a', 0, [slot('1', 'leg-press')])]);
    const untrained = about('untrained', one);
    expect(untrained).toHaveLength(1);
    const result = mended(one, untrained[0] as Finding);
    expect(result.gone).toBe(true);
    expect(result.left).toBeLessThan(findings(one).length);
  });

  test('a novice’s weekly budget is sixty sets', () => {
    const novice = athlete({ level: 'novice' });
    const week = (count: number) =>
      block(
        [0, 2, 4].map((day) =>
          session(
            `s${day}`,
            day,
            [0, 1].map((k) => slot(`${day}-${k}`, k === 0 ? 'leg-press' : 'dip', sets(count))),
          ),
        ),
      );
    expect(about('above budget', week(11), novice)[0]?.detail).toMatchObject({ sets: 66, budget: 60 });
    expect(about('above budget', week(10), novice)).toEqual([]);
  });
});

describe('session length', () => {
  const long = block([
    session('a', 0, [
      slot('1', 'leg-press', sets(8)),
      slot('2', 'seated-leg-curl', sets(8)),
      slot('3', 'cable-crunch', sets(8)),
    ]),
  ]);

  test('if the minimums alone take more than forty-five minutes, the finding says how long they take', () => {
    const [finding] = about('session length', long, athlete({ minutes: 45 }));
    expect(finding?.detail).toMatchObject({ limit: 45, shortest: expect.any(Number) });
    expect(finding?.fixes).toMatchObject([{ belowFloor: expect.arrayContaining(['quads']), week: null }]);
  });

  test('a session too long for seventy minutes is fixed by cutting sets and rests and by supersets', () => {
    const busy = athlete({ minutes: 70 });
    const [finding] = about('session length', long, busy);
    expect(finding?.detail).toMatchObject({ limit: 70, session: 'Session a', shortest: null });
    expect(finding?.fixes[0]?.does).toBe('fit session');
    expect(finding && mended(long, finding, busy).gone).toBe(true);
  });

  test('with two hours there is no finding', () => {
    expect(about('session length', long, athlete({ minutes: 120 }))).toEqual([]);
  });
});

describe('order', () => {
  const wrong = block([session('a', 0, [slot('1', 'leg-extension'), slot('2', 'leg-press')])]);

  test('an isolation exercise before a compound for the same muscle is fixed by moving it', () => {
    const [finding] = about('order', wrong);
    expect(finding).toMatchObject({
      severity: 'note',
      detail: { early: 'leg-extension', late: 'leg-press', why: 'compound first' },
    });
    expect(finding && mended(wrong, finding).gone).toBe(true);
  });

  test('a priority may go first on purpose, and other muscles do not matter', () => {
    expect(about('order', { ...wrong, goals: { quads: 'priority' } })).toEqual([]);
    expect(
      about('order', block([session('a', 0, [slot('1', 'cable-curl'), slot('2', 'leg-press')])])),
    ).toEqual([]);
  });
});

describe('stale load', () => {
  test('a hold at the top of its range is outgrown; dumbbells at the heaviest pair get more reps instead', () => {
    const strong = athlete({
      bestSets: { 'flat-dumbbell-press': { load: { value: 50, unit: 'kg' }, reps: 20, rir: 2, date: null } },
    });
    const presses = block([
      session('a', 0, [slot('1', 'flat-dumbbell-press', { range: { low: 8, high: 12 } })]),
    ]);
    expect(about('stale load', presses, strong)).toEqual([]);
    const holder = athlete({
      bestSets: { plank: { load: { value: 0, unit: 'kg' }, reps: 90, rir: 2, date: null } },
    });
    const of = (high: number) => block([session('a', 0, [slot('1', 'plank', { range: { low: 20, high } })])]);
    expect(about('stale load', of(40), holder)[0]?.detail).toMatchObject({
      exerciseId: 'plank',
      week: 1,
      rir: 3,
    });
    expect(about('stale load', of(120), holder)).toEqual([]);
  });
});

describe('the equipment’s ends', () => {
  const small: Place = {
    ...HALL_PLACE,
    loads: { ...HALL, heavyStack: { ...HALL.heavyStack, last: 120, addOns: [] } },
  };
  const presser = (value: number, reps: number) =>
    athlete({
      places: [small],
      bestSets: { 'leg-press': { load: { value, unit: 'kg' }, reps, rir: 0, date: null } },
    });
  const one = (exercise: string) =>
    block(
      [
        session('a', 0, [
          slot('1', exercise, { technique: { kind: 'straight', sets: 1 }, range: { low: 8, high: 12 } }),
        ]),
      ],
      { rir: { first: 3, last: 3 } },
    );

  test('a stack that ends at 120 kg: two reps past the top of the range are fine, three are a finding with swaps', () => {
    // 17 and 18 possible, three of them left.
    expect(about('equipment end', one('leg-press'), presser(120, 17))).toEqual([]);
    const [found] = about('equipment end', one('leg-press'), presser(120, 18));
    expect(found?.detail).toMatchObject({ end: 'heaviest', load: 120, reps: 15 });
    expect(found?.fixes[0]?.does).toBe('swap');
  });

  test('an empty bar of 20 kg for somebody with 17.5 × 10: as many as it allows, and a finding', () => {
    const curler = athlete({
      bestSets: { 'barbell-curl': { load: { value: 17.5, unit: 'kg' }, reps: 10, rir: 2, date: null } },
    });
    // 24.5 kg of strength: 20 kg can be done 6.75 times.
    expect(about('equipment end', one('barbell-curl'), curler)[0]?.detail).toMatchObject({
      end: 'lightest',
      load: 20,
      reps: 3,
    });
    const strong = athlete({
      bestSets: { 'barbell-curl': { load: { value: 25, unit: 'kg' }, reps: 10, rir: 2, date: null } },
    });
    expect(about('equipment end', one('barbell-curl'), strong)).toEqual([]);
  });
});

test('a plank of at least 45 s for somebody who holds 20 is out of reach; its range is not too narrow', () => {
  const holder = athlete({
    bestSets: { plank: { load: { value: 0, unit: 'kg' }, reps: 20, rir: 0, date: null } },
  });
  const planks = block([session('a', 0, [slot('1', 'plank', { range: { low: 45, high: 60 } })])]);
  expect(about('below range', planks, holder)).toEqual([]);
  expect(about('out of reach', planks, holder)).toHaveLength(1);
});

describe('out of reach', () => {
  const holder = athlete({
    bestSets: { 'leg-press': { load: { value: 100, unit: 'kg' }, reps: 10, rir: 2, date: null } },
  });
  /** A share of 140 kg for exactly so many reps. */
  const given = (share: number, reps: number) =>
    block([
      session('a', 0, [
        slot('1', 'leg-press', {
          technique: { kind: 'straight', sets: 1 },
          range: { low: reps, high: reps },
          ofMax: { share, weekly: 0 },
        }),
      ]),
    ]);

  test('a given load is out of reach when less than none is left, and never too easy or too hard for the week', () => {
    // 75 % of 140 kg are 105, possible ten times.
    expect(about('out of reach', given(75, 10), holder)).toEqual([]);
    expect(about('out of reach', given(75, 11), holder)[0]?.detail).toMatchObject({
      week: 1,
      set: 1,
      reps: 11,
    });
  });
});

describe('equipment', () => {
  const legs = block([session('a', 0, [slot('1', 'leg-press')])]);
  const home = athlete({ places: [presetPlace('home gym', 'kg', 'h')] });

  test('a home gym has no leg press machine; a commercial gym has', () => {
    expect(about('equipment', legs, home)[0]?.detail).toMatchObject({
      lacks: [{ exerciseId: 'leg-press', missing: ['machine'] }],
    });
    expect(about('equipment', legs)).toEqual([]);
  });

  test('a slot is offered three substitutes, best first, each available at the place', () => {
    const [finding] = about('equipment', legs, home);
    expect(finding?.fixes).toHaveLength(3);
    for (const fix of finding?.fixes ?? []) {
      const applied = applyEdit(legs, fix.edit);
      if (!applied.ok) throw new Error(JSON.stringify(applied.problems));
      expect(about('equipment', applied.value.block, home)).toEqual([]);
    }
  });

  test('several slots are fixed at once, by different exercises, none of them blocked by a technique', () => {
    const made = block([
      session('a', 0, [slot('1', 'leg-press'), slot('2', 'hack-squat', { technique: startOf('drop set') })]),
    ]);
    const [finding, ...others] = about('equipment', made, home);
    expect(others).toEqual([]);
    const [fix] = finding?.fixes ?? [];
    if (finding === undefined || fix?.does !== 'swap') throw new Error('no swap');
    expect(new Set(fix.swaps.map(({ to }) => to)).size).toBe(2);
    expect(mended(made, finding, home).gone).toBe(true);
    const applied = applyEdit(made, fix.edit);
    expect(applied.ok && about('gate', applied.value.block, home)).toEqual([]);
  });
});

describe('irritated joint', () => {
  const legs = block([session('a', 0, [slot('1', 'leg-press'), slot('2', 'cable-curl')])]);
  const sore = athlete({ joints: [{ joint: 'knee', since: '2026-11-01', note: '' }] });

  test('only what stresses the joint is named', () => {
    expect(about('irritated joint', legs, sore).map(({ detail }) => detail)).toEqual([
      { rule: 'irritated joint', joint: 'knee', exerciseIds: ['leg-press'] },
    ]);
    expect(about('irritated joint', legs)).toEqual([]);
  });

  test('longer sets, then a set-up, then a restricted range, then another exercise: each fixes it', () => {
    const [finding] = about('irritated joint', legs, sore);
    // Everything that trains the same muscles in the same way loads the knee too: no other implement.
    expect(finding?.fixes.map((fix) => (fix.does === 'ease joint' ? fix.how : fix.does))).toEqual([
      'longer sets',
      'another set-up',
      'restricted range',
      'another exercise',
    ]);
    const setUp = finding?.fixes[1];
    expect(setUp?.does === 'ease joint' && setUp.changes).toMatchObject([
      { exerciseId: 'leg-press', to: null, setUp: 'feet high' },
    ]);
    for (const fix of finding?.fixes ?? []) {
      const applied = applyEdit(legs, fix.edit);
      if (!applied.ok) throw new Error(JSON.stringify(applied.problems));
      expect(about('irritated joint', applied.value.block, sore)).toEqual([]);
    }
  });

  test('a pull-up changes to a pulldown, which is not blamed for the shoulder; each exercise can be left out', () => {
    const back = block([session('a', 0, [slot('1', 'pull-up'), slot('2', 'barbell-bench-press')])]);
    const shoulder = athlete({ joints: [{ joint: 'shoulder', since: '2026-11-01', note: '' }] });
    const [finding] = about('irritated joint', back, shoulder);
    const implement = finding?.fixes.find(
      (fix) => fix.does === 'ease joint' && fix.how === 'another implement',
    );
    expect(implement?.does === 'ease joint' && implement.changes.map(({ exerciseId }) => exerciseId)).toEqual(
      ['pull-up'],
    );
    expect(JSON.stringify(implement)).toContain('pulldown');
    const setUp = finding?.fixes.find((fix) => fix.does === 'ease joint' && fix.how === 'another set-up');
    if (setUp?.does !== 'ease joint') throw new Error('both have a set-up that spares the shoulder');
    expect(setUp.changes).toHaveLength(2);
    const one = applyEdit(back, easing(setUp.how, setUp.changes.slice(0, 1)).edit);
    if (!one.ok) throw new Error(JSON.stringify(one.problems));
    expect(about('irritated joint', one.value.block, shoulder)[0]?.detail).toMatchObject({
      exerciseIds: ['barbell-bench-press'],
    });
  });

  test('a range without the portion that hurts eases the joint as a restricted one does; half reps do not', () => {
    const moving = (motion: Slot['motion']) => block([session('a', 0, [slot('1', 'leg-press', { motion })])]);
    for (const motion of RESTRICTED) expect(about('irritated joint', moving(motion), sore)).toEqual([]);
    expect(about('irritated joint', moving('short half'), sore)).toHaveLength(1);
  });

  test('sets of 15 ease the joint, sets of 14 do not', () => {
    const from = (low: number) =>
      block([session('a', 0, [slot('1', 'leg-press', { range: { low, high: 20 } })])]);
    expect(about('irritated joint', from(15), sore)).toEqual([]);
    expect(about('irritated joint', from(14), sore)).toHaveLength(1);
  });
});

describe('efforts of sets', () => {
  const held = (rest: number) =>
    block([
      session('a', 0, [
        slot('1', 'leg-press', { drift: 'hold reps, first set', rir: { kind: 'fixed', rir: 1 }, rest }),
      ]),
    ]);
  test('constant reps at a minute’s rest cost 1.5 per set: the second set of a set at 1 ends half a rep below failure', () => {
    const [finding] = about('beyond failure', held(60));
    expect(finding?.detail).toMatchObject({ set: 2, rir: -0.5 });
    if (finding !== undefined) expect(mended(held(60), finding).gone).toBe(true);
    expect(about('beyond failure', held(300))).toEqual([]);
  });

  test('sets at 6 RIR do not count and are reported; at 3 they do', () => {
    const at = (rir: number) =>
      block([session('a', 0, [slot('1', 'leg-press', { rir: { kind: 'fixed', rir } })])]);
    expect(about('too easy to count', at(6))[0]?.detail).toMatchObject({ sets: 3, of: 3, threshold: 4 });
    expect(about('too easy to count', at(3))).toEqual([]);
  });
});

describe('building weeks', () => {
  const of = (weeks: number, cycleDays: number) =>
    about('building weeks', block([session('a', 0, [slot('1', 'leg-press')])], { weeks, cycleDays }));
  test('eight calendar weeks are enough in any cycle: nine of seven days, eight of eight, four of fourteen', () => {
    expect(of(8, 7)).toEqual([]);
    expect(of(9, 7)[0]?.fixes).toMatchObject([{ does: 'shorten block', weeks: 8 }]);
    expect(of(7, 8)).toEqual([]);
    expect(of(8, 8)[0]?.fixes).toMatchObject([{ does: 'shorten block', weeks: 7 }]);
    expect(of(4, 14)).toEqual([]);
    expect(of(5, 14)[0]?.detail).toMatchObject({ weeks: 10, most: 8 });
  });
});

describe('findings computed without fixes', () => {
  const long = block([
    session('a', 0, [slot('1', 'leg-press', sets(8)), slot('2', 'leg-extension', sets(8))]),
    session('b', 1, [slot('3', 'hack-squat', sets(8)), slot('4', 'lying-leg-curl', sets(8))]),
  ]);
  const hurried = athlete({ minutes: 20 });
  const input = (of: Block) => ({
    block: of,
    athlete: hurried,
    exercises: lookup,
    blockPlan: unfold({
      block: of,
      athlete: hurried,
      exercises: lookup,
      issued: [],
      log: EMPTY_LOG,
      answers: [],
    }),
  });
  const named = (found: readonly Finding[]) =>
    found.map(({ id, severity, subject }) => ({ id, severity, subject }));

  test('are the same findings', () => {
    const whole = runChecks(input(long));
    const bare = runChecks(input(long), 'none');
    expect(named(bare)).toEqual(named(whole));
    expect(whole.some(({ fixes }) => fixes.length > 0)).toBe(true);
    expect(bare.every(({ fixes }) => fixes.length === 0)).toBe(true);
  });

  test('stay dismissed, including one that knows how far its session can be cut', () => {
    const finding = runChecks(input(long)).find(({ id }) => id === 'session-length/a');
    if (finding === undefined) throw new Error('not too long');
    const aside = { ...long, dismissed: [{ finding: finding.id, facts: findingFacts(finding), note: '' }] };
    expect(finding.detail).toMatchObject({ rule: 'session length', shortest: expect.any(Number) });
    for (const mends of ['sure', 'none'] as const)
      expect(runChecks(input(aside), mends).map(({ id }) => id)).not.toContain('session-length/a');
  });
});
