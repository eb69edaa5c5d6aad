import { conventionsWith } from '../conventions/conventions';
import { athlete, block, lookup, session, slot } from '../testing/fixtures';
import { untrainedPlan } from '../unfold/untrained';
import { isLopsided, weeklyBalance } from './balance';

const usual = conventionsWith({});
const of = (sets: number, against: number) => isLopsided({ sets, against }, usual);

test('two to three and three to two are balanced, one set beyond is not', () => {
  expect([of(6.7, 10), of(15, 10)]).toEqual([false, false]);
  expect([of(6, 10), of(16, 10)]).toEqual([true, true]);
});

test('all on one side is lopsided; too few sets on both are not judged', () => {
  expect([of(10, 0), of(0, 10)]).toEqual([true, true]);
  // From four sets on the larger side.
  expect([of(4, 0), of(3.9, 0), of(0, 0)]).toEqual([true, false, false]);
});

test('balance compares fractional sets under a fixed dose too', () => {
  const push = (landmarks: 'ramped' | 'fixed dose') => {
    const made = block([session('a', 0, [slot('1', 'barbell-bench-press')])], { landmarks });
    const [week] = untrainedPlan({ block: made, athlete: athlete(), exercises: lookup }).weeks;
    if (week === undefined) throw new Error('a week is missing');
    return weeklyBalance(week.plan).ratios[0]?.sets;
  };
  // Three sets of bench press: chest in full, triceps and front delts in part; direct sets would be three.
  expect(push('fixed dose')).toBe(push('ramped'));
  expect(push('fixed dose')).toBeGreaterThan(3);
});
