import fc from 'fast-check';
import { DELOAD_KINDS, type DeloadAdvice, type DeloadMeasure, defaultDeload } from '@/core';
import { adviceSentence, deloadText, measureSentence, readDeload, SUITS } from './deloads';

const share = fc.integer({ min: 20, max: 80 }).map((hundredth) => hundredth / 100);
const anyMeasure: fc.Arbitrary<DeloadMeasure> = fc.oneof(
  fc.record({
    kind: fc.constant('fewer sets' as const),
    sets: share,
    reps: fc.constantFrom('cut' as const, 'kept' as const),
  }),
  fc.constantFrom(...DELOAD_KINDS).map((kind) => defaultDeload(kind)),
);

test('shown as its kind with its figure, several joined', () => {
  expect(DELOAD_KINDS.map((kind) => deloadText([defaultDeload(kind)]))).toEqual([
    'fewer sets × 0.4',
    'lighter × 0.85',
    'both × 0.4',
    'easier RIR 5',
    'fewer days',
    'fewer exercises',
    'less time 30 min',
    'one heavy touch',
    'active rest 2 wk',
  ]);
  expect(deloadText(null)).toBe('none');
  expect(deloadText([defaultDeload('easier'), defaultDeload('fewer days')])).toBe(
    'easier RIR 5 + fewer days',
  );
});

test('what is written is read back the same', () => {
  fc.assert(
    fc.property(fc.array(anyMeasure, { minLength: 1, maxLength: 3 }), (deload) => {
      expect(readDeload(deloadText(deload), 'deload')).toEqual({ ok: true, value: deload });
    }),
  );
});

test('short forms are accepted: a bare share, a percentage, half of the max, none', () => {
  expect(readDeload('× 0.5', '')).toEqual({
    ok: true,
    value: [{ ...defaultDeload('fewer sets'), sets: 0.5 }],
  });
  expect(readDeload('sets 50 %', '')).toEqual({
    ok: true,
    value: [{ ...defaultDeload('fewer sets'), sets: 0.5 }],
  });
  expect(readDeload('light, half max', '')).toEqual({
    ok: true,
    value: [{ ...defaultDeload('lighter'), half: true }],
  });
  expect(readDeload(' none ', '')).toEqual({ ok: true, value: null });
});

test('an invalid deload is refused with an example', () => {
  expect(readDeload('fewer days + a holiday', 'deload')).toEqual({
    ok: false,
    problems: [{ code: 'not-understood', path: 'deload', text: 'a holiday', example: 'fewer sets × 0.4' }],
  });
});

test('every kind says what it does and whom it suits', () => {
  for (const kind of DELOAD_KINDS) {
    expect(measureSentence(defaultDeload(kind))).toMatch(/^[×A-Z\d].+\.$/);
    expect(SUITS[kind]).not.toBe('');
  }
  expect(measureSentence({ kind: 'fewer sets', sets: 0.5, reps: 'kept' })).toBe(
    'Sets × 0.5, at least one per exercise, at the same loads; same reps. The usual choice.',
  );
});

test.each<[DeloadAdvice['because'], DeloadAdvice['verdict'], string]>([
  ['signs', 'propose', 'Fatigue score 7 of 14: time for a deload.'],
  ['signs', 'urge', 'Fatigue score 7 of 14: deload urgently recommended.'],
  [
    'eager and fresh',
    'not needed',
    'Fatigue score 7 of 14, and motivation is high: probably no deload needed.',
  ],
  ['novice', 'wait', 'Fatigue score 7 of 14: novices rarely need a planned deload.'],
  ['not yet', 'wait', 'Fatigue score 7 of 14: no deload needed yet.'],
])('%s, %s', (because, verdict, sentence) => {
  expect(adviceSentence({ sum: 7, verdict, because, needed: false, kinds: [] })).toBe(sentence);
});
