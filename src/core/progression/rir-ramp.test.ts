import fc from 'fast-check';
import { rampRir } from './rir-ramp';

test('3 to 1 over six weeks: 3, 3, 2, 2, 1, 1', () => {
  expect([1, 2, 3, 4, 5, 6].map((week) => rampRir({ first: 3, last: 1 }, week, 6))).toEqual([
    3, 3, 2, 2, 1, 1,
  ]);
});

test('halves round down: 3 to 0 over three weeks is 3, 1, 0; a single week gets the last value', () => {
  expect([1, 2, 3].map((week) => rampRir({ first: 3, last: 0 }, week, 3))).toEqual([3, 1, 0]);
  expect(rampRir({ first: 3, last: 1 }, 1, 1)).toBe(1);
});

test('never rises and includes both ends', () => {
  fc.assert(
    fc.property(
      fc.integer({ min: 0, max: 5 }),
      fc.nat(5),
      fc.integer({ min: 2, max: 16 }),
      (last, above, weeks) => {
        const ramp = { first: last + above, last };
        const rirs = Array.from({ length: weeks }, (_, at) => rampRir(ramp, at + 1, weeks));
        expect(rirs[0]).toBe(ramp.first);
        expect(rirs.at(-1)).toBe(ramp.last);
        rirs.forEach((rir, at) => {
          if (at > 0) expect(rir).toBeLessThanOrEqual(rirs[at - 1] as number);
        });
      },
    ),
  );
});
