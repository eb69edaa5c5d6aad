import { catalogueWith, type Edit, emptyBlock, exerciseById, newSlot, type Problem, type Slot } from '@/core';
import { HALL_PLACE } from '@/core/testing/fixtures';
import { type EntryColumn, pausesText, sessionEntry, settingEntry, slotEntry } from './cell-entry';

const exercise = exerciseById('seated-leg-curl');
if (exercise === undefined) throw new Error('the library lost the leg curl');
const slot: Slot = newSlot('s1', exercise);
const known = { catalogue: catalogueWith([]), place: HALL_PLACE };

function value(column: EntryColumn, text: string, of = slot): unknown {
  const entry = slotEntry(column, text, of, known);
  if (!entry.ok) throw new Error(JSON.stringify(entry.problems));
  // A slot's effort and its sets' own are written together.
  const edit = entry.value.kind === 'batch' ? entry.value.edits[0] : entry.value;
  return (edit as Extract<Edit, { kind: 'slot/set' }>).value;
}

function problem(column: EntryColumn, text: string): Problem | undefined {
  const entry = slotEntry(column, text, slot, known);
  return entry.ok ? undefined : entry.problems[0];
}

test.each<[EntryColumn, string, unknown]>([
  ['sets', ' 4 ', { kind: 'straight', sets: 4 }],
  ['range', '8-12', { low: 8, high: 12 }],
  ['range', '8 – 12', { low: 8, high: 12 }],
  ['range', '8 to 12', { low: 8, high: 12 }],
  ['range', '10', { low: 10, high: 10 }],
  ['rir', 'week', { kind: 'week', offset: 0 }],
  ['rir', '', { kind: 'week', offset: 0 }],
  ['rir', '+1', { kind: 'week', offset: 1 }],
  ['rir', 'wk − 2', { kind: 'week', offset: -2 }],
  ['rir', '2', { kind: 'fixed', rir: 2 }],
  ['rir', '=0', { kind: 'fixed', rir: 0 }],
  ['tempo', '31x0', '31X0'],
  ['tempo', '', null],
  ['rest', '90', 90],
  ['rest', '2:30', 150],
  ['rest', '1,5 min', 90],
  ['rest', '45 s', 45],
  ['start', '60x10@3', { load: { value: 60, unit: 'kg' }, reps: 10, rir: 3 }],
  ['start', '62,5 kg × 8', { load: { value: 62.5, unit: 'kg' }, reps: 8, rir: 2 }],
  ['start', '60 10 3', { load: { value: 60, unit: 'kg' }, reps: 10, rir: 3 }],
  ['start', '', null],
])('%s takes “%s”', (column, text, expected) => {
  expect(value(column, text)).toEqual(expected);
});

test.each<[EntryColumn, string, Partial<Problem>]>([
  ['sets', '3x', { code: 'not-a-number' }],
  ['sets', '13', { code: 'out-of-range' }],
  ['sets', '2.5', { code: 'out-of-range' }],
  ['range', 'a-b', { code: 'not-a-number' }],
  ['range', '8-10-12', { code: 'not-understood' }],
  ['rir', 'hard', { code: 'not-a-number' }],
  ['rest', 'long', { code: 'not-a-number' }],
  ['start', 'sixty', { code: 'not-understood' }],
  ['start', '61x10', { code: 'load-not-makeable' }],
])('%s refuses “%s”', (column, text, expected) => {
  expect(problem(column, text)).toMatchObject(expected);
});

test('an unmakeable start names its neighbours', () => {
  expect(problem('start', '61x10@2')).toMatchObject({ load: 61, unit: 'kg', below: 60, above: 62.5 });
  expect(problem('start', '900x10@2')).toMatchObject({ below: 252.5, above: null });
});

test('bodyweight starts are written as what is added', () => {
  const pullUp = exerciseById('pull-up');
  if (pullUp === undefined) throw new Error('the library lost the pull-up');
  const body = newSlot('s2', pullUp);
  expect(value('start', 'bw x 8 @2', body)).toMatchObject({ load: { value: 0 }, reps: 8 });
  expect(value('start', '-20x8', body)).toMatchObject({ load: { value: -20 } });
  expect(value('start', '+5x8', body)).toMatchObject({ load: { value: 5 } });
});

test('single sets get efforts of their own behind commas', () => {
  const typed = (text: string) => {
    const entry = slotEntry('rir', text, slot, known);
    return entry.ok && entry.value.kind === 'batch'
      ? entry.value.edits.map((edit) => 'value' in edit && edit.value)
      : entry;
  };
  expect(typed('week, last 0')).toEqual([
    { kind: 'week', offset: 0 },
    [{ set: 'last', rir: { kind: 'fixed', rir: 0 } }],
  ]);
  expect(typed('2, 1 +1, set 3: 1')).toEqual([
    { kind: 'fixed', rir: 2 },
    [
      { set: 1, rir: { kind: 'week', offset: 1 } },
      { set: 3, rir: { kind: 'fixed', rir: 1 } },
    ],
  ]);
  expect(problem('rir', 'week, hard')).toMatchObject({ code: 'not-understood' });
});

test('holds are written in seconds, alone or with a load', () => {
  const held = newSlot('s3', exerciseById('plank') ?? exercise);
  expect(value('start', '40 @ 2', held)).toEqual({ load: { value: 0, unit: 'kg' }, reps: 40, rir: 2 });
  expect(value('start', '35s', held)).toMatchObject({ reps: 35, rir: 2 });
  const carried = newSlot('s4', exerciseById('farmer-carry') ?? exercise);
  expect(value('start', '24x30s@1', carried)).toEqual({ load: { value: 24, unit: 'kg' }, reps: 30, rir: 1 });
});

test('a session’s day is a weekday or a number', () => {
  const session = { id: 'x', name: 'X', day: 0, place: null, optional: false, slots: [] };
  expect(sessionEntry('day', 'thu', session)).toMatchObject({ ok: true, value: { field: 'day', value: 3 } });
  expect(sessionEntry('day', 'Thursday', session)).toMatchObject({ ok: true, value: { value: 3 } });
  expect(sessionEntry('day', '2', session)).toMatchObject({ ok: true, value: { value: 1 } });
  expect(sessionEntry('day', 'someday', session).ok).toBe(false);
  expect(sessionEntry('day', 'Thu B', session)).toMatchObject({ ok: true, value: { value: 10 } });
  expect(sessionEntry('day', 'day 5', session)).toMatchObject({ ok: true, value: { value: 4 } });
  expect(sessionEntry('name', ' Legs ', session)).toMatchObject({
    ok: true,
    value: { field: 'name', value: 'Legs' },
  });
});

test('the block line: weeks, both ends of the ramp, the deload as a share or none, Mondays', () => {
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
});

test('pauses are written as they read, several with commas; what is not understood says how', () => {
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
