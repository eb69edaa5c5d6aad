import { LIBRARY } from './library';
import { describedAs } from './library/described-as';
import { everydayNames, NAMED_IDS } from './library/everyday-names';

test('every barbell, dumbbell, cable, machine or bodyweight exercise has search names, and every entry has its exercise', () => {
  const ids = new Set(LIBRARY.map(({ id }) => id));
  expect(NAMED_IDS.filter((id) => !ids.has(id))).toEqual([]);
  expect(LIBRARY.filter(({ id }) => everydayNames(id).length === 0).map(({ id }) => id)).toEqual([]);
});

test("no search name repeats the exercise's own, and none appears twice", () => {
  for (const { id, name } of LIBRARY) {
    const names = everydayNames(id).map((one) => one.toLowerCase());
    expect(names).not.toContain(name.toLowerCase());
    expect(new Set(names).size).toBe(names.length);
  }
});

test('at least 220 exercises have names of their own', () => {
  expect(LIBRARY.length).toBeGreaterThanOrEqual(220);
  expect(new Set(LIBRARY.map(({ name }) => name.toLowerCase())).size).toBe(LIBRARY.length);
  expect(new Set(LIBRARY.map(({ id }) => id)).size).toBe(LIBRARY.length);
});

test('a custom exercise has no search names', () => {
  expect(everydayNames('own-press')).toEqual([]);
});

/** Surnames of coaches that exercises are sometimes named after. We do not use them. */
const SURNAMES = ['bayes', 'kelso', 'meadows', 'pendlay', 'yates', 'poliquin', 'gironda', 'dorian'];

test('no exercise is named after a coach, not even in search', () => {
  const all = LIBRARY.flatMap(({ id, name }) => [name, describedAs(id) ?? '', ...everydayNames(id)]);
  expect(all.filter((name) => SURNAMES.some((surname) => name.toLowerCase().includes(surname)))).toEqual([]);
});

/** Words that come from a person or a brand: found in search, never shown. */
const SEARCH_ONLY = ['smith', 'arnold', 'zercher', 'pallof', 'scott', 'trx', 'pec deck'];

test('names after a person or a brand are search words only', () => {
  const named = LIBRARY.filter(({ name }) => SEARCH_ONLY.some((word) => name.toLowerCase().includes(word)));
  expect(named.map(({ name }) => name)).toEqual([]);
});

test('exercises are shown under the names people use', () => {
  const names = new Set(LIBRARY.map(({ name }) => name));
  for (const name of [
    'Romanian deadlift',
    'Bulgarian split squat',
    'dumbbell preacher curl',
    'skull crusher',
    'face pull',
    'trap-bar deadlift',
    'lat pulldown',
    'chin-up',
    'pec fly machine',
    '45-degree back extension',
    'EZ-bar curl',
    'rack pull',
    'glute-ham raise',
    'one-arm cable press',
    'heels-raised goblet squat',
    'dumbbell upright row',
    'straight-bar dip',
    'decline push-up',
    'wide push-up',
    'planche push-up',
    'front lever row',
    'assisted one-arm chin-up',
    'one-arm chin-up',
    'iron cross',
    'maltese',
  ])
    expect([name, names.has(name)]).toEqual([name, true]);
});
