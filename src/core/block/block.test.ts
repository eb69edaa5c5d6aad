import fc from 'fast-check';
import { block, session, slot } from '../testing/fixtures';
import { applyEdit } from './apply-edit';
import { type Block, findSlot, sessionsInOrder, weekStart } from './block';
import { decodeBlock, encodeBlock } from './block-codec';
import { conflicts } from './collision';
import { editSchema } from './edit-schema';
import type { Edit } from './edits/edit';
import { afterStep, type HistoryStep, NO_HISTORY, redoEdit, replayHistory, undoEdit } from './history';

const base = block([
  session('a', 0, [slot('a1', 'hack-squat'), slot('a2', 'seated-leg-curl'), slot('a3', 'cable-crunch')]),
  session('b', 3, [slot('b1', 'pull-up')]),
]);

function apply(to: Block, edit: Edit) {
  const applied = applyEdit(to, edit);
  if (!applied.ok) throw new Error(JSON.stringify(applied.problems));
  return applied.value;
}

const id = fc.constantFrom('a1', 'a2', 'a3', 'b1');
const sessionId = fc.constantFrom('a', 'b');
const anEdit: fc.Arbitrary<Edit> = fc.oneof(
  fc.record({
    kind: fc.constant('slot/set' as const),
    slot: id,
    field: fc.constant('rest' as const),
    value: fc.integer({ min: 0, max: 900 }),
  }),
  fc.record({
    kind: fc.constant('slot/set' as const),
    slot: id,
    field: fc.constant('range' as const),
    value: fc
      .tuple(fc.integer({ min: 1, max: 10 }), fc.nat(10))
      .map(([low, more]) => ({ low, high: low + more })),
  }),
  fc.record({ kind: fc.constant('slot/remove' as const), slot: id }),
  fc.record({
    kind: fc.constant('slot/move' as const),
    slot: id,
    session: sessionId,
    after: fc.option(id, { nil: null }),
  }),
  fc.record({
    kind: fc.constant('session/set' as const),
    session: sessionId,
    field: fc.constant('day' as const),
    value: fc.nat(6),
  }),
  fc.record({ kind: fc.constant('session/remove' as const), session: sessionId }),
  fc.record({
    kind: fc.constant('block/set' as const),
    field: fc.constant('weeks' as const),
    value: fc.integer({ min: 1, max: 16 }),
  }),
  fc.record({
    kind: fc.constant('session/add' as const),
    after: fc.option(sessionId, { nil: null }),
    session: fc.constant(session('n', 5, [slot('n1', 'dip')])),
  }),
);

test('the inverse of any edit reverts it, and repeating the edit gives the same block', () => {
  fc.assert(
    fc.property(anEdit, (edit) => {
      const done = applyEdit(base, edit);
      if (!done.ok) return true;
      const undone = apply(done.value.block, done.value.inverse);
      expect(undone.block).toEqual(base);
      expect(apply(undone.block, undone.inverse).block).toEqual(done.value.block);
      return true;
    }),
  );
});

test('edits survive serialising and blocks survive the codec', () => {
  fc.assert(
    fc.property(fc.array(anEdit, { maxLength: 8 }), (edits) => {
      let current = base;
      for (const edit of edits) {
        expect(editSchema.parse(JSON.parse(JSON.stringify(edit)))).toEqual(edit);
        const done = applyEdit(current, edit);
        if (done.ok) current = done.value.block;
      }
      expect(decodeBlock(JSON.parse(encodeBlock(current)))).toEqual({ ok: true, value: current });
    }),
  );
});

test('nothing is mutated', () => {
  const before = JSON.stringify(base);
  apply(base, { kind: 'slot/remove', slot: 'a2' });
  apply(base, { kind: 'slot/set', slot: 'a1', field: 'rest', value: 10 });
  expect(JSON.stringify(base)).toBe(before);
});

test('a batch is applied whole or not at all', () => {
  const good: Edit = {
    kind: 'batch',
    edits: [
      { kind: 'slot/remove', slot: 'a1' },
      { kind: 'slot/set', slot: 'a2', field: 'rest', value: 45 },
    ],
  };
  const done = apply(base, good);
  expect(findSlot(done.block, 'a1')).toBeUndefined();
  expect(apply(done.block, done.inverse).block).toEqual(base);
  const bad = applyEdit(base, { kind: 'batch', edits: [...good.edits, { kind: 'slot/remove', slot: 'a1' }] });
  expect(bad).toMatchObject({ ok: false, problems: [{ code: 'unknown-id', id: 'a1' }] });
});

