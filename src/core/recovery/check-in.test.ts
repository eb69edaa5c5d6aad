import { MUSCLES, type Muscle } from '../anatomy/muscle';
import { type CheckIn, fatigueSigns, latestCheckIn } from './check-in';
import { decodeCheckIn } from './check-in-codec';
import { fatigueScore } from './signs';

const usual: CheckIn = {
  id: 'c',
  date: '2026-11-23',
  slept: 'well',
  drive: 'eager',
  appetite: 'well',
  soreness: 'gone in time',
  aches: [],
  restingHeartRate: null,
  measured: [],
  line: '',
};
const today = (changes: Partial<CheckIn> = {}) => ({ ...usual, ...changes });
const of = (changes: Partial<CheckIn>) => fatigueSigns([today(changes)], [], '2026-11-24');
type Seen = 'behind' | 'strained' | 'on target';
const seen = (...verdicts: readonly Seen[]) =>
  verdicts.map((verdict, at) => ({
    week: 2,
    muscle: MUSCLES[at] as Muscle,
    performance: { verdict, score: 0 },
  }));

test('all well gives zero; all bad gives the maximum', () => {
  expect(Object.values(of({}) ?? {})).toEqual([0, 0, 0, 0, 0, 0, 0]);
  const before = [50, 51, 52].map((rate, at) =>
    today({ id: `${at}`, date: `2026-11-0${at + 1}`, restingHeartRate: rate }),
  );
  const bad = today({
    slept: 'poorly',
    drive: 'low',
    appetite: 'poorly',
    soreness: 'most stayed',
    aches: [{ joint: 'knee', grade: 'clear' }],
    restingHeartRate: 61,
  });
  const signs = fatigueSigns([...before, bad], seen('behind', 'behind'), '2026-11-24');
  expect(fatigueScore(signs ?? {}, false, { signsPropose: 6, signsUrge: 9, signsLow: 3 })).toEqual({
    sum: 14,
    verdict: 'urge',
  });
});

test.each([
  [[], 0],
  [[{ joint: 'knee', grade: 'slight' }], 1],
  [[{ joint: 'knee', grade: 'clear' }], 2],
  [
    [
      { joint: 'knee', grade: 'slight' },
      { joint: 'elbow', grade: 'slight' },
    ],
    2,
  ],
] as const)('aches %j score %d', (aches, score) => {
  expect(of({ aches })?.['aching joints']).toBe(score);
});

test.each([
  [54, 0],
  [56, 1],
  [60, 1],
  [61, 2],
] as const)('against a usual 51 a resting heart rate of %d scores %d', (rate, score) => {
  const before = [50, 51, 52].map((usualRate, at) =>
    today({ id: `${at}`, date: `2026-11-0${at + 1}`, restingHeartRate: usualRate }),
  );
  const signs = fatigueSigns([...before, today({ restingHeartRate: rate })], [], '2026-11-24');
  expect(signs?.['raised resting heart rate']).toBe(score);
  expect(of({ restingHeartRate: rate })?.['raised resting heart rate']).toBe(0);
});

test('performance: half the muscles below target is clear, one of four or half of them strained is some', () => {
  const falls = (...verdicts: readonly Seen[]) =>
    fatigueSigns([today()], [...seen(...verdicts)], '2026-11-24')?.['falling performance'];
  expect(falls('behind', 'on target')).toBe(2);
  expect(falls('behind', 'on target', 'on target')).toBe(1);
  expect(falls('strained', 'on target')).toBe(1);
  expect(falls('strained', 'on target', 'on target')).toBe(0);
  expect(falls()).toBe(0);
});

test('a check-in is valid for ten days, and never for earlier days', () => {
  const list = [today({ id: 'a', date: '2026-11-09' }), today({ id: 'b', date: '2026-11-16' })];
  expect(latestCheckIn(list, '2026-11-26')?.id).toBe('b');
  expect(latestCheckIn(list, '2026-11-27')).toBeUndefined();
  expect(latestCheckIn(list, '2026-11-15')?.id).toBe('a');
  expect(latestCheckIn(list, '2026-11-08')).toBeUndefined();
  expect(fatigueSigns([], seen('behind'), '2026-11-24')).toBeNull();
});

test('a stored check-in is read again; invalid data is a problem', () => {
  expect(decodeCheckIn(usual)).toEqual({ ok: true, value: usual });
  expect(decodeCheckIn({ ...usual, slept: 'badly' }).ok).toBe(false);
  expect(decodeCheckIn({ ...usual, restingHeartRate: 20 }).ok).toBe(false);
});
