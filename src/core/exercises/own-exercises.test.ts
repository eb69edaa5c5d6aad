import { catalogueWith, variationChain } from './catalogue';
import type { Exercise } from './exercise';
import { decodeExercise } from './exercise-codec';
import { exerciseById, LIBRARY } from './library';
import { inVariant, variantName } from './variant';

const press = exerciseById('leg-press') as Exercise;
const own: Exercise = { ...press, id: 'own-1', name: 'garage leg press' };

test('leg press with feet high: glutes a whole set, quads half, adductors unchanged', () => {
  const high = inVariant(press, 'feet-high');
  expect(high.contributions).toEqual({ quads: 0.5, glutes: 1, hamstrings: 0.25, adductors: 0.5 });
  expect(variantName(press, 'feet-high')).toBe('leg press, feet high');
  expect(inVariant(press, 'feet-high')).toBe(high);
  expect(inVariant(press, null)).toBe(press);
  expect(inVariant(press, 'gone')).toBe(press);
});

test('a block keeps its pinned revision; the list has the newest', () => {
  const later = { ...own, revision: 2, name: 'garage leg press, narrow' };
  const catalogue = catalogueWith([later, own]);
  expect(catalogue.find({ id: 'own-1', revision: 1 })?.name).toBe('garage leg press');
  expect(catalogue.newest('own-1')?.revision).toBe(2);
  expect(catalogue.list.filter(({ id }) => id === 'own-1')).toEqual([later]);
  expect(catalogue.list.length).toBe(LIBRARY.length + 1);
  expect(catalogue.find({ id: 'own-1', revision: 3 })).toBeUndefined();
});

test('a chain goes from easier to harder', () => {
  const pushUp = exerciseById('push-up') as Exercise;
  expect(variationChain(pushUp, { list: LIBRARY }).map(({ id }) => id)).toEqual([
    'knee-push-up',
    'push-up',
    'ring-push-up',
    'archer-push-up',
  ]);
  expect(variationChain(press, { list: LIBRARY })).toEqual([]);
});

test.each([
  ['no name', { name: ' ' }, 'name-missing'],
  ['nothing it moves first', { contributions: { quads: 0.5 } }, 'no-prime-mover'],
  ['a compound that trains one muscle', { contributions: { quads: 1 } }, 'compound-alone'],
  ['a tempo that is none', { tempo: 'slow' }, 'tempo'],
  ['bodyweight that is not lifted', { bodyweightShare: 0.5 }, 'bodyweight-share'],
  ['reps without a load', { loading: 'none' }, 'nothing-to-progress'],
  ['a share above one', { contributions: { quads: 1.5 } }, 'malformed'],
  ['an unknown joint', { joints: ['jaw'] }, 'malformed'],
])('%s is refused', (_name, changes, code) => {
  const decoded = decodeExercise({ ...own, ...changes });
  expect(decoded.ok ? [] : decoded.problems.map((problem) => problem.code)).toContain(code);
});