test.each<[string, Edit, object]>([
  [
    'zero sets',
    { kind: 'slot/set', slot: 'a1', field: 'technique', value: { kind: 'straight', sets: 0 } },
    { code: 'out-of-range', field: 'sets', low: 1, high: 12 },
  ],
  [
    'forty sets',
    { kind: 'slot/set', slot: 'a1', field: 'technique', value: { kind: 'straight', sets: 40 } },
    { code: 'out-of-range' },
  ],
  [
    'half a rep',
    { kind: 'slot/set', slot: 'a1', field: 'range', value: { low: 8.5, high: 12 } },
    { code: 'out-of-range', field: 'reps' },
  ],
  [
    'a range upside down',
    { kind: 'slot/set', slot: 'a1', field: 'range', value: { low: 12, high: 8 } },
    { code: 'range-upside-down', low: 12, high: 8 },
  ],
  [
    'an RIR that rises',
    { kind: 'block/set', field: 'rir', value: { first: 1, last: 3 } },
    { code: 'rir-rises', first: 1, last: 3 },
  ],
  [
    'a negative RIR',
    { kind: 'slot/set', slot: 'a1', field: 'rir', value: { kind: 'fixed', rir: -1 } },
    { code: 'out-of-range', field: 'RIR' },
  ],
  [
    'no tempo',
    { kind: 'slot/set', slot: 'a1', field: 'tempo', value: 'slow' },
    { code: 'tempo', text: 'slow' },
  ],
  [
    'a day outside the week',
    { kind: 'session/set', session: 'a', field: 'day', value: 7 },
    { code: 'out-of-range', field: 'day' },
  ],
  [
    'a nameless session',
    { kind: 'session/set', session: 'a', field: 'name', value: '  ' },
    { code: 'name-missing' },
  ],
  [
    'a doubled id',
    { kind: 'slot/add', session: 'b', after: null, slot: slot('a1', 'dip') },
    { code: 'id-taken', id: 'a1' },
  ],
  [
    'an unknown slot',
    { kind: 'slot/set', slot: 'zz', field: 'rest', value: 60 },
    { code: 'unknown-id', id: 'zz' },
  ],
])('%s is refused with its reason', (_name, edit, problem) => {
  expect(applyEdit(base, edit)).toMatchObject({ ok: false, problems: [problem] });
});

test('the codec says what is wrong and where, and refuses newer formats', () => {
  expect(decodeBlock({ ...base, weeks: 'six' })).toMatchObject({
    ok: false,
    problems: [{ code: 'malformed', path: 'weeks' }],
  });
  expect(decodeBlock({ ...base, version: 4 })).toEqual({
    ok: false,
    problems: [{ code: 'newer-format', path: 'version', version: 4 }],
  });
  expect(decodeBlock({ ...base, surprise: 1 }).ok).toBe(false);
  expect(decodeBlock(null).ok).toBe(false);
  const doubled = { ...base, sessions: [base.sessions[0], base.sessions[0]] };
  expect(decodeBlock(doubled)).toMatchObject({
    ok: false,
    problems: expect.arrayContaining([expect.objectContaining({ code: 'id-taken' })]),
  });
});

/** This many slots of one exercise, each with its own id. */
const slots = (many: number) => Array.from({ length: many }, (_, at) => slot(`s${at}`, 'dip'));
const sessionsOf = (many: number) => Array.from({ length: many }, (_, at) => session(`t${at}`, 0, []));

