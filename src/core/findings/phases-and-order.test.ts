import type { Phase } from '../athlete/athlete';
import { applyEdit } from '../block/apply-edit';
import type { Block, Slot } from '../block/block';
import { EMPTY_LOG } from '../log/log';
import { athlete, block, lookup, performWeek, session, slot } from '../testing/fixtures';
import { unfold } from '../unfold/unfold';
import { untrainedPlan } from '../unfold/untrained';
import type { Finding } from './finding';
import type { FindingDetail } from './finding-detail';
import { runChecks } from './registry';

function about(rule: FindingDetail['rule'], of: Block, who = athlete()): readonly Finding[] {
  const blockPlan = untrainedPlan({ block: of, athlete: who, exercises: lookup });
  return runChecks({ block: of, athlete: who, blockPlan, exercises: lookup }).filter(
    ({ detail }) => detail.rule === rule,
  );
}

function afterFix(of: Block, finding: Finding | undefined, nth = 0): Block {
  const fix = finding?.fixes[nth];
  if (fix === undefined) throw new Error('nothing to apply');
  const applied = applyEdit(of, fix.edit);
  if (!applied.ok) throw new Error(JSON.stringify(applied.problems));
  return applied.value.block;
}

describe('a lift that is both push and pull', () => {
  const up = (id: string) => slot(id, 'bar-muscle-up', { range: { low: 3, high: 6 } });
  const push = session('push', 0, [slot('1', 'barbell-bench-press'), up('2')]);
  const pull = session('pull', 3, [slot('3', 'bent-over-barbell-row'), slot('4', 'chest-supported-row')]);

  test('on a push day although its harder half is the pull: the fix moves it to a pull day', () => {
    // Each muscle keeps two days: pulling again on Friday, pushing again on Saturday.
    const again = [
      session('pull again', 4, [slot('5', 'bent-over-barbell-row'), slot('6', 'neutral-pulldown')]),
      session('push again', 5, [slot('7', 'barbell-bench-press'), slot('8', 'dip')]),
    ];
    const of = block([push, pull, ...again]);
    const [finding] = about('crossing lift', of);
    expect(finding?.detail).toMatchObject({ exerciseId: 'bar-muscle-up', half: 'pull' });
    const after = afterFix(of, finding);
    expect(after.sessions[1]?.slots.map(({ id }) => id)).toEqual(['3', '4', '2']);
    expect(about('crossing lift', after)).toEqual([]);
  });

  test('stays where moving it would leave a muscle one day a week', () => {
    expect(about('crossing lift', block([push, pull]))[0]?.fixes).toEqual([]);
  });

  test('is fine on its own day, on a mixed day, and alone', () => {
    const mixed = session('m', 0, [
      slot('1', 'barbell-bench-press'),
      slot('5', 'bent-over-barbell-row'),
      up('2'),
    ]);
    expect(about('crossing lift', block([session('p', 0, [...pull.slots, up('2')])]))).toEqual([]);
    expect(about('crossing lift', block([mixed]))).toEqual([]);
    expect(about('crossing lift', block([session('o', 0, [up('2')])]))).toEqual([]);
  });
});

