import fc from 'fast-check';
import { EPLEY, e1rm, repsToFailure } from './rep-max';

test('60 x 10 with 3 in reserve is an e1RM of 86: 60 x (1 + 13/30)', () => {
  expect(e1rm(60, 13)).toBeCloseTo(86, 9);
  expect(repsToFailure(86, 60)).toBeCloseTo(13, 9);
  expect(repsToFailure(86, 62.5)).toBeCloseTo(11.28, 9);
});

test('a single is the one-rep max itself; just below it is still one rep, above it none', () => {
  expect(e1rm(100, 1)).toBe(100);
  expect(EPLEY.repsAt(0.98)).toBe(1);
  expect(EPLEY.repsAt(1.02)).toBeLessThan(1);
});

test('the curve falls with reps and is undone by its inverse from two reps on', () => {
  fc.assert(
    fc.property(
      fc.double({ min: 2, max: 40, noNaN: true }),
      fc.double({ min: 0.1, max: 10, noNaN: true }),
      (n, more) => {
        expect(EPLEY.fraction(n + more)).toBeLessThan(EPLEY.fraction(n));
        expect(EPLEY.repsAt(EPLEY.fraction(n))).toBeCloseTo(n, 6);
      },
    ),
  );
});
