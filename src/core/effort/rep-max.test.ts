import fc from 'fast-check';
import { CAUTIOUS_TABLE, CURVES, chosenCurve, USUAL_EFFORT } from './curves';
import { BRZYCKI, EPLEY, e1rm, personalCurve, type RepMaxCurve, repsToFailure, tableCurve } from './rep-max';

const TABLE = tableCurve('table', CAUTIOUS_TABLE);

test('60 x 10 with 3 in reserve is an e1RM of 86: 60 x (1 + 13/30)', () => {
  expect(e1rm(60, 13)).toBeCloseTo(86, 9);
  expect(repsToFailure(86, 60)).toBeCloseTo(13, 9);
  expect(repsToFailure(86, 62.5)).toBeCloseTo(11.28, 9);
});

test('a single is the one-rep max itself; just below it is still one rep, above it none', () => {
  expect(e1rm(100, 1)).toBe(100);
  expect(EPLEY.repsAt(1)).toBe(1);
  // Halfway between one rep and the 30/32 of two.
  expect(EPLEY.repsAt(0.96875)).toBeCloseTo(1.5, 9);
  expect(EPLEY.fraction(1.5)).toBeCloseTo(0.96875, 9);
  expect(EPLEY.repsAt(1.02)).toBeLessThan(1);
});

test('Brzycki: 32/36 at five reps; it meets Epley at ten and follows it beyond', () => {
  expect(BRZYCKI.fraction(5)).toBeCloseTo(32 / 36, 9);
  expect(BRZYCKI.fraction(10)).toBeCloseTo(EPLEY.fraction(10), 9);
  expect(BRZYCKI.fraction(15)).toBe(EPLEY.fraction(15));
  expect(BRZYCKI.repsAt(0.7)).toBeCloseTo(EPLEY.repsAt(0.7), 9);
});

test('the shipped table is cautious: 0.775 at seven, 0.70 at twelve, linear between its points', () => {
  expect(TABLE.fraction(7)).toBe(0.775);
  expect(TABLE.fraction(12)).toBe(0.7);
  expect(TABLE.fraction(7.5)).toBeCloseTo(0.7675, 9);
  expect(TABLE.repsAt(0.7675)).toBeCloseTo(7.5, 9);
  for (const n of [3, 7, 12]) expect(TABLE.fraction(n)).toBeLessThan(EPLEY.fraction(n));
  expect(CAUTIOUS_TABLE).toHaveLength(30);
});

test('each choice gives a curve; personal without a fit is Epley', () => {
  expect(CURVES.map((curve) => chosenCurve({ ...USUAL_EFFORT, curve }).name)).toEqual([
    'Epley',
    'Brzycki',
    'table',
    'Epley',
  ]);
  const fit = { slope: 0.04, error: 2, epleyError: 3, sets: 8, from: 5, to: 12 };
  const own = chosenCurve({ curve: 'personal', table: null, personal: fit });
  expect(own.fraction(6)).toBeCloseTo(1 / 1.2, 9);
});

test.each<[string, RepMaxCurve]>([
  ['Epley', EPLEY],
  ['Brzycki', BRZYCKI],
  ['table', TABLE],
  ['personal', personalCurve(0.035)],
])('%s falls with reps and is undone by its inverse from two reps on', (_name, curve) => {
  fc.assert(
    fc.property(
      fc.double({ min: 2, max: 40, noNaN: true }),
      fc.double({ min: 0.1, max: 10, noNaN: true }),
      (n, more) => {
        expect(curve.fraction(n + more)).toBeLessThan(curve.fraction(n));
        expect(curve.repsAt(curve.fraction(n))).toBeCloseTo(n, 6);
      },
    ),
  );
});