describe('heavy early, longer late', () => {
  const of = (early: Slot['range'], late: Slot['range'], changes: Partial<Block> = {}) =>
    block(
      [
        session('a', 0, [slot('1', 'leg-press', { range: early })]),
        session('b', 4, [slot('2', 'barbell-bench-press', { range: late })]),
      ],
      changes,
    );
  const rows = (first: Slot['range'], second: Slot['range'], changes: Partial<Block> = {}) => {
    const made = of(first, second, changes);
    const other = made.sessions.map((one) => ({
      ...one,
      slots: one.slots.map((each) => ({ ...each, exercise: { id: 'bent-over-barbell-row', revision: 1 } })),
    }));
    return { ...made, sessions: other };
  };

  test('range middles of 12 before 8 differ by four and are noted; 11 before 8 are not; the fix swaps the ranges', () => {
    const late = rows({ low: 10, high: 14 }, { low: 6, high: 10 });
    const [finding] = about('heavy late', late);
    expect(finding?.fixes).toHaveLength(1);
    const after = afterFix(late, finding);
    expect(after.sessions.map(({ slots }) => slots[0]?.range.low)).toEqual([6, 10]);
    expect(about('heavy late', after)).toEqual([]);
    expect(about('heavy late', rows({ low: 9, high: 13 }, { low: 6, high: 10 }))).toEqual([]);
  });

  test('holds count their seconds: 25 before 15 are noted, 24 before 15 are not, nor are holds beside reps', () => {
    const holds = (first: Slot['range'], second: Slot['range']) => {
      const made = of(first, second);
      const planks = made.sessions.map((one) => ({
        ...one,
        slots: one.slots.map((each) => ({ ...each, exercise: { id: 'plank', revision: 1 } })),
      }));
      return { ...made, sessions: planks };
    };
    expect(about('heavy late', holds({ low: 20, high: 30 }, { low: 10, high: 20 }))).toHaveLength(1);
    expect(about('heavy late', holds({ low: 20, high: 28 }, { low: 10, high: 20 }))).toEqual([]);
  });

  test('other movements are not compared, and a rolling cycle has no late', () => {
    expect(about('heavy late', of({ low: 10, high: 15 }, { low: 5, high: 8 }))).toEqual([]);
    expect(about('heavy late', rows({ low: 10, high: 14 }, { low: 6, high: 10 }, { cycleDays: 6 }))).toEqual(
      [],
    );
  });
});

describe('late in gaining', () => {
  const squat = block([session('a', 0, [slot('1', 'barbell-back-squat', { range: { low: 8, high: 12 } })])], {
    weeks: 4,
  });
  const cutFrom = (from: string, next: Phase = 'cutting') =>
    athlete({
      phases: [
        { from: '2026-01-01', phase: 'gaining' },
        { from, phase: next },
      ],
    });

  test('a cut that starts within eight weeks of the last building week makes it late; a day later does not', () => {
    // Four weeks from 2 November end on the 29th; 56 days on is 25 January.
    const [finding] = about('late gaining', squat, cutFrom('2027-01-25'));
    expect(finding?.detail).toMatchObject({ exerciseIds: ['barbell-back-squat'], next: 'cutting' });
    expect(about('late gaining', squat, cutFrom('2027-01-26'))).toEqual([]);
    const after = afterFix(squat, finding);
    expect(after.sessions[0]?.slots[0]?.range).toEqual({ low: 5, high: 9 });
    expect(about('late gaining', after, cutFrom('2027-01-25'))).toEqual([]);
  });

  test('not in other phases, before another gaining phase, or for supported exercises', () => {
    expect(about('late gaining', squat)).toEqual([]);
    expect(about('late gaining', squat, cutFrom('2027-01-25', 'gaining'))).toEqual([]);
    const press = block([session('a', 0, [slot('1', 'leg-press')])], { weeks: 4 });
    expect(about('late gaining', press, cutFrom('2027-01-25'))).toEqual([]);
  });
});

describe('heavy sets that fall in a cut', () => {
  const who = athlete({ phases: [{ from: '2026-01-01', phase: 'cutting' }] });
  const of = block(
    [
      session('a', 0, [
        slot('heavy', 'leg-press', { range: { low: 5, high: 8 } }),
        slot('long', 'cable-curl', { range: { low: 12, high: 15 } }),
      ]),
    ],
    { weeks: 6, phaseRanges: false },
  );

  /** The finding after this many weeks in which a slot's sets missed their target by this many reps a week. */
  function afterWeeks(weeks: number, off: Readonly<Record<string, number>>): readonly Finding[] {
    let state = { block: of, athlete: who, issued: [], log: EMPTY_LOG } as Parameters<typeof performWeek>[0];
    for (let week = 1; week <= weeks; week++) {
      const done = performWeek(state, week);
      const sets = done.log.sets.map((set) =>
        set.workoutId.startsWith(`w${week}-`)
          ? {
              ...set,
              load: { value: set.slotId === 'heavy' ? 60 : 20, unit: 'kg' as const },
              reps: 10 + (off[set.slotId] ?? 0) * week,
              rir: 2,
            }
          : set,
      );
      state = { ...state, issued: done.issued, log: { ...done.log, sets } };
    }
    const blockPlan = unfold({ ...state, exercises: lookup, answers: [] });
    return runChecks({ block: of, athlete: who, blockPlan, exercises: lookup }).filter(
      ({ detail }) => detail.rule === 'heavy falls in a cut',
    );
  }

  test('three weeks of one rep less heavy and one more long: the heavy range moves up by five', () => {
    const [finding] = afterWeeks(3, { heavy: -1, long: 1 });
    expect(finding?.detail).toMatchObject({ exerciseIds: ['leg-press'], rising: ['cable-curl'] });
    expect(afterFix(of, finding).sessions[0]?.slots[0]?.range).toEqual({ low: 10, high: 13 });
  });

  test('two weeks are too few, steady heavy sets raise nothing, and if everything falls ranges are not the cause', () => {
    expect(afterWeeks(2, { heavy: -1, long: 1 })).toEqual([]);
    expect(afterWeeks(3, { heavy: 0, long: 1 })).toEqual([]);
    expect(afterWeeks(3, { heavy: -1, long: -1 })).toEqual([]);
  });
});