describe('a block that edits accept can be read again', () => {
  const readable = (of: Block) => decodeBlock(JSON.parse(encodeBlock(of))).ok;

  test('no edit makes more than sixty slots in a session', () => {
    const full = block([session('full', 0, slots(60)), session('b', 3, [slot('b1', 'pull-up')])]);
    expect(readable(full)).toBe(true);
    const refused = { ok: false, problems: [{ code: 'too-many', field: 'slots', most: 60, count: 61 }] };
    const more: Edit = { kind: 'slot/add', session: 'full', after: null, slot: slot('x', 'dip') };
    expect(applyEdit(full, more)).toMatchObject(refused);
    expect(applyEdit(full, { kind: 'slot/move', slot: 'b1', session: 'full', after: null })).toMatchObject(
      refused,
    );
    const big = session(
      'big',
      1,
      slots(61).map((one) => ({ ...one, id: `b${one.id}` })),
    );
    expect(applyEdit(base, { kind: 'session/add', after: null, session: big })).toMatchObject(refused);
    expect(applyEdit(full, { kind: 'slot/move', slot: 's3', session: 'full', after: null }).ok).toBe(true);
  });

  test('no edit makes more than four hundred slots in a block', () => {
    const many = (of: string, count: number) =>
      session(
        of,
        0,
        slots(count).map((one) => ({ ...one, id: `${of}-${one.id}` })),
      );
    const full = block([...['a', 'b', 'c', 'd', 'e', 'f'].map((of) => many(of, 60)), many('g', 40)]);
    expect(readable(full)).toBe(true);
    const refused = { ok: false, problems: [{ code: 'too-many', field: 'slots', most: 400, count: 401 }] };
    const more: Edit = { kind: 'slot/add', session: 'g', after: null, slot: slot('x', 'dip') };
    expect(applyEdit(full, more)).toMatchObject(refused);
    expect(applyEdit(full, { kind: 'session/add', after: null, session: many('h', 1) })).toMatchObject(
      refused,
    );
    expect(applyEdit(full, { kind: 'session/add', after: null, session: many('h', 0) }).ok).toBe(true);
    const moved = { kind: 'slot/move', slot: 'a-s0', session: 'g', after: null } as const;
    expect(applyEdit(full, moved).ok).toBe(true);
    expect(readable(block([...full.sessions, many('h', 1)]))).toBe(false);
  });

  test('no edit makes more than sixty sessions in a block', () => {
    const full = block(sessionsOf(60));
    expect(readable(full)).toBe(true);
    expect(applyEdit(full, { kind: 'session/add', after: null, session: session('x', 0, []) })).toMatchObject(
      { ok: false, problems: [{ code: 'too-many', field: 'sessions', count: 61 }] },
    );
  });

  test.each<[string, Edit]>([
    ['a name', { kind: 'block/set', field: 'name', value: 'x'.repeat(2001) }],
    ['a note', { kind: 'slot/set', slot: 'a1', field: 'note', value: 'x'.repeat(2001) }],
    ['what makes it safe', { kind: 'slot/set', slot: 'a1', field: 'safety', value: 'x'.repeat(201) }],
    ['a session’s name', { kind: 'session/set', session: 'a', field: 'name', value: 'x'.repeat(2001) }],
    ['a session’s place', { kind: 'session/set', session: 'a', field: 'place', value: 'x'.repeat(65) }],
    ['a set-up', { kind: 'slot/set', slot: 'a1', field: 'variant', value: 'x'.repeat(65) }],
  ])('%s one letter too long is refused, and one shorter is not', (_, edit) => {
    expect(applyEdit(base, edit)).toMatchObject({ ok: false, problems: [{ code: 'too-long' }] });
    const shorter = { ...edit, value: String('value' in edit ? edit.value : '').slice(1) } as Edit;
    expect(readable(apply(base, shorter).block)).toBe(true);
  });

  test.each(['__proto__', 'constructor', 'toString', 'a b', '', 'x'.repeat(65)])(
    'the id %p is refused by edits and by the codec',
    (bad) => {
      const added: Edit = { kind: 'slot/add', session: 'a', after: null, slot: slot(bad, 'dip') };
      expect(applyEdit(base, added)).toMatchObject({ ok: false, problems: [{ code: 'bad-id' }] });
      const renamed = JSON.parse(encodeBlock(base).replace('"a1"', JSON.stringify(bad)));
      expect(decodeBlock(renamed).ok).toBe(false);
    },
  );

  test.each(['2026-02-31', '9999-99-99', '2026-13-01', '2025-02-29', '1899-12-31', 'soon'])(
    '%s is not a calendar day',
    (value) => {
      expect(applyEdit(base, { kind: 'block/set', field: 'startDate', value })).toMatchObject({
        ok: false,
        problems: [{ code: 'no-such-day' }],
      });
      expect(decodeBlock({ ...base, startDate: value }).ok).toBe(false);
    },
  );

  test('a leap day is a calendar day', () => {
    expect(applyEdit(base, { kind: 'block/set', field: 'startDate', value: '2028-02-29' }).ok).toBe(true);
  });
});

test('sessions are trained in order of their days', () => {
  const swapped = apply(base, { kind: 'session/set', session: 'a', field: 'day', value: 5 }).block;
  expect(sessionsInOrder(swapped).map((one) => one.id)).toEqual(['b', 'a']);
});

