import { block, session, slot } from '../../testing/fixtures';
import { defaultDeload } from './deload';
import { activeRestOf, restNear } from './rests-in-year';

const made = (deload: Parameters<typeof activeRestOf>[0]['deload']) =>
  block([session('a', 0, [slot('1', 'leg-press')])], { startDate: '2026-11-02', weeks: 4, deload });

test('active rest begins after the last building week; other deloads are none', () => {
  expect(activeRestOf(made([{ kind: 'active rest', weeks: 2 }]))).toBe('2026-11-30');
  expect(activeRestOf(made([{ kind: 'active rest', weeks: 4 }]))).toBe('2026-11-30');
  expect(activeRestOf(made([defaultDeload('fewer sets')].flat()))).toBeNull();
  expect(activeRestOf(made(null))).toBeNull();
});

test('a rest less than 52 weeks away is of the same year, whichever comes first; the latest is told', () => {
  expect(restNear(['2025-12-08'], '2026-12-06')).toBe('2025-12-08');
  expect(restNear(['2025-12-07'], '2026-12-06')).toBeNull();
  expect(restNear(['2027-12-04'], '2026-12-06')).toBe('2027-12-04');
  expect(restNear(['2027-12-05'], '2026-12-06')).toBeNull();
  expect(restNear(['2026-03-02', '2026-08-03', '2024-01-01'], '2026-12-06')).toBe('2026-08-03');
});
