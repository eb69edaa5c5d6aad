import fc from 'fast-check';
import { addDays, daysBetween } from '../calendar';
import { block } from '../testing/fixtures';
import { blockSpan } from './block-span';

test('four weeks and a deload from a Monday are five weeks, the deload last', () => {
  expect(blockSpan(block([], { weeks: 4 }))).toEqual({
    from: '2026-11-02',
    to: '2026-12-06',
    deloads: [{ from: '2026-11-30', to: '2026-12-06' }],
    pauses: [],
  });
});

test('a pause and an early deload delay what comes after them', () => {
  const span = blockSpan(
    block([], { weeks: 4, deload: null, earlyDeloads: [3], pauses: [{ after: 1, days: 7 }] }),
  );
  // Week 1, a one-week pause, week 2, the deload, weeks 4 and 5.
  expect(span.pauses).toEqual([{ from: '2026-11-09', to: '2026-11-15' }]);
  expect(span.deloads).toEqual([{ from: '2026-11-23', to: '2026-11-29' }]);
  expect(span.to).toBe('2026-12-13');
});

test('moving a block by some days moves all of it', () => {
  fc.assert(
    fc.property(fc.integer({ min: -400, max: 400 }), fc.integer({ min: 1, max: 16 }), (by, weeks) => {
      const of = block([], { weeks });
      const [was, is] = [blockSpan(of), blockSpan({ ...of, startDate: addDays(of.startDate, by) })];
      expect(daysBetween(was.to, is.to)).toBe(by);
      expect(is.deloads).toEqual(
        was.deloads.map(({ from, to }) => ({ from: addDays(from, by), to: addDays(to, by) })),
      );
    }),
  );
});