describe('conflicts', () => {
  const rest = (of: string, value = 60): Edit => ({ kind: 'slot/set', slot: of, field: 'rest', value });
  const tempo = (of: string): Edit => ({ kind: 'slot/set', slot: of, field: 'tempo', value: null });
  const gone = (of: string): Edit => ({ kind: 'slot/remove', slot: of });
  const added = (to: string): Edit => ({
    kind: 'slot/add',
    session: to,
    after: null,
    slot: slot('new', 'dip'),
  });

  test.each<[string, Edit, Edit, boolean]>([
    ['the same field', rest('a1', 60), rest('a1', 90), true],
    ['two fields of a slot', rest('a1'), tempo('a1'), false],
    ['two slots', rest('a1'), rest('a2'), false],
    ['a field of a removed slot', rest('a1'), gone('a1'), true],
    ['a slot of a removed session', rest('a1'), { kind: 'session/remove', session: 'a' }, true],
    ['a slot added to a removed session', added('a'), { kind: 'session/remove', session: 'a' }, true],
    ['a slot added beside an edit', added('a'), rest('a1'), false],
    [
      'a batch that holds the field',
      {
        kind: 'batch',
        edits: [
          { kind: 'slot/remove', slot: 'a3' },
          { kind: 'slot/set', slot: 'a1', field: 'rest', value: 5 },
        ],
      },
      rest('a1'),
      true,
    ],
    [
      'block settings of another kind',
      { kind: 'block/set', field: 'weeks', value: 4 },
      { kind: 'block/set', field: 'name', value: 'x' },
      false,
    ],
  ])('%s', (_name, mine, theirs, expected) => {
    expect(conflicts(base, mine, theirs)).toBe(expected);
    expect(conflicts(base, theirs, mine)).toBe(expected);
  });
});

describe('history', () => {
  const step = (value: number): HistoryStep => ({
    action: 'do',
    edit: { kind: 'slot/set', slot: 'a1', field: 'rest', value },
    inverse: { kind: 'slot/set', slot: 'a1', field: 'rest', value: value - 1 },
  });

  test("replaying a block's steps gives the next undo and redo", () => {
    const undone: HistoryStep = { action: 'undo', edit: step(2).inverse, inverse: step(2).edit };
    const history = replayHistory([step(1), step(2), undone]);
    expect(undoEdit(history)).toEqual(step(1).inverse);
    expect(redoEdit(history)).toEqual(step(2).edit);
    const redone = afterStep(history, { action: 'redo', edit: step(2).edit, inverse: step(2).inverse });
    expect(undoEdit(redone)).toEqual(step(2).inverse);
    expect(redoEdit(redone)).toBeUndefined();
  });

  test('a new edit clears redo', () => {
    const undone: HistoryStep = { action: 'undo', edit: step(1).inverse, inverse: step(1).edit };
    expect(redoEdit(afterStep(replayHistory([step(1), undone]), step(5)))).toBeUndefined();
    expect(undoEdit(NO_HISTORY)).toBeUndefined();
  });

  test('undo to the start and redo to the end work for any edits', () => {
    fc.assert(
      fc.property(fc.array(anEdit, { maxLength: 10 }), (edits) => {
        let current = base;
        let history = NO_HISTORY;
        const take = (action: HistoryStep['action'], edit: Edit) => {
          const done = applyEdit(current, edit);
          if (!done.ok) return;
          current = done.value.block;
          history = afterStep(history, { action, edit, inverse: done.value.inverse });
        };
        for (const edit of edits) take('do', edit);
        const end = current;
        for (let edit = undoEdit(history); edit !== undefined; edit = undoEdit(history)) take('undo', edit);
        expect(current).toEqual(base);
        for (let edit = redoEdit(history); edit !== undefined; edit = redoEdit(history)) take('redo', edit);
        expect(current).toEqual(end);
      }),
    );
  });
});

test('a block of version 1 is read without variants, places and set targets', () => {
  const now = block([session('a', 0, [slot('1', 'leg-press')])]);
  const old = JSON.parse(JSON.stringify(now), (key, value) =>
    [
      'variant',
      'setTargets',
      'place',
      'optional',
      'landmarks',
      'activities',
      'pauses',
      'dismissed',
      'shape',
    ].includes(key)
      ? undefined
      : value,
  );
  expect(decodeBlock({ ...old, version: 1 })).toEqual({ ok: true, value: now });
});

test('a pause moves only the weeks after it', () => {
  const paused = block([], { startDate: '2026-11-02', pauses: [{ after: 2, days: 10 }] });
  expect([1, 2, 3, 4].map((week) => weekStart(paused, week))).toEqual([
    '2026-11-02',
    '2026-11-09',
    '2026-11-26',
    '2026-12-03',
  ]);
});
