import { catalogueWith, exerciseById, LIBRARY, presetPlace, primeMovers } from '@/core';
import * as parts from '@/ui/search-parts';
import { EVERYTHING, filtered } from './filter';

const own = {
  ...(exerciseById('leg-press') ?? LIBRARY[0]),
  id: 'own-x',
  name: 'attic press',
} as (typeof LIBRARY)[number];
const { list } = catalogueWith([own]);
const isOwn = ({ id }: { id: string }) => id.startsWith('own-');
const find = (part: Partial<typeof EVERYTHING>) => filtered(list, { ...EVERYTHING, ...part }, isOwn, parts);

test('without filters everything is listed', () => {
  expect(find({})).toHaveLength(LIBRARY.length + 1);
});

test('words match in any order, in name, pattern, equipment or variant', () => {
  expect(find({ text: 'squat hack' }).map(({ id }) => id)).toEqual(['hack-squat']);
  expect(find({ text: 'feet high' }).map(({ id }) => id)).toContain('leg-press');
  expect(find({ text: 'curl' })[0]?.name.includes('curl')).toBe(true);
});

test('by muscle: prime movers first, then assisting muscles', () => {
  const chest = find({ muscle: 'chest' });
  const firstAssisting = chest.findIndex((exercise) => !primeMovers(exercise).includes('chest'));
  expect(chest.slice(firstAssisting).every((exercise) => !primeMovers(exercise).includes('chest'))).toBe(
    true,
  );
  expect(firstAssisting).toBeGreaterThan(5);
});

test('by place, irritated joint, pattern, and custom only', () => {
  const home = { name: 'home', equipment: presetPlace('home gym', 'kg', 'h').equipment };
  expect(find({ place: home }).some(({ equipment }) => equipment.includes('machine'))).toBe(false);
  expect(find({ muscle: 'quads', spare: 'low back' }).some(({ id }) => id === 'barbell-back-squat')).toBe(
    false,
  );
  expect(find({ pattern: 'wrist' }).every(({ pattern }) => pattern === 'wrist')).toBe(true);
  expect(find({ ownOnly: true })).toEqual([own]);
});
