import fc from 'fast-check';
import { conventionsWith } from '../conventions/conventions';
import { loadGrid } from '../loading/grid';
import { HALL } from '../testing/fixtures';
import type { Exposure } from './exposure';
import { longestHold, rirAfterHold, secondsForRir } from './hold';
import { loadsFor } from './load-for';
import { beatsDefault, fitPersonalCurve } from './personal-curve';
import { EPLEY, personalCurve } from './rep-max';
import { rirBias } from './rir-bias';
import { currentStrength, displayedStrength } from './strength';

const conventions = conventionsWith();

/** Exposures whose sets are exactly on a curve, with one 1RM per week. */
function onCurve(slope: number, weeks: readonly number[][]): Exposure[] {
  const curve = personalCurve(slope);
  return weeks.map((counts, at) => ({
    exerciseId: 'leg-press',
    slotId: 's',
    week: at + 1,
    date: `2026-11-${String(at + 1).padStart(2, '0')}`,
    sets: counts.map((n) => ({ load: (100 + at) * curve.fraction(n), reps: n - 2, rir: 2, fatigue: 0 })),
  }));
}

describe('personal curve', () => {
  test('sets on a slope of 0.05 give that slope without error, better than Epley', () => {
    const fit = fitPersonalCurve(
      onCurve(0.05, [
        [5, 8, 12],
        [6, 10, 15],
      ]),
      conventions,
    );
    expect(fit?.slope).toBeCloseTo(0.05, 4);
    expect(fit?.error).toBeLessThan(0.01);
    expect(fit?.sets).toBe(6);
    expect(fit !== undefined && beatsDefault(fit)).toBe(true);
  });

  test('five sets, two rep counts, or weeks of one set each are too few', () => {
    expect(
      fitPersonalCurve(
        onCurve(0.05, [
          [5, 8, 12],
          [6, 10],
        ]),
        conventions,
      ),
    ).toBeUndefined();
    expect(
      fitPersonalCurve(
        onCurve(0.05, [
          [5, 8, 5],
          [8, 5, 8],
        ]),
        conventions,
      ),
    ).toBeUndefined();
    expect(fitPersonalCurve(onCurve(0.05, [[5], [8], [12], [6], [9], [11]]), conventions)).toBeUndefined();
  });

  test('an implausible slope becomes the nearest plausible one, from 0.01 to 0.12', () => {
    const weeks = [
      [5, 8, 12],
      [6, 10, 15],
    ];
    expect(fitPersonalCurve(onCurve(0.2, weeks), conventions)?.slope).toBeCloseTo(0.12, 4);
    expect(fitPersonalCurve(onCurve(0.004, weeks), conventions)?.slope).toBeCloseTo(0.01, 4);
  });

  test('any plausible slope is found', () => {
    fc.assert(
      fc.property(fc.double({ min: 0.015, max: 0.1, noNaN: true }), (slope) => {
        const fit = fitPersonalCurve(
          onCurve(slope, [
            [4, 9, 14],
            [5, 7, 12],
          ]),
          conventions,
        );
        expect(fit?.slope).toBeCloseTo(slope, 3);
      }),
    );
  });
});

