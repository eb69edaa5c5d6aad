import { fewerSets } from './easy-week';

test('a slot alone: rounded half up, at least one', () => {
  expect([1, 2, 3, 4].map((sets) => fewerSets(sets, 0.4))).toEqual([1, 1, 1, 2]);
  expect([1, 2, 3, 5].map((sets) => fewerSets(sets, 0.5))).toEqual([1, 1, 2, 3]);
});

test('slots of one muscle are halved together: three and three leave three, one and one leave one', () => {
  expect([fewerSets(3, 0.5), fewerSets(3, 0.5, 3)]).toEqual([2, 1]);
  expect([fewerSets(1, 0.5), fewerSets(1, 0.5, 1)]).toEqual([1, 0]);
  expect([fewerSets(4, 0.5), fewerSets(4, 0.5, 4), fewerSets(3, 0.5, 8)]).toEqual([2, 2, 2]);
});
