import type { Block } from '../block/block';
import { EMPTY_LOG } from '../log/log';
import type { WeekPlan } from '../plan/week';
import { athlete, block, lookup, session, slot } from '../testing/fixtures';
import { unfold } from './unfold';

function week(of: Block, at = 1, who = athlete()): WeekPlan {
  const { weeks } = unfold({
    block: of,
    athlete: who,
    exercises: lookup,
    issued: [],
    log: EMPTY_LOG,
    answers: [],
  });
  const plan = weeks[at - 1]?.plan;
  if (plan === undefined) throw new Error(`no week ${at}`);
  return plan;
}

const press = slot('press', 'leg-press', { tempo: '3010', rest: 120 });

test('strict minutes by hand: three sets of 8 to 12 at four seconds, two rests of 120', () => {
  const { seconds, sets } = week(block([session('a', 0, [press])], { time: 'strict' })).sessions[0] ?? {};
  expect(seconds).toEqual({ low: 3 * 8 * 4 + 240, high: 3 * 12 * 4 + 240 });
  expect(sets).toBe(3);
});

test('realistic minutes by hand: the ramp to 57.5 is 22.5 x 12, 32.5 x 10, 40 x 6, 50 x 4, each with 45 s', () => {
  const [one] = week(block([session('a', 0, [press])])).sessions;
  // 40, 55, 70 and 85 % are 23, 31.6, 40.3 and 48.9; the stack makes 22.5, 32.5, 40 and 50.
  expect(one?.slots[0]?.warmUp.map(({ load, reps }) => [load / 100, reps])).toEqual([
    [22.5, 12],
    [32.5, 10],
    [40, 6],
    [50, 4],
  ]);
  expect(one?.seconds.low).toBe(3 * 8 * 4 + 240 + (12 + 10 + 6 + 4) * 4 + 4 * 45);
});

test('a muscle is warmed up once a session, general sets come only before the first exercise', () => {
  const [one] = week(
    block([session('a', 0, [press, slot('ext', 'leg-extension'), slot('curl', 'seated-leg-curl')])]),
  ).sessions;
  const kinds = one?.slots.map(({ warmUp }) => warmUp.map(({ kind }) => kind));
  expect(kinds).toEqual([['general', 'general', 'ramp', 'ramp'], [], ['ramp', 'ramp']]);
});

test('a session that starts with a hold has its general sets before the first loaded exercise', () => {
  const [one] = week(
    block([session('a', 0, [slot('hold', 'plank'), press, slot('curl', 'seated-leg-curl')])]),
  ).sessions;
  const kinds = one?.slots.map(({ warmUp }) => warmUp.map(({ kind }) => kind));
  expect(kinds).toEqual([[], ['general', 'general', 'ramp', 'ramp'], ['ramp', 'ramp']]);
});

test('while a load is unknown its warm-up is estimated rather than left out', () => {
  const unknown = athlete({ bestSets: {} });
  const strict =
    week(block([session('a', 0, [press])], { time: 'strict' }), 1, unknown).sessions[0]?.seconds.low ?? 0;
  const realistic = week(block([session('a', 0, [press])]), 1, unknown).sessions[0]?.seconds.low ?? 0;
  expect(realistic).toBeGreaterThan(strict);
});

test('a five-day cycle is counted per week: three sets are 4.2, one exposure is 1.4', () => {
  const { muscles, hardSets } = week(block([session('a', 0, [press])], { cycleDays: 5 }));
  expect(muscles.quads.sets).toBeCloseTo(4.2, 9);
  expect(muscles.quads.frequency).toBeCloseTo(1.4, 9);
  expect(hardSets).toBeCloseTo(4.2, 9);
});

test('a third of a set is no exposure: three sets counting a quarter each are', () => {
  const small = block([
    session('a', 0, [slot('thrust', 'barbell-hip-thrust', { technique: { kind: 'straight', sets: 1 } })]),
  ]);
  expect(week(small).muscles.quads).toMatchObject({ sets: 0.25, frequency: 0 });
  const more = block([session('a', 0, [slot('thrust', 'barbell-hip-thrust')])]);
  expect(week(more).muscles.quads).toMatchObject({ sets: 0.75, frequency: 1 });
});

test('a set counts once in the weekly budget, and the muscles it counts toward are listed', () => {
  const { muscles, hardSets, whyHardSets } = week(block([session('a', 0, [slot('dip', 'dip')])]));
  expect(hardSets).toBe(3);
  expect([muscles.chest.sets, muscles.triceps.sets, muscles['front delts'].sets]).toEqual([3, 3, 1.5]);
  expect(muscles.triceps.why).toMatchObject({
    code: 'volume',
    direct: 3,
    parts: [{ exerciseId: 'dip', sets: 3, contribution: 1 }],
  });
  expect(whyHardSets).toMatchObject({ code: 'budget', hardSets: 3, budget: 90 });
});

test('deload weeks show what is performed', () => {
  const plan = week(block([session('a', 0, [press])]), 7);
  expect(plan.kind).toBe('deload');
  expect(plan.muscles.quads.sets).toBe(1);
  expect(plan.hardSets).toBe(1);
});

test('with a stricter threshold of three, week 1 at 4 RIR does not count', () => {
  const strict = block([session('a', 0, [press])], {
    rir: { first: 4, last: 1 },
    conventions: { hardSetRir: 3 },
  });
  expect(week(strict, 1).muscles.quads.sets).toBe(0);
  expect(week(strict, 6).muscles.quads.sets).toBe(3);
});

test('a phase that changes during a block changes volume ranges from that week on', () => {
  const who = athlete({
    phases: [
      { from: '2026-01-01', phase: 'gaining' },
      { from: '2026-11-16', phase: 'cutting' },
    ],
  });
  const plain = block([session('a', 0, [press])]);
  expect([week(plain, 2, who).phase, week(plain, 3, who).phase]).toEqual(['gaining', 'cutting']);
  expect(week(plain, 2, who).muscles.quads.landmarks.ceiling).toBe(20);
  expect(week(plain, 3, who).muscles.quads.landmarks.ceiling).toBe(16);
});

test('an unknown exercise counts toward nothing and breaks nothing', () => {
  const strange = block([
    session('a', 0, [press, { ...press, id: 'x', exercise: { id: 'gone', revision: 3 } }]),
  ]);
  expect(week(strange).muscles.quads.sets).toBe(3);
  expect(week(strange).sessions[0]?.slots).toHaveLength(2);
});
