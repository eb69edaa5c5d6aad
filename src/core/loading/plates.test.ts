import fc from 'fast-check';
import { HALL } from '../testing/fixtures';
import { loadGrid } from './grid';
import { platesPerSide } from './plates';

test('107.5 on a 20 bar: 25 + 15 + 2.5 + 1.25 a side; 20 is the empty bar; 21 cannot be made', () => {
  expect(platesPerSide(10750, HALL.barbell)).toEqual([25, 15, 2.5, 1.25]);
  expect(platesPerSide(2000, HALL.barbell)).toEqual([]);
  expect(platesPerSide(2100, HALL.barbell)).toBeUndefined();
  expect(platesPerSide(1500, HALL.barbell)).toBeUndefined();
});

test('choosing the largest plate first would fail: 30 a side of 25 and pairs of 15 is 15 + 15', () => {
  const plates = [
    { weight: 25, pairs: 1 },
    { weight: 15, pairs: 2 },
  ];
  expect(platesPerSide(8000, { unit: 'kg', bar: 20, plates })).toEqual([15, 15]);
});

test('every load of the grid has plates that add up to it', () => {
  const { steps } = loadGrid('barbell', HALL);
  fc.assert(
    fc.property(fc.constantFrom(...steps.slice(0, 120)), (load) => {
      const plates = platesPerSide(load, HALL.barbell) ?? [Number.NaN];
      expect(2000 + 2 * plates.reduce((sum, plate) => sum + plate * 100, 0)).toBe(load);
    }),
  );
});
