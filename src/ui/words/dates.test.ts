import fc from 'fast-check';
import { day, dayFrom, hourOf, longDay, moment, shortDay, timeOfDay } from './dates';

const TODAY = '2026-11-26';

test('days are written as people say them, with the year if it is not this one', () => {
  expect(day('2026-11-09', TODAY)).toBe('Mon 9 Nov');
  expect(day('2027-01-04', TODAY)).toBe('Mon 4 Jan 2027');
  expect(longDay('2026-11-09')).toBe('Mon 9 Nov 2026');
  expect(shortDay('2026-11-09')).toBe('9 Nov');
});

test.each([
  ['2026-11-09', '2026-11-09'],
  ['Mon 9 Nov 2026', '2026-11-09'],
  ['Monday, 9 November 2026', '2026-11-09'],
  ['9 nov', '2026-11-09'],
  ['Nov 9, 2026', '2026-11-09'],
  ['9.11.2026', '2026-11-09'],
  ['9/11/2026', '2026-11-09'],
  ['4 Jan', '2027-01-04'],
  ['29 Feb', '2028-02-29'],
])('“%s” is %s', (text, date) => {
  expect(dayFrom(text, text === '29 Feb' ? '2028-01-10' : TODAY)).toBe(date);
});

test.each(['31 Feb 2026', 'soon', '', '2026-13-01', '2026-02-30', '99'])('“%s” is not a day', (text) => {
  expect(dayFrom(text, TODAY)).toBeUndefined();
});

test('every written day is read back', () => {
  const date = fc
    .integer({ min: Date.parse('2015-01-01') / 86_400_000, max: Date.parse('2040-12-31') / 86_400_000 })
    .map((days) => new Date(days * 86_400_000).toISOString().slice(0, 10));
  fc.assert(
    fc.property(date, (one) => {
      expect(dayFrom(longDay(one), TODAY)).toBe(one);
      expect(dayFrom(day(TODAY, TODAY), TODAY)).toBe(TODAY);
    }),
  );
});

test('times are in the athlete’s time zone and the reader’s clock', () => {
  expect(timeOfDay('2026-11-30T23:30:00Z', '24', 'Europe/Oslo')).toBe('00:30');
  expect(timeOfDay('2026-11-30T23:30:00Z', '12', 'Europe/Oslo')).toBe('12:30 am');
  expect(timeOfDay('2026-11-30T13:05:00Z', '12', 'UTC')).toBe('1:05 pm');
  expect(moment('2026-11-30T23:30:00Z', '24', 'Europe/Oslo')).toBe('Tue 1 Dec 2026, 00:30');
  expect(moment('2026-11-30T23:30:00Z', '12', 'America/New_York')).toBe('Mon 30 Nov 2026, 6:30 pm');
  expect(hourOf('7:30', '24')).toBe('07:30');
  expect(hourOf('17:30', '12')).toBe('5:30 pm');
});
