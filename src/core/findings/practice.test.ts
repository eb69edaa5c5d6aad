import type { Phase } from '../athlete/athlete';
import { applyEdit } from '../block/apply-edit';
import type { Block, Slot } from '../block/block';
import { EMPTY_LOG } from '../log/log';
import type { IssuedWeek } from '../plan/week-state';
import { startOf } from '../techniques/registry';
import { athlete, block, lookup, performWeek, session, slot } from '../testing/fixtures';
import { unfold } from '../unfold/unfold';
import { untrainedPlan } from '../unfold/untrained';
import type { Finding } from './finding';
import type { FindingDetail } from './finding-detail';
import { runChecks } from './registry';

const someone = athlete();

function about(rule: FindingDetail['rule'], of: Block, who = someone): readonly Finding[] {
  const blockPlan = untrainedPlan({ block: of, athlete: who, exercises: lookup });
  return runChecks({ block: of, athlete: who, blockPlan, exercises: lookup }).filter(
    ({ detail }) => detail.rule === rule,
  );
}

/** What remains of a finding after its first fix. */
function afterFix(of: Block, finding: Finding | undefined, who = someone): readonly Finding[] {
  const [fix] = finding?.fixes ?? [];
  if (finding === undefined || fix === undefined) throw new Error('nothing to apply');
  const applied = applyEdit(of, fix.edit);
  if (!applied.ok) throw new Error(JSON.stringify(applied.problems));
  return about(finding.detail.rule, applied.value.block, who);
}

const sets = (count: number): Partial<Slot> => ({
  technique: { kind: 'straight', sets: count },
  range: { low: 8, high: 24 },
});
const inPhase = (phase: Phase, from = '2026-01-01') =>
  athlete({
    phases: [
      { from: '2026-01-01', phase: 'holding' },
      { from, phase },
    ],
  });
const days = (count: number) =>
  block(Array.from({ length: count }, (_, day) => session(`d${day}`, day, [slot(`s${day}`, 'leg-press')])));

describe('a novice', () => {
  const novice = athlete({ level: 'novice' });

  test('needs two full days off: five sessions leave them; six, or a day of hard sport, do not', () => {
    expect(about('novice rest', days(5), novice)).toEqual([]);
    expect(about('novice rest', days(6), novice)[0]?.detail).toMatchObject({ days: 1, wanted: 2 });
    const sport = (hard: boolean) => ({
      ...days(5),
      activities: [{ id: 'x', day: 6, name: 'football', hard, legs: true }],
    });
    expect(about('novice rest', sport(false), novice)).toEqual([]);
    expect(about('novice rest', sport(true), novice)).toHaveLength(1);
    expect(about('novice rest', days(6))).toEqual([]);
  });

  test('needs no planned deload; the fix removes it', () => {
    const [finding] = about('novice deload', days(3), novice);
    expect(afterFix(days(3), finding, novice)).toEqual([]);
    expect(about('novice deload', days(3))).toEqual([]);
  });
});

test('upper-body work the day after straight-arm work warns; legs, or two days later, do not', () => {
  const lever = (day: number, exercise: string) =>
    block([
      session('a', 0, [slot('1', 'front-lever', { range: { low: 5, high: 20 } })]),
      session('b', day, [slot('2', exercise)]),
    ]);
  expect(about('straight-arm rest', lever(1, 'cable-curl'))[0]?.detail).toMatchObject({
    exerciseId: 'front-lever',
    second: 'Session b',
  });
  expect(about('straight-arm rest', lever(1, 'leg-press'))).toEqual([]);
  expect(about('straight-arm rest', lever(2, 'cable-curl'))).toEqual([]);
});

test('a block that never gets closer than 4 RIR is reported; reaching 3 once is enough', () => {
  const ramp = (last: number) =>
    block([session('a', 0, [slot('1', 'leg-press')])], { rir: { first: 4, last } });
  expect(about('never hard', ramp(4))[0]?.detail).toMatchObject({ nearest: 4 });
  expect(about('never hard', ramp(3))).toEqual([]);
});

test('at the maximum in half of the weeks or more', () => {
  // Quads have a maximum of 18; of four weeks the first two or only the first reach it.
  const weeks = (many: number) => {
    const own = (week: number) => ({ week, sets: 1, reps: null, load: null, rir: null });
    return block(
      [0, 2, 4].map((day) =>
        session(`d${day}`, day, [
          slot(`s${day}`, 'leg-extension', {
            ...sets(6),
            rest: 300,
            weeks: [1, 2, 3, 4].filter((week) => week > many).map(own),
          }),
        ]),
      ),
      { weeks: 4 },
    );
  };
  expect(about('often at ceiling', weeks(2))[0]?.detail).toMatchObject({ muscle: 'quads', weeks: 2, of: 4 });
  expect(about('often at ceiling', weeks(1))).toEqual([]);
});