describe('RIR bias', () => {
  const exposure = (date: string, reps: number, rir: number, slotId = 's'): Exposure => ({
    exerciseId: 'leg-press',
    slotId,
    week: 1,
    date,
    sets: [{ load: 100, reps, rir, fatigue: 0 }],
  });

  test('8 with 3 left promised 11; 13 to failure next time shows two more were left', () => {
    const pairs = ['a', 'b', 'c', 'd'].flatMap((slot) => [
      exposure('2026-11-02', 8, 3, slot),
      exposure('2026-11-09', 13, 0, slot),
    ]);
    const bias = rirBias(pairs, EPLEY, conventions);
    expect(bias?.pairs).toBe(4);
    expect(bias?.mean).toBeCloseTo(2, 9);
    expect(bias?.steady).toBe(true);
  });

  test('honest reports show no bias, few pairs are ignored, and so are easier sessions', () => {
    const honest = ['a', 'b', 'c', 'd'].flatMap((slot) => [
      exposure('2026-11-02', 8, 3, slot),
      exposure('2026-11-09', 11, 0, slot),
    ]);
    expect(rirBias(honest, EPLEY, conventions)).toMatchObject({ steady: false });
    expect(rirBias(honest.slice(0, 6), EPLEY, conventions)).toBeUndefined();
    const easier = ['a', 'b', 'c', 'd'].flatMap((slot) => [
      exposure('2026-11-02', 11, 0, slot),
      exposure('2026-11-09', 8, 3, slot),
    ]);
    expect(rirBias(easier, EPLEY, conventions)).toBeUndefined();
  });
});

describe('holds', () => {
  test('30 s with 2 RIR could have been 36; 1 RIR of 36 is reached after 32.7', () => {
    expect(longestHold(30, 2, conventions)).toBeCloseTo(36, 9);
    expect(secondsForRir(36, 1, conventions)).toBeCloseTo(32.727, 3);
    expect(rirAfterHold(36, 30, conventions)).toBeCloseTo(2, 9);
  });

  test('converting RIR to seconds and back gives the same RIR', () => {
    fc.assert(
      fc.property(fc.integer({ min: 3, max: 300 }), fc.integer({ min: 0, max: 6 }), (seconds, rir) => {
        const longest = longestHold(seconds, rir, conventions);
        expect(secondsForRir(longest, rir, conventions)).toBeCloseTo(seconds, 9);
        expect(rirAfterHold(longest, seconds, conventions)).toBeCloseTo(rir, 6);
      }),
    );
  });
});

test('strength is shown up to fifteen reps to failure; above, only that the reps are too many', () => {
  const shown = (reps: number, rir: number, held = false) =>
    displayedStrength({ load: 60, reps, rir }, held, EPLEY, conventions);
  expect(shown(10, 3)).toEqual({ kind: 'one-rep max', value: expect.closeTo(86, 9) });
  expect(shown(14, 2)).toEqual({ kind: 'too many reps', reps: 16 });
  expect(shown(30, 0, true)).toEqual({ kind: 'longest hold', seconds: 30 });
});

test('8 with 2 left at an e1RM of 100 is 75: exactly makeable, or 72.5 with 3.4 left on a coarser grid', () => {
  const strength = { oneRepMax: 100, carried: 0, curve: EPLEY };
  const barbell = loadGrid('barbell', HALL);
  expect(loadsFor({ reps: 8, rir: 2 }, strength, barbell).nearest).toEqual({
    load: 75,
    predictedRir: expect.closeTo(2, 9),
  });
  const dumbbells = loadsFor({ reps: 8, rir: 2 }, { ...strength, oneRepMax: 33 }, loadGrid('dumbbell', HALL));
  expect(dumbbells.ideal).toBeCloseTo(24.75, 9);
  expect(dumbbells.nearest.load).toBe(24);
  expect(dumbbells.others.map(({ load }) => load)).toEqual([26]);
});

test('current strength is the best first set of the last two exposures: a better, older one no longer counts', () => {
  const exposure = (date: string, load: number, reps: number): Exposure => ({
    exerciseId: 'leg-press',
    slotId: date,
    week: 1,
    date,
    sets: [
      { load, reps, rir: 2, fatigue: 0 },
      { load: 300, reps, rir: 2, fatigue: 1 },
    ],
  });
  const log = [
    exposure('2026-11-02', 150, 8),
    exposure('2026-11-16', 105, 8),
    exposure('2026-11-09', 120, 8),
  ];
  expect(currentStrength(log, EPLEY)).toMatchObject({
    date: '2026-11-09',
    oneRepMax: expect.closeTo(160, 9),
  });
  expect(currentStrength([], EPLEY)).toBeUndefined();
});
