import type { Block } from '../block/block';
import { EMPTY_LOG } from '../log/log';
import { athlete, block, lookup, performWeek, session, slot } from '../testing/fixtures';
import { unfold } from './unfold';

const of = (changes: Partial<Block>, loadRule: 'best fit' | 'percent' = 'best fit') =>
  block([session('a', 0, [slot('1', 'leg-press', { loadRule })])], changes);

function strength(made: Block, week: number, person = athlete()) {
  const { weeks } = unfold({
    block: made,
    athlete: person,
    exercises: lookup,
    issued: [],
    log: EMPTY_LOG,
    answers: [],
  });
  const why = weeks[week - 1]?.plan.sessions[0]?.slots[0]?.why.load;
  if (why?.code !== 'load/best-fit') throw new Error('no fitted load');
  return why.strength;
}

test('gain is per calendar week: four fourteen-day passes gain like six weeks after the first', () => {
  // Half a per cent a week for an intermediate; the best set amounts to 84.
  expect(strength(of({}), 4).oneRepMax).toBeCloseTo(84 * 1.005 ** 3, 9);
  expect(strength(of({ cycleDays: 14 }), 4).oneRepMax).toBeCloseTo(84 * 1.01 ** 3, 9);
  expect(strength(of({ cycleDays: 14 }), 4)).toMatchObject({ weeksAhead: 6 });
  expect(strength(of({ cycleDays: 14 }), 4).gainPercent).toBeCloseTo(0.4988, 4);
});

test('each pass gains by its own phase', () => {
  // Cutting from the third week on: half the gain. Weeks 2 and 3 are between week 1 and week 4.
  const phases = [
    { from: '2026-01-01', phase: 'holding' as const },
    { from: '2026-11-16', phase: 'cutting' as const },
  ];
  const cut = strength(of({}), 4, athlete({ phases }));
  expect(cut.oneRepMax).toBeCloseTo(84 * 1.005 * 1.0025 * 1.0025, 9);
});

test('a weekly percentage is doubled in a two-week pass', () => {
  const loads = (cycleDays: number) => {
    const made = of({ cycleDays }, 'percent');
    const done = performWeek({ block: made, athlete: athlete(), issued: [], log: EMPTY_LOG }, 1);
    const { weeks } = unfold({ block: made, athlete: athlete(), exercises: lookup, answers: [], ...done });
    return weeks.slice(0, 3).map(({ plan }) => plan.sessions[0]?.slots[0]?.sets[0]?.load ?? 0);
  };
  const [first = 0, ...weekly] = loads(7);
  const [, ...fortnightly] = loads(14);
  // 2.5 % a week: after two one-week passes the same as after a single two-week pass.
  expect(weekly[1]).toBe(fortnightly[0]);
  expect(fortnightly[0]).toBeGreaterThan(first);
});

test('the better of two exposures is used unless the later was closer to failure', () => {
  const made = of({ weeks: 5, rir: { first: 3, last: 2 } });
  const logged = (second: { reps: number; rir: number }) => {
    const one = performWeek({ block: made, athlete: athlete(), issued: [], log: EMPTY_LOG }, 1, () => ({
      reps: 13,
      rir: 3,
    }));
    const two = performWeek({ block: made, athlete: athlete(), ...one }, 2, () => second);
    const { weeks } = unfold({ block: made, athlete: athlete(), exercises: lookup, answers: [], ...two });
    const why = weeks[2]?.plan.sessions[0]?.slots[0]?.why.load;
    return why?.code === 'load/best-fit' ? why.strength.source : null;
  };
  // Worse with the same RIR is a bad day, so the better one is used. Worse with less left is current strength.
  expect(logged({ reps: 10, rir: 3 })).toMatchObject({ week: 1, reps: 13, rir: 3 });
  expect(logged({ reps: 10, rir: 2 })).toMatchObject({ week: 2, reps: 10, rir: 2 });
  expect(logged({ reps: 14, rir: 3 })).toMatchObject({ week: 2, reps: 14, rir: 3 });
});

test('partials follow the log: after ten and two, ten and three; after ten and six, ten and seven', () => {
  const technique = {
    kind: 'partials after failure',
    sets: 1,
    on: 'last set',
    partials: 4,
    half: 'long half',
    toFailure: true,
  } as const;
  const made = block([session('a', 0, [slot('1', 'leg-extension', { technique })])], { weeks: 3 });
  const next = (partials: number) => {
    const one = performWeek(
      { block: made, athlete: athlete(), issued: [], log: EMPTY_LOG },
      1,
      ({ reps }) => ({
        reps,
        rir: 0,
      }),
    );
    const sets = one.log.sets.map((set) => ({ ...set, more: { partials } }));
    const { weeks } = unfold({
      block: made,
      athlete: athlete(),
      exercises: lookup,
      answers: [],
      issued: one.issued,
      log: { ...one.log, sets },
    });
    return weeks[1]?.plan.sessions[0]?.slots[0]?.sets[0]?.sections[0]?.reps;
  };
  expect([next(2), next(6)]).toEqual([3, 7]);
});