test('the middle range suits free weights that unload at an end; on a stack it gives up stretch and contraction', () => {
  const of = (exercise: string) => block([session('a', 0, [slot('1', exercise, { motion: 'middle' })])]);
  const [finding] = about('middle range', of('cable-fly'));
  expect(afterFix(of('cable-fly'), finding)).toEqual([]);
  expect(about('middle range', of('dumbbell-lateral-raise'))).toEqual([]);
  // A compound gives up its hardest part, whatever loads it.
  expect(about('middle range', of('barbell-bench-press'))[0]?.detail).toMatchObject({ why: 'compound' });
});

test('six training days a week ask for sleep, food and a calm life; five do not', () => {
  const days = (count: number, cycleDays = 7) =>
    block(
      Array.from({ length: count }, (_, day) => session(`s${day}`, day, [slot(`x${day}`, 'leg-press')])),
      { cycleDays },
    );
  expect(about('many days', days(6))[0]?.detail).toMatchObject({ days: 6 });
  expect(about('many days', days(5))).toEqual([]);
  // Six in eight days are five and a quarter a week.
  expect(about('many days', days(6, 8))).toEqual([]);
});

test('an activation stands before its compound, and curls may follow triceps work that warmed the elbow', () => {
  const order = (...slots: Parameters<typeof session>[2]) => about('order', block([session('a', 0, slots)]));
  const activation = { technique: { kind: 'activation', sets: 2 } } as const;
  expect(order(slot('1', 'fly-machine', activation), slot('2', 'barbell-bench-press'))).toEqual([]);
  expect(order(slot('1', 'fly-machine'), slot('2', 'barbell-bench-press'))).toHaveLength(1);
  const [curl, extension] = [slot('2', 'barbell-curl'), slot('3', 'overhead-cable-extension')];
  expect(order(curl, extension)).toHaveLength(1);
  expect(order(slot('1', 'cable-pushdown'), curl, extension)).toEqual([]);
});

test('arms the day after rows are fine; arms the day after arms are not', () => {
  const five = { technique: { kind: 'straight', sets: 5 } } as const;
  const gaps = (first: string, second: string) =>
    about(
      'recovery gap',
      block([session('a', 0, [slot('1', first, five)]), session('b', 1, [slot('2', second, five)])]),
    ).flatMap(({ detail }) =>
      detail.rule === 'recovery gap' ? detail.gaps.map(({ muscle }) => muscle) : [],
    );
  expect(gaps('bent-over-barbell-row', 'barbell-curl')).not.toContain('biceps');
  expect(gaps('cable-curl', 'barbell-curl')).toContain('biceps');
});

describe('a cut', () => {
  const priority = block([session('a', 0, [slot('1', 'leg-press')])], {
    goals: { quads: 'priority' },
    weeks: 4,
  });

  test('is no time for priorities, even if it starts during the block; the fix makes them normal goals', () => {
    const [finding] = about('specialising in a cut', priority, inPhase('cutting'));
    expect(finding?.detail).toMatchObject({ muscles: ['quads'], week: 1 });
    expect(afterFix(priority, finding, inPhase('cutting'))).toEqual([]);
    expect(
      about('specialising in a cut', priority, inPhase('cutting', '2026-11-16'))[0]?.detail,
    ).toMatchObject({
      week: 3,
    });
    expect(about('specialising in a cut', priority, inPhase('gaining'))).toEqual([]);
  });

  test('an event takes precedence up to eight weeks after the block, not a day later', () => {
    // Four building weeks and a deload from 2 November end on 6 December; 56 days on is 1 February.
    const ready = (date: string) => ({ ...inPhase('cutting'), dates: [{ date, what: 'contest' }] });
    expect(about('specialising in a cut', priority, ready('2026-11-02'))).toEqual([]);
    expect(about('specialising in a cut', priority, ready('2027-02-01'))).toEqual([]);
    expect(about('specialising in a cut', priority, ready('2027-02-02'))).toHaveLength(1);
    expect(about('specialising in a cut', priority, ready('2026-11-01'))).toHaveLength(1);
  });

  test('warns below two sessions a week per muscle; while maintaining that is a note', () => {
    const once = block([session('a', 0, [slot('1', 'leg-extension', sets(9))])], { cycleDays: 4 });
    const severity = (who: typeof someone) =>
      about('frequency', once, who).find(
        ({ detail }) => detail.rule === 'frequency' && detail.muscles.includes('quads'),
      )?.severity;
    // Once in four days is 1.75 times a week.
    expect(severity(inPhase('cutting'))).toBe('warn');
    expect(severity(someone)).toBe('note');
  });

  test('raises minimums and lowers the budget of its weeks, which are checked in advance', () => {
    // Quads at 8 meet the minimum; from week 3 on it is 8 x 1.25 = 10.
    const eight = block(
      [0, 3].map((day) =>
        session(`d${day}`, day, [slot(`s${day}`, 'leg-extension', { ...sets(4), rest: 300 })]),
      ),
      { weeks: 4 },
    );
    const quads = (who: typeof someone) =>
      about('below floor', eight, who).find(({ subject }) => subject.muscle === 'quads')?.detail;
    expect(quads(someone)).toBeUndefined();
    expect(quads(inPhase('cutting', '2026-11-16'))).toMatchObject({ week: 3, sets: 8, floor: 10 });
  });
});

