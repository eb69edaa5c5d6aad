import { loadGrid } from '@/core';
import { HALL } from '@/core/testing/fixtures';
import { checkEntry, readWholeSet, stepLoad } from './set-entry';

const stack = loadGrid('stack', HALL);
const body = loadGrid('bodyweight', HALL);

describe('a set’s three figures', () => {
  test('are read as typed, comma or point', () => {
    expect(checkEntry({ load: '62,5', reps: '8', rir: '1.5' }, stack)).toEqual({
      value: { load: 62.5, reps: 8, rir: 1.5 },
      problem: null,
      hint: null,
    });
    expect(checkEntry({ load: '−20', reps: '8', rir: '0' }, body).value).toEqual({
      load: -20,
      reps: 8,
      rir: 0,
    });
  });

  test.each([
    ['load', { load: 'heavy', reps: '8', rir: '2' }],
    ['reps', { load: '60', reps: '', rir: '2' }],
    ['reps', { load: '60', reps: '8.5', rir: '2' }],
    ['rir', { load: '60', reps: '8', rir: '31' }],
    ['load', { load: '99999', reps: '8', rir: '2' }],
  ] as const)('a wrong %s is named and nothing is logged', (field, entry) => {
    expect(checkEntry(entry, stack)).toMatchObject({ value: null, problem: { field } });
  });

  test('a load that cannot be made is a hint, not an error: the athlete did lift it', () => {
    const { value, hint } = checkEntry({ load: '61', reps: '8', rir: '2' }, stack);
    expect(value?.load).toBe(61);
    expect(hint).toContain('60 or 62.5 kg');
  });

  test('steps follow the loads the place can make and stop at the ends', () => {
    expect(stepLoad(60, 1, stack)).toBe(62.5);
    expect(stepLoad(61, -1, stack)).toBe(60);
    expect(stepLoad(61, 1, stack)).toBe(62.5);
    expect(stepLoad(5, -1, stack)).toBe(5);
    expect(stepLoad(252.5, 1, stack)).toBe(252.5);
    expect(stepLoad(0, -1, body)).toBe(-10);
  });
});

describe('a whole set typed into one field', () => {
  const now = { load: '60', reps: '8', rir: '2' };
  test.each([
    ['105x5@2', { load: '105', reps: '5', rir: '2' }],
    ['62,5 × 7 @ 1.5', { load: '62,5', reps: '7', rir: '1.5' }],
    ['70*6', { load: '70', reps: '6', rir: '2' }],
    ['x9@0', { load: '60', reps: '9', rir: '0' }],
    ['-20x5', { load: '-20', reps: '5', rir: '2' }],
  ])('%s', (text, expected) => {
    expect(readWholeSet(text, now)).toEqual(expected);
  });

  test.each(['105', '105x', '@2', 'x', '5@2', '105x5x3'])('%s is refused', (text) => {
    expect(readWholeSet(text, now)).toBeNull();
  });
});
