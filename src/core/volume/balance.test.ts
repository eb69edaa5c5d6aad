import { conventionsWith } from '../conventions/conventions';
import { isLopsided } from './balance';

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
