import fc from 'fast-check';
import { readSet } from './read-set';
import { readSets } from './sets-text';
import { setAtRirWithUnit } from './words/figures';

const read = (text: string, isSets = false) => readSets(text, () => isSets);

test.each([
  ['107.5 × 10 @2', { load: 107.5, reps: 10, rir: 2 }],
  ['107,5x10@2', { load: 107.5, reps: 10, rir: 2 }],
  ['100 × 13, 12, 11', { load: 100, sets: 3, reps: 13 }],
  ['100 × 13, 12, 11 @3, 2, 2', { load: 100, sets: 3, reps: 13, rir: 3 }],
  ['107.5 × 10 @4; 95 × 15, 14, 12', { load: 107.5, reps: 10, rir: 4 }],
  ['3 × 12 at 60', { sets: 3, reps: 12, load: 60 }],
  ['3 x 12 at bw+5 @1', { sets: 3, reps: 12, load: 5, rir: 1 }],
  ['bw × 8', { load: 0, reps: 8 }],
  ['bw+10 × 6', { load: 10, reps: 6 }],
  ['bw−15 × 8', { load: -15, reps: 8 }],
  ['−15 × 8', { load: -15, reps: 8 }],
  ['~15 × 12', { load: 15, reps: 12 }],
  ['25 × 12+5', { load: 25, reps: 12 }],
  ['25 × 12+5, 10+5', { load: 25, sets: 2, reps: 12 }],
  ['60 × 10+4+4', { load: 60, reps: 10 }],
  ['60 × 30, 20, 6 =56', { load: 60, sets: 3, reps: 30 }],
  ['60 × 9~ 7:42', { load: 60, reps: 9 }],
  ['24 × 30 s', { load: 24, reps: 30 }],
  ['30 s, 27 s', { sets: 2, reps: 30 }],
  ['85 × 3 @5+', { load: 85, reps: 3 }],
  ['85 × 3, 3, 3 @5+, 5+, 5', { load: 85, sets: 3, reps: 3 }],
  ['40 s', { reps: 40 }],
  ['find × 8', { reps: 8 }],
  ['12, 11, 10', { sets: 3, reps: 12 }],
  ['12', { reps: 12 }],
  ['12 @1', { reps: 12, rir: 1 }],
  ['4 sets', { sets: 4 }],
  ['4 sets at 60 @2', { sets: 4, load: 60, rir: 2 }],
  ['4×', { sets: 4 }],
  ['at 60', { load: 60 }],
  ['@2', { rir: 2 }],
  // As written by earlier versions.
  ['4×8·60@2', { sets: 4, reps: 8, load: 60, rir: 2 }],
  ['10·107.5', { reps: 10, load: 107.5 }],
  ['12 11 10·45', { sets: 3, reps: 12, load: 45 }],
  ['3×8 −15', { sets: 3, reps: 8, load: -15 }],
  ['·60', { load: 60 }],
])('reads %s', (text, sets) => {
  expect(read(text)).toEqual(sets);
});

test('4 × 8 is a load of 4 unless the caller expects sets', () => {
  expect(read('4 × 8')).toEqual({ load: 4, reps: 8 });
  expect(read('4 × 8', true)).toEqual({ sets: 4, reps: 8 });
});

test.each(['', 'x', '×8', 'ten', '8 @', '60 × ', 'at'])('does not read %j', (text) => {
  expect(read(text)).toBeUndefined();
});

test('one load with any reps is read back as shown', () => {
  const hundredths = fc.integer({ min: 1, max: 40000 }).map((each) => each / 4);
  fc.assert(
    fc.property(
      hundredths,
      fc.array(fc.integer({ min: 1, max: 40 }), { minLength: 1, maxLength: 6 }),
      (load, reps) => {
        const [first = 0] = reps;
        expect(read(`${load} × ${reps.join(', ')}`)).toEqual({
          load,
          reps: first,
          ...(reps.length > 1 ? { sets: reps.length } : {}),
        });
      },
    ),
  );
});

test.each([
  ['62.5 kg × 10 @2', 62.5, 10, 2, 'stack'],
  ['bw−15 kg × 8 @1.5', -15, 8, 1.5, 'bodyweight'],
  ['bw+10 kg × 6 @2', 10, 6, 2, 'bodyweight'],
  ['bw × 8 @2', 0, 8, 2, 'bodyweight'],
] as const)('a best set is shown as “%s” and read back from it', (text, value, reps, rir, loading) => {
  expect(setAtRirWithUnit(value, reps, rir, { loading, measure: 'reps' }, 'kg')).toBe(text);
  expect(readSet(text, { loading }, 'lb', 'set')).toEqual({
    ok: true,
    value: { load: { value, unit: text.includes('kg') ? 'kg' : 'lb' }, reps, rir },
  });
});
