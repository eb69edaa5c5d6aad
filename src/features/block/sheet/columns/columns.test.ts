import {
  catalogueWith,
  type Edit,
  exerciseById,
  newSlot,
  ownSet,
  type Problem,
  type Slot,
  type SlotPlan,
} from '@/core';
import { athlete, HALL_PLACE } from '@/core/testing/fixtures';
import { cuesText, readCues, withOwn } from './own-sets';
import { type PrescriptionColumn, prescriptionColumn } from './registry';

const exercise = exerciseById('seated-leg-curl');
if (exercise === undefined) throw new Error('the library lost the leg curl');
const slot: Slot = newSlot('s1', exercise);
const known = { athlete: athlete(), catalogue: catalogueWith([]), place: HALL_PLACE };
const read = (column: PrescriptionColumn, text: string, of: Slot) => {
  const entry = prescriptionColumn(column)?.read(text, of, known);
  if (entry === undefined) throw new Error(`no column ${column}`);
  return entry;
};

function value(column: PrescriptionColumn, text: string, of = slot): unknown {
  const entry = read(column, text, of);
  if (!entry.ok) throw new Error(JSON.stringify(entry.problems));
  // A slot's effort and those of its sets are written together.
  const edit = entry.value?.kind === 'batch' ? entry.value.edits[0] : entry.value;
  return (edit as Extract<Edit, { kind: 'slot/set' }>).value;
}

function problem(column: PrescriptionColumn, text: string, of = slot): Problem | undefined {
  const entry = read(column, text, of);
  return entry.ok ? undefined : entry.problems[0];
}

test.each<[PrescriptionColumn, string, unknown]>([
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
  ['start', '62,5 kg × 8 rir 3', { load: { value: 62.5, unit: 'kg' }, reps: 8, rir: 3 }],
  ['start', '60 10 3', { load: { value: 60, unit: 'kg' }, reps: 10, rir: 3 }],
  ['start', '', null],
])('%s takes “%s”', (column, text, expected) => {
  expect(value(column, text)).toEqual(expected);
});

test.each<[PrescriptionColumn, string, Partial<Problem>]>([
  ['sets', '3x', { code: 'not-a-number' }],
  ['sets', '13', { code: 'out-of-range' }],
  ['sets', '2.5', { code: 'out-of-range' }],
  ['range', 'a-b', { code: 'not-a-number' }],
  ['range', '8-10-12', { code: 'not-understood' }],
  ['rir', 'hard', { code: 'not-a-number' }],
  ['rest', 'long', { code: 'not-a-number' }],
  ['start', 'sixty', { code: 'not-understood' }],
  ['start', 'bodyweight', { code: 'not-bodyweight' }],
  ['start', '61x10@2', { code: 'load-not-makeable' }],
  ['start', '90×8', { code: 'reserve-missing', example: '90 × 8 @2' }],
])('%s refuses “%s”', (column, text, expected) => {
  expect(problem(column, text)).toMatchObject(expected);
});

test('a start load that cannot be made names the nearest ones', () => {
  expect(problem('start', '61x10@2')).toMatchObject({ load: 61, unit: 'kg', below: 60, above: 62.5 });
  expect(problem('start', '900x10@2')).toMatchObject({ below: 252.5, above: null });
});

test('bodyweight starts are written as the added weight', () => {
  const pullUp = exerciseById('pull-up');
  if (pullUp === undefined) throw new Error('the library lost the pull-up');
  const body = newSlot('s2', pullUp);
  expect(value('start', 'bw x 8 @2', body)).toMatchObject({ load: { value: 0 }, reps: 8 });
  expect(value('start', '-20x8@1', body)).toMatchObject({ load: { value: -20 } });
  expect(value('start', '+5x8 rir 1', body)).toMatchObject({ load: { value: 5 } });
});

test('bodyweight alone is typed as such, replaces a share and is replaced by a set', () => {
  const pullUp = exerciseById('pull-up');
  if (pullUp === undefined) throw new Error('the library lost the pull-up');
  const body = newSlot('s2', pullUp);
  const fields = (text: string, of: Slot) => {
    const entry = read('start', text, of);
    return entry.ok && entry.value?.kind === 'batch'
      ? entry.value.edits.map((edit) => (edit.kind === 'slot/set' ? [edit.field, edit.value] : []))
      : entry;
  };
  const share = { ...body, ofMax: { share: 70, weekly: 0 } };
  for (const text of ['bodyweight', 'BW', 'Body weight alone'])
    expect(fields(text, share)).toEqual([
      ['alone', true],
      ['ofMax', null],
    ]);
  expect(fields('70 %', { ...body, alone: true })).toEqual([
    ['alone', false],
    ['ofMax', { share: 70, weekly: 0 }],
  ]);
});

test('efforts of single sets are written after commas', () => {
  const typed = (text: string) => {
    const entry = read('rir', text, slot);
    return entry.ok && entry.value?.kind === 'batch'
      ? entry.value.edits.map((edit) => 'value' in edit && edit.value)
      : entry;
  };
  expect(typed('week, last 0')).toEqual([
    { kind: 'week', offset: 0 },
    [ownSet('last', { rir: { kind: 'fixed', rir: 0 } })],
  ]);
  expect(typed('2, 1 +1, set 3: 1')).toEqual([
    { kind: 'fixed', rir: 2 },
    [ownSet(1, { rir: { kind: 'week', offset: 1 } }), ownSet(3, { rir: { kind: 'fixed', rir: 1 } })],
  ]);
  expect(problem('rir', 'week, hard')).toMatchObject({ code: 'not-understood' });
});

