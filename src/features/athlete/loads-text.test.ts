import fc from 'fast-check';
import { bandsText, platesText, readBands, readPlates, readWeights, weightsText } from './loads-text';

const value = <T>(result: { ok: true; value: T } | { ok: false; problems: readonly unknown[] }): T => {
  if (!result.ok) throw new Error(JSON.stringify(result.problems));
  return result.value;
};

test('weights one by one and as ranges, decimal commas too', () => {
  expect(value(readWeights('2-10/2, 12.5 15'))).toEqual([2, 4, 6, 8, 10, 12.5, 15]);
  expect(value(readWeights('1,25; 2,5'))).toEqual([1.25, 2.5]);
  expect(value(readWeights('5 - 20 / 5'))).toEqual([5, 10, 15, 20]);
  expect(value(readWeights(''))).toEqual([]);
  expect(weightsText([2, 4, 6, 8, 10, 12.5, 15])).toBe('2-10/2 12.5 15');
  expect(readWeights('heavy ones').ok).toBe(false);
  expect(readWeights('', 1).ok).toBe(false);
});

test('plates as weight × pairs; a weight alone is one pair', () => {
  expect(value(readPlates('25x3 20 x 2, 1,25'))).toEqual([
    { weight: 25, pairs: 3 },
    { weight: 20, pairs: 2 },
    { weight: 1.25, pairs: 1 },
  ]);
  expect(platesText([{ weight: 25, pairs: 3 }])).toBe('25×3');
  expect(readPlates('25x0').ok).toBe(false);
  expect(readPlates('25y3').ok).toBe(false);
});

test('bands by name and pull', () => {
  expect(value(readBands('heavy red 40, light 7'))).toEqual([
    { name: 'light', weight: 7 },
    { name: 'heavy red', weight: 40 },
  ]);
  expect(readBands('light').ok).toBe(false);
  expect(readBands('').ok).toBe(false);
});

test('what is written can be read back', () => {
  const quarter = fc.integer({ min: 1, max: 400 }).map((at) => at / 4);
  fc.assert(
    fc.property(fc.uniqueArray(quarter, { maxLength: 30 }), (list) => {
      const weights = [...list].sort((a, b) => a - b);
      expect(value(readWeights(weightsText(weights)))).toEqual(weights);
    }),
  );
  fc.assert(
    fc.property(
      fc.uniqueArray(quarter, { maxLength: 12 }),
      fc.integer({ min: 1, max: 20 }),
      (list, pairs) => {
        const plates = [...list].sort((a, b) => b - a).map((weight) => ({ weight, pairs }));
        expect(value(readPlates(platesText(plates)))).toEqual(plates);
      },
    ),
  );
  const word = fc.stringMatching(/^[a-z]{1,8}$/);
  fc.assert(
    fc.property(fc.uniqueArray(fc.tuple(word, quarter), { minLength: 1, selector: ([, w]) => w }), (list) => {
      const bands = list.map(([name, weight]) => ({ name, weight })).sort((a, b) => a.weight - b.weight);
      expect(value(readBands(bandsText(bands)))).toEqual(bands);
    }),
  );
});
