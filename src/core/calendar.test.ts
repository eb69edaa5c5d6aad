import fc from 'fast-check';
import { addDays, daysBetween, mondayOf, weekdayOf } from './calendar';

test('days cross months, leap days and summer time', () => {
  expect(addDays('2028-02-28', 1)).toBe('2028-02-29');
  expect(addDays('2026-12-31', 1)).toBe('2027-01-01');
  expect(addDays('2026-03-28', 2)).toBe('2026-03-30');
  expect(daysBetween('2026-11-02', '2026-11-30')).toBe(28);
  expect(weekdayOf('2026-11-24')).toBe(1);
  expect(mondayOf('2026-11-29')).toBe('2026-11-23');
});

test('adding days and counting them agree', () => {
  fc.assert(
    fc.property(
      fc.integer({ min: -2000, max: 2000 }),
      (days) => daysBetween('2026-11-24', addDays('2026-11-24', days)) === days,
    ),
  );
});