test('holds are written in seconds, alone or with a load', () => {
  const held = newSlot('s3', exerciseById('plank') ?? exercise);
  expect(value('start', '40 @ 2', held)).toEqual({ load: { value: 0, unit: 'kg' }, reps: 40, rir: 2 });
  expect(value('start', '35s 1 left', held)).toMatchObject({ reps: 35, rir: 1 });
  expect(problem('start', '35s', held)).toMatchObject({ code: 'reserve-missing', example: '35 s @2' });
  const carried = newSlot('s4', exerciseById('farmer-carry') ?? exercise);
  expect(value('start', '24x30s@1', carried)).toEqual({ load: { value: 24, unit: 'kg' }, reps: 30, rir: 1 });
});

/** The edits of a text, field by field. */
function fieldsOf(column: PrescriptionColumn, text: string, of = slot): Readonly<Record<string, unknown>> {
  const entry = read(column, text, of);
  if (!entry.ok || entry.value === null) throw new Error(text);
  const edits = entry.value.kind === 'batch' ? entry.value.edits : [entry.value];
  return Object.fromEntries(
    edits.flatMap((edit) => (edit.kind === 'slot/set' ? [[edit.field, edit.value]] : [])),
  );
}

test('a planned rise of sets is written from and to; one number ends it', () => {
  expect(fieldsOf('sets', '3-5')).toEqual({ technique: { kind: 'straight', sets: 3 }, rampTo: 5 });
  const rising = { ...slot, technique: { kind: 'straight', sets: 3 } as const, rampTo: 5 };
  expect(fieldsOf('sets', '4', rising)).toEqual({ technique: { kind: 'straight', sets: 4 }, rampTo: null });
  expect(prescriptionColumn('sets')?.show(rising, known, exercise).shown).toBe('3–5');
  expect(problem('sets', '3-13')).toMatchObject({ code: 'out-of-range', value: 13 });
  expect(problem('sets', '3-5-7')).toMatchObject({ code: 'not-understood' });
});

test('a percent load, with or without a weekly step; a set replaces it', () => {
  expect(fieldsOf('start', '70%')).toEqual({ ofMax: { share: 70, weekly: 0 } });
  expect(fieldsOf('start', '67,5 % +2.5')).toEqual({ ofMax: { share: 67.5, weekly: 2.5 } });
  expect(fieldsOf('start', '80 % − 5')).toEqual({ ofMax: { share: 80, weekly: -5 } });
  const shared = { ...slot, ofMax: { share: 70, weekly: 2.5 } };
  expect(prescriptionColumn('start')?.show(shared, known, exercise).shown).toBe('70 % +2.5');
  expect(fieldsOf('start', '50x10@2', shared)).toMatchObject({ ofMax: null, start: { reps: 10, rir: 2 } });
  expect(prescriptionColumn('start')?.clear?.(shared)).toHaveLength(1);
});

test('a range changed by the phase shows the changed range, and is typed as written', () => {
  const planned = { range: { low: 13, high: 17 } } as SlotPlan;
  const of = { ...slot, range: { low: 8, high: 12 } };
  expect(prescriptionColumn('range')?.show(of, { ...known, planned }, exercise)).toMatchObject({
    shown: '13–17↑',
    typed: '8–12',
  });
  expect(prescriptionColumn('range')?.show(of, known, exercise).shown).toBe('8–12');
});

describe('single sets', () => {
  const own: Slot = {
    ...slot,
    tempo: '31X0',
    setTargets: [ownSet('last', { rir: { kind: 'fixed', rir: 0 }, cue: 'hold each squeeze' })],
  };
  const targets = (column: PrescriptionColumn, text: string) => {
    const entry = read(column, text, own);
    const edit = entry.ok && entry.value?.kind === 'batch' ? entry.value.edits[1] : undefined;
    return edit !== undefined && 'value' in edit ? edit.value : entry;
  };

  test('a tempo for back-offs and the last set keeps the last set’s effort and cue', () => {
    expect(targets('tempo', '31x0, back-offs 31x2, last 5010')).toEqual([
      { ...own.setTargets[0], tempo: '5010' },
      ownSet('back-offs', { tempo: '31X2' }),
    ]);
    expect(problem('tempo', '31X0, slowly', own)).toMatchObject({ code: 'not-understood' });
  });

  test('removing an effort keeps the cue', () => {
    expect(targets('rir', 'week')).toEqual([ownSet('last', { cue: 'hold each squeeze' })]);
  });

  test('a tempo alone is one edit if no set has its own', () => {
    expect(value('tempo', '2020', own)).toBe('2020');
  });

  test('cues are read as they are written', () => {
    expect(cuesText(own)).toBe('last: hold each squeeze');
    const cues = readCues('back-offs: squeeze; 2: slowly down, no swing');
    expect(cues.ok && withOwn(own, 'cue', cues.value)).toEqual([
      { ...own.setTargets[0], cue: '' },
      ownSet('back-offs', { cue: 'squeeze' }),
      ownSet(2, { cue: 'slowly down, no swing' }),
    ]);
    expect(readCues('squeeze hard')).toMatchObject({ ok: false });
    expect(withOwn({ setTargets: [ownSet(1, { cue: 'a' })] }, 'cue', new Map())).toEqual([]);
  });
});
