import fc from 'fast-check';
import { jsonOf } from './json';

test('half a character becomes a sign, whole ones stay, also where somebody writes what looks like half of one', () => {
  expect(jsonOf({ note: ['cut \ud83d', '\udcaa there', 'whole 💪', 'typed \\ud800'] })).toBe(
    '{"note":["cut \ufffd","\ufffd there","whole 💪","typed \\\\ud800"]}',
  );
});

test('of whole characters it is the plain JSON', () => {
  fc.assert(
    fc.property(fc.jsonValue(), fc.string({ unit: 'grapheme' }), (value, text) => {
      expect(jsonOf([value, text])).toBe(JSON.stringify([value, text]));
    }),
  );
});
