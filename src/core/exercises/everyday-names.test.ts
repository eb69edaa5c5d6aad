import { LIBRARY } from './library';
import { everydayNames, NAMED_IDS } from './library/everyday-names';

test('every exercise of barbells, dumbbells, cables, machines or the body has another name, and every name its exercise', () => {
  const ids = new Set(LIBRARY.map(({ id }) => id));
  expect(NAMED_IDS.filter((id) => !ids.has(id))).toEqual([]);
  expect(LIBRARY.filter(({ id }) => everydayNames(id).length === 0).map(({ id }) => id)).toEqual([]);
});

test('no other name is the exercise’s own, and none stands twice', () => {
  for (const { id, name } of LIBRARY) {
    const names = everydayNames(id).map((one) => one.toLowerCase());
    expect(names).not.toContain(name.toLowerCase());
    expect(new Set(names).size).toBe(names.length);
  }
});

test('at least 220 exercises, each with a name of its own', () => {
  expect(LIBRARY.length).toBeGreaterThanOrEqual(220);
  expect(new Set(LIBRARY.map(({ name }) => name.toLowerCase())).size).toBe(LIBRARY.length);
  expect(new Set(LIBRARY.map(({ id }) => id)).size).toBe(LIBRARY.length);
});

test('a coach’s own has none', () => {
  expect(everydayNames('own-press')).toEqual([]);
});
