import fc from 'fast-check';
import {
  DRIVES,
  FELT,
  GOALS,
  JOINTS,
  LINGERING,
  MEASUREMENT_UNITS,
  MEASUREMENTS,
  MUSCLES,
  PAIN_GRADES,
  UNITS,
} from '@/core';
import { day, instant, number, text } from './column';
import { readCells, readCsv, writeCsv } from './csv';
import { CHECK_INS, LOG, MEASURED, VOLUME } from './tables';

const words = fc
  .string({ unit: 'binary', maxLength: 30 })
  .filter((one) => Buffer.from(one).toString() === one);
/** Texts that a spreadsheet or table reader might misread. */
const awkward = fc.oneof(
  words,
  fc.constantFrom(
    '=1+1',
    "'=1",
    "''",
    '@a',
    '-',
    '+2',
    'a,b',
    '"',
    'two\r\nlines',
    '\tx',
    'ü ≥ 漢',
    '\uFEFFx',
    ' x ',
  ),
);
const days = fc
  .integer({ min: 0, max: 40_000 })
  .map((n) => new Date(n * 86_400_000).toISOString().slice(0, 10));
const count = fc.option(fc.integer({ min: 0, max: 3600 }));
const hundredths = fc.integer({ min: 0, max: 999_900 }).map((n) => n / 100);

const logRow = fc.record({
  date: days,
  at: fc
    .date({ min: new Date(0), max: new Date('2199-01-01'), noInvalidDate: true })
    .map((at) => at.toISOString()),
  block: awkward,
  week: fc.integer({ min: 1, max: 60 }),
  session: awkward,
  exercise: awkward,
  exercise_id: awkward,
  set: fc.integer({ min: 1, max: 200 }),
  load: hundredths.map((value) => value - 200),
  unit: fc.constantFrom(...UNITS),
  reps: fc.integer({ min: 0, max: 10_000 }),
  rir: fc.integer({ min: 0, max: 60 }).map((n) => n / 2),
  partials: count,
  assisted: count,
  held: count,
  lowered: count,
  clean: fc.constantFrom('yes' as const, 'no' as const),
  seconds: count,
  left: count,
  right: count,
  note: awkward,
  entered_by: fc.constantFrom('athlete' as const, 'coach' as const),
});
const checkInRow = fc.record({
  date: days,
  slept: fc.constantFrom(...FELT),
  drive: fc.constantFrom(...DRIVES),
  appetite: fc.constantFrom(...FELT),
  soreness: fc.constantFrom(...LINGERING),
  aches: fc.array(fc.record({ joint: fc.constantFrom(...JOINTS), grade: fc.constantFrom(...PAIN_GRADES) })),
  resting_heart_rate: fc.option(fc.integer({ min: 25, max: 220 })),
  line: awkward,
});
const measuredRow = fc.record({
  date: days,
  what: fc.constantFrom(...MEASUREMENTS),
  value: hundredths,
  unit: fc.constantFrom(...MEASUREMENT_UNITS),
});
const volumeRow = fc.record({
  block: awkward,
  week: fc.integer({ min: 1, max: 60 }),
  begins: days,
  kind: fc.constantFrom('building' as const, 'deload' as const),
  status: fc.constantFrom('planned' as const, 'issued' as const, 'done' as const),
  muscle: fc.constantFrom(...MUSCLES),
  goal: fc.constantFrom(...GOALS),
  sets: hundredths.map((n) => n % 1000),
  times: fc.integer({ min: 0, max: 21 }),
  hold: fc.integer({ min: 0, max: 99 }),
  floor: fc.integer({ min: 0, max: 99 }),
  ceiling: fc.integer({ min: 0, max: 99 }),
});

const round = (value: number) => Math.round(value * 100) / 100;

