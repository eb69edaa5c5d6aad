import fc from 'fast-check';
import { LOADINGS } from '../exercises/exercise';
import { HALL } from '../testing/fixtures';
import { asHundredths } from '../units';
import { indexAtOrAbove, isMakeable, loadGrid, nearestLoad, neighbours, startingLoad } from './grid';

const barbell = loadGrid('barbell', HALL);
const stack = loadGrid('stack', HALL);

test('a bar of 20 with pairs of 1.25 upward makes 22.5 and 102.5, not 101', () => {
  expect(barbell.steps[0]).toBe(2000);
  expect(isMakeable(barbell, asHundredths(2250))).toBe(true);
  expect(isMakeable(barbell, asHundredths(10250))).toBe(true);
  expect(isMakeable(barbell, asHundredths(10100))).toBe(false);
});

test('a stack of fives with a 2.5 add-on exceeds its last pin by the add-on', () => {
  expect(stack.steps.slice(0, 4)).toEqual([500, 750, 1000, 1250]);
  expect(stack.steps.at(-1)).toBe(25250);
});

test('bodyweight loads range from assistance through zero to added weight', () => {
  const grid = loadGrid('bodyweight', HALL);
  expect(grid.steps.slice(0, 6)).toEqual([-4000, -3000, -2000, -1000, 0, 125]);
});

test('plate-loaded machines start at their own weight; loose plates continue past the last pin; bands are their levels', () => {
  expect(loadGrid('plate-loaded', HALL).steps.slice(0, 4)).toEqual([1000, 1500, 2000, 2500]);
  const loose = { ...HALL, stack: { ...HALL.stack, last: 20, loosePlates: [10] } };
  expect(loadGrid('stack', loose).steps.slice(-4)).toEqual([2000, 2250, 3000, 3250]);
  expect(loadGrid('band', HALL).steps).toEqual([800, 1600, 2800]);
  expect(loadGrid('none', HALL).steps).toEqual([0]);
});

test('the lower load on a tie; the last one beyond an end', () => {
  expect(nearestLoad(stack, asHundredths(875))).toBe(750);
  expect(nearestLoad(stack, asHundredths(876))).toBe(1000);
  expect(nearestLoad(stack, asHundredths(1))).toBe(500);
  expect(nearestLoad(stack, asHundredths(99999))).toBe(25250);
  expect(neighbours(stack, asHundredths(600))).toEqual({ below: 500, above: 750 });
});

test('rounding returns a makeable load, and none is nearer', () => {
  fc.assert(
    fc.property(fc.constantFrom(...LOADINGS), fc.integer({ min: -5000, max: 40000 }), (loading, load) => {
      const grid = loadGrid(loading, HALL);
      const near = nearestLoad(grid, asHundredths(load));
      expect(isMakeable(grid, near)).toBe(true);
      const at = indexAtOrAbove(grid, near);
      for (const other of [grid.steps[at - 1], grid.steps[at + 1]]) {
        if (other !== undefined) expect(Math.abs(load - near)).toBeLessThanOrEqual(Math.abs(load - other));
      }
    }),
  );
});

test('an unknown athlete starts with the lightest load; with bodyweight without belt and assistance', () => {
  expect(startingLoad(loadGrid('barbell', HALL))).toBe(20);
  expect(startingLoad(loadGrid('bodyweight', HALL))).toBe(0);
});
