import {
  catalogueWith,
  EMPTY_LOG,
  type Finding,
  loadRecipe,
  MUSCLES,
  type Reason,
  runChecks,
  type Strength,
  unfold,
} from '@/core';
import { athlete, block, HALL, lookup, session, slot, TOP } from '@/core/testing/fixtures';
import { estimate, figure, listed, load, minutes, plural, reserve, setText, span } from './figures';
import { findingSentence, fixWords } from './findings';
import { dayName, namesOf } from './names';
import { explain } from './reasons';
import { recipeSentence } from './recipes';
import { setName, techniqueCell, techniqueSentence } from './techniques';

const names = namesOf(catalogueWith([]));

test('figures have a minus sign and no trailing zeros', () => {
  expect([figure(2.5), figure(10), figure(-15), figure(1.005, 2), figure(-0.001)]).toEqual([
    '2.5',
    '10',
    '−15',
    '1',
    '0',
  ]);
  expect([estimate(2), estimate(-0.04), estimate(0.66)]).toEqual(['2.0', '0.0', '0.7']);
  expect([
    load(null, 'stack'),
    load(0, 'bodyweight'),
    load(5, 'bodyweight'),
    load(-15, 'bodyweight'),
    load(22.5, 'barbell'),
  ]).toEqual(['find', 'bw', 'bw+5', 'bw−15', '22.5']);
  expect([minutes(61), minutes(60), span(54, 61), span(32, 32)]).toEqual([2, 1, '54–61', '32']);
  expect([listed(['a']), listed(['a', 'b', 'c']), plural(1, 'set'), plural(3, 'set')]).toEqual([
    'a',
    'a, b and c',
    '1 set',
    '3 sets',
  ]);
});

test('RIR is asked for in whole reps: halves down, never below failure', () => {
  expect([reserve(2), reserve(0.5), reserve(1.75), reserve(-0.4)]).toEqual([2, 0, 2, 0]);
});

test('sets as written: loads, bodyweight, bands, holds', () => {
  expect([
    setText(62.5, 10, { loading: 'barbell', measure: 'reps' }),
    setText(0, 8, { loading: 'bodyweight', measure: 'reps' }),
    setText(15, 12, { loading: 'band', measure: 'reps' }),
    setText(0, 30, { loading: 'none', measure: 'seconds' }),
    setText(24, 30, { loading: 'dumbbell', measure: 'seconds' }),
  ]).toEqual(['62.5 × 10', 'bw × 8', '~15 × 12', '30 s', '24 × 30 s']);
});

test('how to make a load is put in words', () => {
  const said = (load: number, loading: Parameters<typeof loadRecipe>[1]) =>
    recipeSentence(loadRecipe(load, loading, HALL));
  expect(said(87.5, 'barbell')).toBe('20 kg plus each side 25 + 5 + 2.5 + 1.25');
  expect(said(20, 'barbell')).toBe('20 kg without plates');
  expect(said(47.5, 'stack')).toBe('pin at 45 + 2.5 kg');
  expect(said(-20, 'bodyweight')).toBe('20 kg of assistance');
  expect(said(12.5, 'bodyweight')).toBe('10 + 2.5 kg on the belt');
  expect(said(16, 'band')).toBe('medium band, about 16 kg');
  expect(said(25, 'dumbbell')).toBe('not available here; nearest 24 and 26 kg');
});

test('names', () => {
  expect([dayName(0, 7), dayName(6, 7), dayName(2, 5), dayName(10, 14)]).toEqual([
    'Mon',
    'Sun',
    'day 3',
    'Thu B',
  ]);
  const technique = TOP;
  expect(techniqueCell({ technique, drift: 'hold RIR' })).toBe('top+2');
  expect(techniqueCell({ technique: { kind: 'straight', sets: 3 }, drift: 'hold reps' })).toBe('same reps');
  expect(techniqueSentence({ technique, drift: 'hold reps' })).toContain('12 % less');
  const set = (id: string, role: 'top' | 'back-off' | 'work') => ({
    id,
    role,
    load: 1,
    reps: 1,
    rir: 1,
    predictedRir: 1,
    hard: true,
    credit: 1,
    round: Number(id.at(-1)),
    piece: 1,
    rest: 120,
    manner: 'full' as const,
    sections: [],
    variant: null,
    measuresStrength: true,
    optional: false,
  });
  const sets = [set('t1', 'top'), set('b2', 'back-off'), set('b3', 'back-off')];
  expect(sets.map((one) => setName(one, sets))).toEqual(['top set', 'back-off 1 of 2', 'back-off 2 of 2']);
});