test('rows of every table are read back unchanged, with any content', () => {
  fc.assert(
    fc.property(fc.array(logRow, { maxLength: 6 }), (given) => {
      const rows = given.map((row) => ({ ...row, load: round(row.load) }));
      expect(readCsv(LOG, writeCsv(LOG, rows))).toEqual({ ok: true, value: rows });
    }),
  );
  fc.assert(
    fc.property(
      fc.array(checkInRow),
      fc.array(measuredRow),
      fc.array(volumeRow),
      (said, measured, volume) => {
        const sets = volume.map((row) => ({ ...row, sets: round(row.sets) }));
        expect(readCsv(CHECK_INS, writeCsv(CHECK_INS, said))).toEqual({ ok: true, value: said });
        expect(readCsv(MEASURED, writeCsv(MEASURED, measured))).toEqual({ ok: true, value: measured });
        expect(readCsv(VOLUME, writeCsv(VOLUME, sets))).toEqual({ ok: true, value: sets });
      },
    ),
  );
});

test('no text cell starts like a formula', () => {
  fc.assert(
    fc.property(awkward, (given) => {
      expect(text.write(given)).not.toMatch(/^[=+\-@\t\r]/);
      expect(text.read(text.write(given))).toBe(given);
    }),
  );
  expect(text.write('=SUM(A1)')).toBe("'=SUM(A1)");
  expect(text.write('plain')).toBe('plain');
});

test('a CSV by hand: headings in any order, a decimal comma, missing line ends; each bad cell is named', () => {
  const read = readCsv(
    MEASURED,
    'unit,value,what,date\ncm,"81,5",waist,2026-11-09\n\nkg,80,Body weight,2026-11-10',
  );
  expect(read).toEqual({
    ok: true,
    value: [
      { date: '2026-11-09', what: 'waist', value: 81.5, unit: 'cm' },
      { date: '2026-11-10', what: 'body weight', value: 80, unit: 'kg' },
    ],
  });
  expect(readCsv(MEASURED, 'unit,value,what,date\nstone,80,neck,2026-02-30')).toMatchObject({
    ok: false,
    problems: [{ path: 'line/2/date' }, { path: 'line/2/what' }, { path: 'line/2/unit' }],
  });
  expect(readCsv(MEASURED, 'unit,value\ncm,80')).toMatchObject({
    ok: false,
    problems: [{ path: 'line/1', detail: 'has no column date, what' }],
  });
  expect(readCsv(MEASURED, '')).toMatchObject({ ok: false });
});

test('days, instants and numbers at their limits', () => {
  expect([day.read('2024-02-29'), day.read('2026-02-29'), day.read('09.11.2026')]).toEqual([
    '2024-02-29',
    undefined,
    undefined,
  ]);
  expect(instant.read('2026-11-09T17:30:00.000Z')).toBe('2026-11-09T17:30:00.000Z');
  expect(instant.read('2026-11-09')).toBeUndefined();
  const some = number(-1, 10);
  expect(['-1', '10', '-1.01', '10.1', '1e3', '', ' 1'].map(some.read)).toEqual([
    -1,
    10,
    ...Array(5).fill(undefined),
  ]);
  expect(number(0, 10, true).read('1.5')).toBeUndefined();
});

test('two thousand mutated texts are read or refused with a place', () => {
  const whole = writeCsv(
    LOG,
    fc.sample(logRow, { numRuns: 12, seed: 5 }).map((row) => ({ ...row, load: round(row.load) })),
  );
  let refused = 0;
  fc.assert(
    fc.property(fc.nat(whole.length), fc.nat(40), fc.string({ maxLength: 6 }), (at, gone, put) => {
      const read = readCsv(LOG, `${whole.slice(0, at)}${put}${whole.slice(at + gone)}`);
      if (read.ok) return;
      refused++;
      expect(read.problems.every(({ path }) => path.startsWith('line/'))).toBe(true);
    }),
    { numRuns: 2000 },
  );
  expect(refused).toBeGreaterThan(200);
});

test('too many lines or cells are refused with their count', () => {
  expect(readCells('a\n'.repeat(200_002))).toMatchObject({
    ok: false,
    problems: [{ field: 'lines', most: 200_000 }],
  });
  expect(readCells(','.repeat(400))).toMatchObject({ ok: false, problems: [{ field: 'cells', count: 401 }] });
  expect(readCells(`${','.repeat(399)}\nx;y`)).toMatchObject({ ok: true });
});
