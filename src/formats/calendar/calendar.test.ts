import fc from 'fast-check';
import { EMPTY_LOG, unfold } from '@/core';
import { athlete, block, lookup, session, slot } from '../../core/testing/fixtures';
import { type CalendarDay, readCalendar, sessionDays, writeCalendar } from './calendar';

const WHEN = new Date('2026-11-09T10:00:00Z');
const planned = (day: number) =>
  unfold({
    block: block([session('a', day, [slot('1', 'hack-squat')]), session('b', 3, [slot('2', 'seal-row')])], {
      weeks: 2,
    }),
    athlete: athlete(),
    exercises: lookup,
    issued: [],
    log: EMPTY_LOG,
    answers: [],
  });
const daysOf = (day: number) =>
  sessionDays([{ id: 'x', name: 'Autumn; block', blockPlan: planned(day) }], (id) => `the ${id}`);

test('every session of every week, by hand; a moved one keeps its identity in the calendar', () => {
  const days = daysOf(0);
  expect(days.map(({ date, uid }) => [date, uid])).toEqual([
    ['2026-11-02', 'x.1.a@dense-ladder'],
    ['2026-11-05', 'x.1.b@dense-ladder'],
    ['2026-11-09', 'x.2.a@dense-ladder'],
    ['2026-11-12', 'x.2.b@dense-ladder'],
    ['2026-11-16', 'x.3.a@dense-ladder'],
    ['2026-11-19', 'x.3.b@dense-ladder'],
  ]);
  expect(days[0]?.text).toMatch(/^Autumn; block, week 1; \d+(-\d+)? min\nthe hack-squat: \d+ × /);
  expect(days[4]?.text).toContain('deload');
  const moved = daysOf(1);
  expect(moved[0]).toMatchObject({ uid: 'x.1.a@dense-ladder', date: '2026-11-03' });
});

test('whole days as RFC 5545 defines them, identical each time', () => {
  const text = writeCalendar('Maren', daysOf(0), WHEN);
  expect(text).toContain('DTSTART;VALUE=DATE:20261102\r\nDTEND;VALUE=DATE:20261103\r\n');
  expect(text).toContain('DTSTAMP:20261109T100000Z');
  expect(text).toBe(writeCalendar('Maren', daysOf(0), WHEN));
  // No line is longer than 75 octets.
  for (const line of text.split('\r\n')) expect(Buffer.byteLength(line)).toBeLessThanOrEqual(75);
  expect(readCalendar(text)).toEqual({ ok: true, value: daysOf(0) });
  expect(readCalendar(writeCalendar('Nobody', [], WHEN))).toEqual({ ok: true, value: [] });
});

const words = fc
  .string({ unit: 'grapheme', minLength: 1, maxLength: 120 })
  .map((one) => `x${one.replace(/[\r\n]/g, ' ')}`);
const anyDay: fc.Arbitrary<CalendarDay> = fc.record({
  uid: fc.stringMatching(/^[a-z0-9.]{1,80}$/),
  date: fc.integer({ min: 0, max: 40_000 }).map((n) => new Date(n * 86_400_000).toISOString().slice(0, 10)),
  title: words,
  text: fc.array(words, { minLength: 1, maxLength: 4 }).map((lines) => lines.join('\n')),
});

test('days with any text are read back unchanged', () => {
  fc.assert(
    fc.property(fc.array(anyDay, { minLength: 1, maxLength: 8 }), (days) => {
      expect(readCalendar(writeCalendar('Any; name, here', days, WHEN))).toEqual({ ok: true, value: days });
    }),
  );
});

test('two thousand mutated calendars are read or refused with a place', () => {
  const whole = writeCalendar('Maren', daysOf(0), WHEN);
  let refusals = 0;
  fc.assert(
    fc.property(fc.nat(whole.length), fc.nat(60), fc.string({ maxLength: 4 }), (at, gone, put) => {
      const read = readCalendar(`${whole.slice(0, at)}${put}${whole.slice(at + gone)}`);
      if (read.ok) return;
      refusals++;
      expect(read.problems.every(({ path }) => path.startsWith('line/'))).toBe(true);
    }),
    { numRuns: 2000 },
  );
  expect(refusals).toBeGreaterThan(100);
});
