import { readShares, sharesText } from './shares-text';

test('reads shares as written, with abbreviated muscles and decimal commas', () => {
  expect(readShares('glutes 1, quads 0.5')).toEqual({ ok: true, value: { glutes: 1, quads: 0.5 } });
  expect(readShares('upper back ,75; spinal 0')).toEqual({
    ok: true,
    value: { 'upper back': 0.75, 'spinal erectors': 0 },
  });
  expect(readShares(' ')).toEqual({ ok: true, value: {} });
  expect(sharesText({ glutes: 1, quads: 0.5 })).toBe('glutes 1, quads 0.5');
});

test('an unknown or ambiguous muscle, or a missing share, is refused', () => {
  for (const text of ['wings 1', 'tr 1', 'quads 2', 'quads']) expect(readShares(text).ok).toBe(false);
});

test('a share above 1 names the muscle and its limits', () => {
  expect(readShares('quads 1, hamstrings 2')).toMatchObject({
    problems: [{ code: 'out-of-range', field: 'the share of hamstrings', low: 0, high: 1, value: 2 }],
  });
});
