import { emptyBlock } from '@/core';
import { pausesText, settingEntry, shiftsText } from './setting-entry';

test('the block line: weeks, both ends of the RIR ramp, the deload as a share or none, Mondays', () => {
  const block = emptyBlock('B', '2026-11-23');
  const of = (...given: [Parameters<typeof settingEntry>[0], string]) => settingEntry(...given, block);
  expect(of('weeks', '5')).toMatchObject({ ok: true, value: { field: 'weeks', value: 5 } });
  expect(of('first', '4')).toMatchObject({ ok: true, value: { value: { first: 4, last: 1 } } });
  expect(of('deload', '50 %')).toMatchObject({
    ok: true,
    value: { value: [{ kind: 'fewer sets', sets: 0.5, reps: 'cut' }] },
  });
  expect(of('deload', '× 0.4')).toMatchObject({ ok: true, value: { value: [{ sets: 0.4 }] } });
  expect(of('deload', 'lighter 0.8 + less time 30')).toMatchObject({
    ok: true,
    value: { value: [{ load: 0.8 }, { minutes: 30 }] },
  });
  expect(of('low-sets', 'yes')).toMatchObject({ ok: true, value: { field: 'lowSets', value: true } });
  expect(of('low-sets', 'perhaps')).toMatchObject({ ok: false });
  expect(of('deload', 'nap')).toMatchObject({ ok: false, problems: [{ code: 'not-understood' }] });
  expect(of('deload', 'none')).toMatchObject({ ok: true, value: { value: null } });
  expect(of('start-date', '2026-11-26')).toMatchObject({ ok: true, value: { value: '2026-11-23' } });
  expect(of('start-date', '2026-02-30').ok).toBe(false);
  expect(of('weeks', 'six').ok).toBe(false);
  expect(of('time', 'strict')).toMatchObject({ ok: true, value: { field: 'time', value: 'strict' } });
  expect(of('time', 'fast').ok).toBe(false);
  expect(of('crediting', 'near')).toMatchObject({ ok: true, value: { value: 'near-failure reps' } });
  expect(of('landmarks', 'fixed')).toMatchObject({ ok: true, value: { value: 'fixed dose' } });
  expect(of('cycle', '10')).toMatchObject({ ok: true, value: { field: 'cycleDays', value: 10 } });
  expect(of('crediting', 'mood').ok).toBe(false);
  expect(of('after-time-off', 'yes')).toMatchObject({ ok: true, value: { kind: 'batch' } });
  expect(of('after-time-off', 'soon').ok).toBe(false);
});

test('pauses are typed as shown, several with commas; invalid text gets an explanation', () => {
  const of = (text: string) => settingEntry('pauses', text, emptyBlock('B', '2026-11-23'));
  const pauses = [
    { after: 3, days: 7 },
    { after: 5, days: 10 },
  ];
  expect(of('7 after 3, 10 days after week 5')).toEqual({
    ok: true,
    value: { kind: 'block/set', field: 'pauses', value: pauses },
  });
  expect(of(pausesText(pauses))).toMatchObject({ value: { value: pauses } });
  expect(of('none')).toMatchObject({ value: { value: [] } });
  expect(of(pausesText([]))).toMatchObject({ value: { value: [] } });
  expect(of('7 after 3, later')).toMatchObject({ ok: false, problems: [{ text: 'later' }] });
});

test('load shifts: percentages from a week on, sorted, and back from text', () => {
  const of = (text: string) => settingEntry('load-shifts', text, emptyBlock('B', '2026-11-23'));
  const shifts = [
    { week: 4, percent: -5 },
    { week: 6, percent: 2.5 },
  ];
  expect(of('week 6 +2.5 %, week 4 -5%')).toMatchObject({ ok: true, value: { value: shifts } });
  expect(shiftsText(shifts)).toBe('week 4 −5 %, week 6 +2.5 %');
  expect(of(shiftsText(shifts))).toMatchObject({ value: { value: shifts } });
  expect(of('none')).toMatchObject({ value: { value: [] } });
  expect(of('a bit less')).toMatchObject({ ok: false, problems: [{ code: 'not-understood' }] });
});
