import fc from 'fast-check';
import { addDays, mondayOf, weekdayOf } from './calendar';

test('days cross months, leap days and daylight saving', () => {
  expect(addDays('2028-02-28', 1)).toBe('2028-02-29');
  expect(addDays('2026-12-31', 1)).toBe('2027-01-01');
  expect(addDays('2026-03-28', 2)).toBe('2026-03-30');
  expect(weekdayOf('2026-11-24')).toBe(1);
  expect(mondayOf('2026-11-29')).toBe('2026-11-23');
});

test('going forward and back by the same days returns to the start, and weekdays repeat every seven', () => {
  fc.assert(
    fc.property(fc.integer({ min: -2000, max: 2000 }), (days) => {
      const there = addDays('2026-11-24', days);
      expect(addDays(there, -days)).toBe('2026-11-24');
      expect(weekdayOf(there)).toBe((((1 + days) % 7) + 7) % 7);
    }),
  );
});