describe('maintained muscles', () => {
  const held = (count: number, goals: Block['goals'] = { quads: 'hold' }) =>
    block(
      [0, 3].map((day) =>
        session(`d${day}`, day, [slot(`s${day}`, 'leg-extension', { ...sets(count), rest: 300 })]),
      ),
      { goals },
    );

  test('6 with a maintenance of 4 are half above it and stay; 8 are far above, and the fix trims them', () => {
    expect(about('held above hold', held(3))).toEqual([]);
    const [finding] = about('held above hold', held(4));
    expect(finding?.detail).toMatchObject({ muscles: [{ muscle: 'quads', sets: 8, hold: 4 }] });
    expect(afterFix(held(4), finding)).toEqual([]);
    expect(about('held above hold', held(4, {}))).toEqual([]);
  });

  test('at least two sets above: front delts at 1.5 with a maintenance of 0 stay', () => {
    const raises = (count: number) =>
      block([session('a', 0, [slot('1', 'dumbbell-front-raise', sets(count))])], {
        goals: { 'front delts': 'hold' },
      });
    expect(about('held above hold', raises(1))).toEqual([]);
    expect(about('held above hold', raises(2))[0]?.detail).toMatchObject({
      muscles: [{ muscle: 'front delts', sets: 2, hold: 0 }],
    });
  });
});

test('two slots of half reps per muscle and session are enough', () => {
  const of = (count: number) =>
    block([
      session('a', 0, [
        ...['leg-press', 'hack-squat', 'barbell-back-squat']
          .slice(0, count)
          .map((id, at) => slot(`${at}`, id, { technique: startOf('lengthened partials') })),
        slot('x', 'cable-curl'),
      ]),
    ]);
  expect(about('half-rep slots', of(2))).toEqual([]);
  expect(about('half-rep slots', of(3)).map(({ detail }) => detail)).toContainEqual({
    rule: 'half-rep slots',
    session: 'Session a',
    muscle: 'quads',
    slots: 3,
    most: 2,
  });
});

test('a growing muscle never loaded when long is named; a stretched half or exercise fixes it', () => {
  const of = (changes: Partial<Slot>, exercise = 'leg-extension') =>
    about('never stretched', block([session('a', 0, [slot('1', exercise, changes)])]));
  expect(of({})[0]?.detail).toMatchObject({ muscles: ['quads'] });
  expect(of({ motion: 'long half' })).toEqual([]);
  expect(of({ technique: startOf('partials after failure') })).toEqual([]);
  expect(of({}, 'hack-squat')).toEqual([]);
});

test('an activation exercise is placed directly before its lift', () => {
  const easy = slot('1', 'leg-extension', { technique: startOf('activation') });
  const of = (...slots: readonly Slot[]) => block([session('a', 0, slots)]);
  const apart = of(easy, slot('2', 'cable-curl'), slot('3', 'leg-press'));
  const [finding] = about('order', apart);
  expect(finding?.detail).toMatchObject({
    why: 'activation first',
    early: 'leg-extension',
    late: 'leg-press',
  });
  expect(
    afterFix(apart, finding).filter(
      ({ detail }) => detail.rule === 'order' && detail.why === 'activation first',
    ),
  ).toEqual([]);
  expect(
    about('order', of(slot('2', 'cable-curl'), easy, slot('3', 'leg-press'))).filter(
      ({ detail }) => detail.rule === 'order' && detail.why === 'activation first',
    ),
  ).toEqual([]);
});

test('a growing muscle at its minimum in every week done is named after the fourth', () => {
  // Eight sets are the minimum of quads.
  const eight = block(
    [
      session('a', 0, [slot('1', 'leg-extension', sets(4))]),
      session('b', 3, [slot('2', 'leg-extension', sets(4))]),
    ],
    { weeks: 6, rir: { first: 2, last: 2 } },
  );
  const after = (weeks: number) => {
    let state = { block: eight, athlete: someone, issued: [] as readonly IssuedWeek[], log: EMPTY_LOG };
    for (let week = 1; week <= weeks; week++) state = { ...state, ...performWeek(state, week) };
    const blockPlan = unfold({ ...state, exercises: lookup, answers: [] });
    return runChecks({ block: eight, athlete: someone, blockPlan, exercises: lookup }).flatMap(
      ({ detail }) => (detail.rule === 'always at minimum' ? [detail] : []),
    );
  };
  expect(after(3)).toEqual([]);
  expect(after(4)).toMatchObject([{ muscles: ['quads'], weeks: 4 }]);
});