test('the best fit is explained with its source, its prediction and alternatives', () => {
  const reason: Reason = {
    code: 'load/best-fit',
    unit: 'kg',
    last: { load: 60, reps: 10 },
    strength: {
      source: { kind: 'logged', week: 2, load: 60, reps: 10, rir: 3 },
      measured: 86,
      oneRepMax: 86,
      weeksAhead: 0,
      gainPercent: 0.5,
    },
    targetRir: 2,
    range: { low: 8, high: 12 },
    fit: {
      chosen: { load: 60, reps: 11, predictedRir: 2 },
      others: [{ load: 62.5, reps: 9, predictedRir: 2.28 }],
      decider: 'nearest RIR',
    },
  };
  expect(explain(reason, names)).toEqual({
    because: 'Week 2: 60 × 10 with 3 reps left, estimated max 86.0 kg. 60 × 11 should leave 2.0 (target 2).',
    besides:
      '62.5 × 9 would leave 2.3. Both have the same reps; this one is closer to the target RIR. Last time 60 × 10.',
  });
});

test('a load’s source says which of two sets is used, and that an old one counts less', () => {
  const from = (strength: Partial<Strength>): string =>
    explain(
      {
        code: 'load/hold',
        unit: 'kg',
        load: 0,
        seconds: 40,
        targetRir: 2,
        range: { low: 20, high: 60 },
        strength: {
          source: { kind: 'logged', week: 4, load: 145, reps: 12, rir: 2 },
          measured: 212,
          oneRepMax: 212,
          weeksAhead: 0,
          gainPercent: 0.5,
          ...strength,
        },
      },
      names,
    ).because;
  const before = { week: 3, load: 145, reps: 12, rir: 3 };
  expect(from({ over: { ...before, why: 'easier' } })).toContain(
    'Week 4: 145 × 12 with 2 reps left (week 3: 145 × 12 @3 ended further from failure)',
  );
  expect(from({ over: { ...before, why: 'weaker' } })).toContain('@3 says less)');
  expect(from({ source: { kind: 'best set', load: 100, reps: 8, rir: 2, lessPercent: 5 } })).toContain(
    'Best set: 100 × 8 with 2 reps left (long ago, so 5 % less)',
  );
});

test('a volume names its parts and the source of its range', () => {
  const two = block([session('a', 0, [slot('1', 'leg-press'), slot('2', 'seated-leg-curl')])]);
  const { weeks } = unfold({
    block: two,
    athlete: athlete({ phases: [{ from: '2026-01-01', phase: 'gaining' }] }),
    exercises: lookup,
    issued: [],
    log: EMPTY_LOG,
    answers: [],
  });
  const muscles = weeks[0]?.plan.muscles;
  if (muscles === undefined) throw new Error('no week 1');
  expect(explain(muscles.hamstrings.why, names)).toEqual({
    because: 'Hamstrings: 3 sets, 3 direct, 1 times a week. Seated leg curl 3 × 1.',
    besides: 'Maintenance 3, minimum 5 (6 × 0.8), maximum 16 (14 × 1.125) (intermediate, gaining).',
  });
  for (const muscle of MUSCLES) expect(explain(muscles[muscle].why, names).besides).toContain('maximum');
});

test('every finding and fix of a crowded week is a sentence', () => {
  const rough = block([
    session('a', 0, [
      slot('1', 'leg-extension', { technique: { kind: 'straight', sets: 12 } }),
      slot('2', 'leg-press', { technique: { kind: 'straight', sets: 12 } }),
    ]),
    session('b', 1, [slot('3', 'hack-squat'), slot('4', 'flat-dumbbell-press')]),
  ]);
  const who = athlete({
    minutes: 40,
    bestSets: { 'flat-dumbbell-press': { load: { value: 50, unit: 'kg' }, reps: 25, rir: 2, date: null } },
  });
  const blockPlan = unfold({
    block: rough,
    athlete: who,
    exercises: lookup,
    issued: [],
    log: EMPTY_LOG,
    answers: [],
  });
  const findings: readonly Finding[] = runChecks({
    block: rough,
    athlete: who,
    blockPlan,
    exercises: lookup,
  });
  expect(new Set(findings.map(({ detail }) => detail.rule)).size).toBeGreaterThanOrEqual(7);
  for (const { detail, fixes } of findings) {
    expect(findingSentence(detail, names)).toMatch(/^[A-Z].+\.$/);
    expect(findingSentence(detail, names)).not.toMatch(/undefined|NaN/);
    for (const fix of fixes) expect(fixWords(fix, names)).toMatch(/^[A-Z]/);
  }
});
