import { conventionsWith } from '../../conventions/conventions';
import { loadGrid } from '../../loading/grid';
import { HALL } from '../../testing/fixtures';
import { asHundredths } from '../../units';
import { loadsFrom } from './loads-from';

const conventions = conventionsWith();
const stack = loadGrid('stack', HALL);
const from = (load: number, grid = stack, carried = 0) =>
  loadsFrom({ grid, carried, conventions }, asHundredths(load * 100)).map((one) => one / 100);

test('from 50 up to ten per cent more, inclusive: 55; from 49.9 it is excluded', () => {
  expect(from(50)).toEqual([50, 52.5, 55]);
  expect(from(49.9)).toEqual([49.9, 50, 52.5]);
});

test('the next load is always included, however far; there is none after it', () => {
  const coarse = loadGrid('dumbbell', { ...HALL, dumbbell: { unit: 'kg', weights: [10, 15, 20] } });
  expect(from(10, coarse)).toEqual([10, 15]);
  expect(from(20, coarse)).toEqual([20]);
  expect(from(252.5)).toEqual([252.5]);
});

test('bodyweight counts: ten per cent of 80 kg are 8 kg on the belt', () => {
  const belt = loadGrid('bodyweight', HALL);
  const loads = from(0, belt, 80);
  expect(loads.every((load) => load >= 0 && load <= 8)).toBe(true);
  expect(loads).toContain(7.5);
  expect(from(10, belt, 80).at(-1)).toBeLessThanOrEqual(19);
});
