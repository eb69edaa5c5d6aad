import { catalogueWith } from '@/core';
import { searchNames } from '@/core/names';
import findSimilar from './find-similar';
import { findNamed } from './search-by-name';

const list = catalogueWith([]).list.map(({ id, name, equipment }) => ({
  id,
  label: name,
  names: searchNames({ id, name }),
  facts: equipment.join(' '),
}));
const first = (search: string) => findNamed(list, search, findSimilar)[0];

test.each([
  ['romanian deadlift', 'stiff-leg-deadlift'],
  ['RDL', 'stiff-leg-deadlift'],
  ['stiff legged deadlift', 'stiff-leg-deadlift'],
  ['skull crusher', 'lying-barbell-extension'],
  ['skullcrusher', 'lying-barbell-extension'],
  ['overhead press', 'standing-barbell-press'],
  ['military press', 'standing-barbell-press'],
  ['OHP', 'standing-barbell-press'],
  ['hammer curl', 'hammer-curl'],
  ['chin-up', 'chin-up'],
  ['chinup', 'chin-up'],
  ['underhand pull-up', 'chin-up'],
  ['squat', 'barbell-back-squat'],
  ['low to high chop', 'low-to-high-chop'],
  ['high to low chop', 'high-to-low-chop'],
  ['stiff-leg deadlift', 'stiff-leg-deadlift'],
  ['leg curl', 'seated-leg-curl'],
  ['glute ham raise', 'glute-ham-raise'],
  ['close grip pull-up', 'pull-up'],
  ['mixed-grip pull-up', 'pull-up'],
  ['trap bar deadlift', 'hexagon-bar-deadlift'],
  ['rack pull', 'rack-pull'],
  ['45 degree back extension', 'angled-back-extension'],
  ['pullup', 'pull-up'],
  ['pull up', 'pull-up'],
  ['incline fly', 'incline-dumbbell-fly'],
  ['incline dumbbell flye', 'incline-dumbbell-fly'],
  ['bulgarian', 'rear-foot-raised-split-squat'],
  ['bench press', 'barbell-bench-press'],
  ['lat pulldown', 'lat-pulldown'],
  ['face pull', 'face-height-cable-pull'],
  ['pec deck', 'fly-machine'],
  ['preacher curl', 'arm-pad-dumbbell-curl'],
  ['seal row', 'seal-row'],
  ['wood chop', 'high-to-low-chop'],
  ['nordic', 'kneeling-hamstring-lowering'],
  ['EZ bar curl', 'cambered-bar-curl'],
  ['dips', 'dip'],
])('“%s” finds %s first', (search, id) => {
  expect(first(search)?.item.id).toBe(id);
});

test.each([
  ['romainan deadlift', 'stiff-leg-deadlift'],
  ['skul crusher', 'lying-barbell-extension'],
  ['bulgarain split squat', 'rear-foot-raised-split-squat'],
  ['hamer curl', 'hammer-curl'],
  ['militery press', 'standing-barbell-press'],
])('misspelled “%s” still finds %s', (search, id) => {
  expect(
    findNamed(list, search, findSimilar)
      .slice(0, 3)
      .map(({ item }) => item.id),
  ).toContain(id);
});

test('a match by another name shows that name; a match by its own shows nothing', () => {
  expect(first('stiff-leg deadlift')?.by).toBe('stiff-leg deadlift');
  expect(first('romanian deadlift')?.by).toBeNull();
  expect(first('hammer curl')?.by).toBeNull();
});

test('words match in any order, in facts too; without similarity nothing is found', () => {
  expect(first('press incline dumbbell')?.item.id).toBe('incline-dumbbell-press');
  expect(findNamed(list, 'rings', findSimilar).every(({ item }) => item.facts.includes('rings'))).toBe(true);
  expect(findNamed(list, 'qqqqzzzz', findSimilar)).toEqual([]);
  // Until the matcher of misspellings has loaded, only exact spellings are found.
  expect(findNamed(list, 'bisep curl', null)).toEqual([]);
  expect(findNamed(list, 'bisep curl', findSimilar)).not.toEqual([]);
});

test('an empty search returns everything in the original order', () => {
  expect(findNamed(list, '  ', findSimilar).map(({ item }) => item.id)).toEqual(list.map(({ id }) => id));
});
