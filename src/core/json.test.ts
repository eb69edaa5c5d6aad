import fc from 'fast-check';
import { safeJson } from './json';

test('lone surrogates are replaced, whole characters stay, and so does text that looks like an escaped surrogate', () => {
  expect(safeJson({ note: ['cut \ud83d', '\udcaa there', 'whole 💪', 'typed \\ud800'] })).toBe(
    '{"note":["cut \ufffd","\ufffd there","whole 💪","typed \\\\ud800"]}',
  );
});

test('for whole characters the result is plain JSON', () => {
  fc.assert(
    fc.property(fc.jsonValue(), fc.string({ unit: 'grapheme' }), (value, text) => {
      expect(safeJson([value, text])).toBe(JSON.stringify([value, text]));
    }),
  );
});
