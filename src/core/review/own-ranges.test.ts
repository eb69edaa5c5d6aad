import fc from 'fast-check';
import type { Athlete } from '../athlete/athlete';
import { addDays } from '../calendar';
import type { Exposure } from '../effort/exposure';
import { block, session, slot } from '../testing/fixtures';
import { watched } from '../testing/watched';
import { withAppliedLesson } from './learning';
import { blockLessons } from './lessons';
import { ownRanges } from './own-ranges';

/** Heavy on Mondays, light on Thursdays. */
const TWO = block(
  [
    session('mon', 0, [slot('m', 'hack-squat', { range: { low: 6, high: 9 } })]),
    session('thu', 3, [slot('t', 'hack-squat', { range: { low: 12, high: 16 } })]),
  ],
  { weeks: 6 },
);
const ALL = ['all', 'all', 'all', 'all', 'all', 'all'] as const;

/** A first set with this estimated strength: one rep to failure. */
const at = (day: 'm' | 't', week: number, strength: number): Exposure => ({
  exerciseId: 'hack-squat',
  slotId: day,
  week,
  date: addDays('2026-11-02', 7 * (week - 1) + (day === 'm' ? 0 : 3)),
  sets: [{ load: strength, reps: 1, rir: 0, fatigue: 0 }],
});

function taught(heavy: readonly number[], light: readonly number[], who: Partial<Athlete> = {}) {
  const exposures = [
    ...heavy.map((strength, k) => at('m', k + 1, strength)),
    ...light.map((strength, k) => at('t', k + 1, strength)),
  ];
  const of = watched({ block: TWO, today: '2026-12-31', weeks: ALL });
  return { ...of, athlete: { ...of.athlete, ...who }, exposures };
}
/** Strength in logarithmic per cent: one more each week gives exactly that slope. */
const log = (percent: number) => 100 * Math.exp(percent / 100);

test('the weekly slope in per cent and its error, by hand; the better range is chosen', () => {
  const [own] = ownRanges(taught([0, 1, 2, 3].map(log), [0, 1, 0, 1].map(log)));
  expect(own).toMatchObject({
    exerciseId: 'hack-squat',
    best: { range: { low: 6, high: 9 }, days: 4 },
    other: { range: { low: 12, high: 16 }, days: 4 },
  });
  expect(own?.best.gain).toBeCloseTo(1);
  expect(own?.best.error).toBeCloseTo(0);
  // x from its middle: -1.5 -0.5 0.5 1.5, squares 5; y -0.5 0.5 -0.5 0.5: 1 / 5. Left over: 1 - 0.2 x 1 = 0.8.
  expect(own?.other.gain).toBeCloseTo(0.2);
  expect(own?.other.error).toBeCloseTo(Math.sqrt(0.8 / 2 / 5));
});

test('three days in a range are too few, and a range that only declines more slowly is not better', () => {
  const flat = [0, 0, 0, 0].map(log);
  expect(ownRanges(taught([0, 1, 2].map(log), flat))).toEqual([]);
  expect(ownRanges(taught([0, 1, 2, 3].map(log), flat.slice(1)))).toEqual([]);
  expect(ownRanges(taught(flat, [0, -1, -2, -3].map(log)))).toEqual([]);
  expect(ownRanges(taught([0, 1, 2, 3].map(log), []))).toEqual([]);
});

test('two ranges that differ less than chance explains teach nothing', () => {
  // Each has an error of 0.283 (above), so twice that of the difference is 0.8: 1.0 apart is reported, 0.6 is not.
  const swinging = [0, 1, 0, 1];
  const rising = (by: number) => swinging.map((y, k) => log(y + by * k));
  expect(ownRanges(taught(rising(1), rising(0)))).toHaveLength(1);
  expect(ownRanges(taught(rising(0.6), rising(0)))).toEqual([]);
});

test('once applied, new slots start with it, and it is not taught again', () => {
  const of = taught([0, 1, 2, 3].map(log), [0, 0, 0, 0].map(log));
  const lesson = blockLessons(of).find(({ kind }) => kind === 'range');
  if (lesson === undefined) throw new Error('nothing taught');
  const athlete = withAppliedLesson(of.athlete, 'b1', lesson, '');
  expect(athlete.ranges['hack-squat']).toEqual({ low: 6, high: 9 });
  expect(blockLessons({ ...of, athlete }).map(({ kind }) => kind)).not.toContain('range');
  const other = { ...of, athlete: { ...of.athlete, ranges: { 'hack-squat': { low: 6, high: 10 } } } };
  expect(blockLessons(other)).toContainEqual(
    expect.objectContaining({ kind: 'range', from: { low: 6, high: 10 } }),
  );
});

test('a range is rarely called better if strength varies by chance only', () => {
  const days = fc.array(fc.integer({ min: -100, max: 100 }), { minLength: 6, maxLength: 6 });
  let said = 0;
  const numRuns = 300;
  fc.assert(
    fc.property(days, days, (heavy, light) => {
      const noise = (list: readonly number[]) => list.map((one) => log(one / 50));
      said += ownRanges(taught(noise(heavy), noise(light))).length;
    }),
    { numRuns, seed: 11 },
  );
  expect(said / numRuns).toBeLessThan(0.15);
});
