import { searchNames } from '../names';
import { catalogueWith, variationChain, withOwnFacts } from './catalogue';
import type { Exercise } from './exercise';
import { exerciseById, LIBRARY } from './library';

const press = exerciseById('flat-dumbbell-press') as Exercise;
const own = (revision: number, changes: Partial<Exercise> = {}): Exercise => ({
  ...press,
  id: 'own-press',
  name: 'attic press',
  revision,
  ...changes,
});

test('the list has the newest revision, whatever the order; every revision is found by its number', () => {
  for (const revisions of [
    [1, 2, 3],
    [3, 1, 2],
  ]) {
    const catalogue = catalogueWith(revisions.map((revision) => own(revision, { stimulus: 3 })));
    expect(catalogue.newest('own-press')?.revision).toBe(3);
    expect(catalogue.list.filter(({ id }) => id === 'own-press').map(({ revision }) => revision)).toEqual([
      3,
    ]);
    for (const revision of [1, 2, 3])
      expect(catalogue.find({ id: 'own-press', revision })?.revision).toBe(revision);
    expect(catalogue.find({ id: 'own-press', revision: 4 })).toBeUndefined();
  }
});

test('the list is sorted by name and has no unfilled slots', () => {
  const { list, newest } = catalogueWith([own(1)]);
  expect(list).toHaveLength(LIBRARY.length + 1);
  const names = list.map(({ name }) => name);
  expect(names).toEqual([...names].sort((a, b) => a.localeCompare(b)));
  expect(list.some(({ id }) => id.startsWith('open-'))).toBe(false);
  expect(newest('open-hinge')?.name).toBe('any hinge');
  expect(newest('nobody')).toBeUndefined();
});

test('a chain goes from easier to harder, from any of its exercises; others have none', () => {
  const catalogue = catalogueWith([]);
  const lever = variationChain(exerciseById('front-lever') as Exercise, catalogue);
  expect(lever.map(({ id }) => id)).toEqual(['tucked-front-lever', 'one-leg-front-lever', 'front-lever']);
  expect(variationChain(exerciseById('tucked-front-lever') as Exercise, catalogue)).toEqual(lever);
  expect(variationChain(press, catalogue)).toEqual([]);
});

test('a coach’s own name replaces the shipped one in every list, and search still finds the old one', () => {
  const catalogue = catalogueWith(withOwnFacts([], { 'leg-press': { name: 'sled press' } }));
  expect(catalogue.newest('leg-press')?.name).toBe('sled press');
  expect(catalogue.find({ id: 'leg-press', revision: 1 })?.name).toBe('sled press');
  expect(catalogue.list.filter(({ id }) => id === 'leg-press')).toHaveLength(1);
  expect(searchNames({ id: 'leg-press', name: 'sled press' })).toContain('leg press');
  expect(searchNames({ id: 'leg-press', name: 'leg press' })).not.toContain('leg press');
});

test('a name applies to every revision of a custom exercise', () => {
  const press = exerciseById('leg-press');
  if (press === undefined) throw new Error('no leg press');
  const own = [1, 2].map((revision) => ({ ...press, id: 'own-1', revision, name: 'old' }));
  expect(withOwnFacts(own, { 'own-1': { name: 'new' } }).map(({ name }) => name)).toEqual(['new', 'new']);
});
