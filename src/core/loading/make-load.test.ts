import fc from 'fast-check';
import { LOADINGS } from '../exercises/exercise';
import { HALL } from '../testing/fixtures';
import { asHundredths } from '../units';
import { isMakeable, loadGrid } from './grid';
import { loadRecipe } from './make-load';
import { PLACE_KINDS, presetPlace, steps } from './place-presets';
import { UNITS } from './weight';

test('87.5 on a 20 bar: 33.75 a side is 25 + 5 + 2.5 + 1.25', () => {
  expect(loadRecipe(87.5, 'barbell', HALL)).toMatchObject({ kind: 'plates', perSide: [25, 5, 2.5, 1.25] });
});

test('a plate-loaded machine starts at its own weight: 70 is 10 + two of 20 and 10 a side', () => {
  expect(loadRecipe(70, 'plate-loaded', HALL)).toMatchObject({ kind: 'plates', bar: 10, perSide: [20, 10] });
});

test('a stack: pin and add-ons; loose plates only past its end', () => {
  expect(loadRecipe(47.5, 'stack', HALL)).toMatchObject({ kind: 'pin', pin: 45, extras: [2.5] });
  const loose = { ...HALL, stack: { ...HALL.stack, last: 100, loosePlates: [5, 10] } };
  expect(loadRecipe(117.5, 'stack', loose)).toMatchObject({ kind: 'pin', pin: 100, extras: [10, 5, 2.5] });
  expect(loadRecipe(120, 'stack', loose)).toEqual({
    kind: 'not makeable',
    unit: 'kg',
    below: 117.5,
    above: null,
  });
});

test('dumbbells, belt, assistance, bands, no load, and loads that cannot be made', () => {
  expect(loadRecipe(24, 'dumbbell', HALL)).toMatchObject({ kind: 'pair', weight: 24 });
  expect(loadRecipe(12.5, 'bodyweight', HALL)).toMatchObject({ kind: 'added', pieces: [10, 2.5] });
  expect(loadRecipe(-20, 'bodyweight', HALL)).toMatchObject({ kind: 'assisted', assistance: 20 });
  expect(loadRecipe(0, 'bodyweight', HALL)).toEqual({ kind: 'bodyweight alone' });
  expect(loadRecipe(16, 'band', HALL)).toMatchObject({ kind: 'band', band: 'medium' });
  expect(loadRecipe(0, 'none', HALL)).toEqual({ kind: 'bodyweight alone' });
  expect(loadRecipe(25, 'dumbbell', HALL)).toEqual({
    kind: 'not makeable',
    unit: 'kg',
    below: 24,
    above: 26,
  });
});

const weightOf = (recipe: ReturnType<typeof loadRecipe>): number => {
  const sum = (list: readonly number[]) => list.reduce((total, one) => total + one, 0);
  switch (recipe.kind) {
    case 'plates':
      return recipe.bar + 2 * sum(recipe.perSide);
    case 'pin':
      return recipe.pin + sum(recipe.extras);
    case 'added':
      return sum(recipe.pieces);
    case 'assisted':
      return -recipe.assistance;
    case 'pair':
    case 'band':
      return recipe.weight;
    case 'bodyweight alone':
      return 0;
    case 'not makeable':
      return Number.NaN;
  }
};

test('every load of every default place has a recipe with exactly that weight', () => {
  fc.assert(
    fc.property(
      fc.constantFrom(...PLACE_KINDS),
      fc.constantFrom(...UNITS),
      fc.constantFrom(...LOADINGS),
      fc.nat(),
      (kind, unit, loading, pick) => {
        const { loads } = presetPlace(kind, unit, 'p');
        const grid = loadGrid(loading, loads);
        const load = grid.steps[pick % Math.min(200, grid.steps.length)] as number;
        expect(isMakeable(grid, asHundredths(load))).toBe(true);
        expect(weightOf(loadRecipe(load / 100, loading, loads)) * 100).toBeCloseTo(load, 6);
      },
    ),
  );
});

test('a full gym: cables in small steps, heavy machines that reach 250 kg, dumbbells to 50 kg and 120 lb', () => {
  const top = (loading: (typeof LOADINGS)[number], unit: 'kg' | 'lb') =>
    (loadGrid(loading, presetPlace('full gym', unit, 'p').loads).steps.at(-1) ?? 0) / 100;
  expect(loadGrid('cable', presetPlace('full gym', 'kg', 'p').loads).steps.slice(0, 3)).toEqual([
    250, 500, 750,
  ]);
  expect([top('cable', 'kg'), top('stack', 'kg')]).toEqual([100, 122.5]);
  expect(top('heavy stack', 'kg')).toBeGreaterThanOrEqual(250);
  expect([top('dumbbell', 'kg'), top('dumbbell', 'lb')]).toEqual([50, 120]);
});

test('steps run from first to last without losing hundredths', () => {
  expect(steps(1.25, 5, 1.25)).toEqual([1.25, 2.5, 3.75, 5]);
  expect(steps(5, 4, 1)).toEqual([]);
});