test('six sets of an exercise are acceptable; seven are noted, except for skills', () => {
  const of = (exercise: string, sets: number) =>
    block([session('a', 0, [slot('1', exercise, { technique: { kind: 'straight', sets } })])]);
  expect(about('many sets', of('leg-press', 6))).toEqual([]);
  expect(about('many sets', of('leg-press', 7))[0]?.detail).toMatchObject({ sets: 7 });
  expect(about('many sets', of('wall-handstand-hold', 7))).toEqual([]);
});

describe('doses of one or two sets on most days', () => {
  const daily = (sets: number) =>
    block(
      [0, 1, 2, 3, 4].map((day) =>
        session(`s${day}`, day, [
          slot(`p${day}`, 'leg-extension', { technique: { kind: 'straight', sets } }),
        ]),
      ),
    );

  test('two sets on five days are no more than four exposures too many; three are', () => {
    expect(about('frequency', daily(2)).filter(({ subject }) => subject.muscle === 'quads')).toEqual([]);
    expect(about('frequency', daily(3)).map(({ subject }) => subject.muscle)).toContain('quads');
  });
});

test('handstands on five days are practice, not five times front delts; presses on five days are', () => {
  const daily = (exercise: string) =>
    block(
      [0, 1, 2, 3, 4].map((day) =>
        session(`s${day}`, day, [
          slot(`p${day}`, exercise, {
            technique: { kind: 'straight', sets: 5 },
            range: { low: 20, high: 60 },
          }),
        ]),
      ),
    );
  const rules = (exercise: string) => [
    about('frequency', daily(exercise)).some(({ detail }) => detail.rule === 'frequency' && detail.high),
    about('above ceiling', daily(exercise)).length > 0,
  ];
  expect(rules('wall-handstand-hold')).toEqual([false, false]);
  expect(rules('seated-dumbbell-press')).toEqual([true, true]);
});

test('a rotation that gives every muscle 1.75 exposures a week says it once', () => {
  const of = (muscles: readonly string[]) =>
    block(
      [
        session(
          'a',
          0,
          muscles.map((exercise) => slot(exercise, exercise)),
        ),
      ],
      { cycleDays: 4 },
    );
  const low = (muscles: readonly string[]) =>
    about('frequency', of(muscles)).flatMap(({ id, detail }) =>
      detail.rule === 'frequency' && !detail.high && id.startsWith('frequency/cycle') ? [detail] : [],
    );
  expect(low(['leg-extension'])).toEqual([]);
  expect(low(['leg-extension', 'seated-leg-curl'])).toMatchObject([
    { times: 1.75, muscles: ['quads', 'hamstrings', 'calves'] },
  ]);
});

describe('a similar exercise that loads the muscle when long', () => {
  test('the seated curl replaces the lying one', () => {
    const of = block([session('a', 0, [slot('1', 'lying-leg-curl')])]);
    const [finding] = about('never stretched', of);
    expect(finding?.fixes[0]).toMatchObject({
      does: 'swap',
      swaps: [{ from: 'lying-leg-curl', to: 'seated-leg-curl' }],
    });
    expect(about('never stretched', afterFix(of, finding))).toEqual([]);
  });
});
