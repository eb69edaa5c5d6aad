import { applyEdit, type Block, catalogueWith, EMPTY_LOG, Memo, type SingleEdit, unfold } from '@/core';
import { athlete, block, lookup, performWeek, session, slot } from '@/core/testing/fixtures';
import { rowsOf } from './layout';
import { slotViews } from './row-view';

const who = athlete();
const catalogue = catalogueWith([]);
const memory = new Memo();
const nothing = { issued: [], log: EMPTY_LOG, answers: [] };

function viewsOf(made: Block, calls: ReadonlySet<string> = new Set()) {
  const blockPlan = unfold({ block: made, athlete: who, exercises: lookup, ...nothing }, memory);
  return slotViews(rowsOf(made), { athlete: who, catalogue, blockPlan, calls });
}

function after(made: Block, edit: SingleEdit): Block {
  const done = applyEdit(made, edit);
  if (!done.ok) throw new Error(JSON.stringify(done.problems));
  return done.value.block;
}

const NONE: ReadonlySet<string> = new Set();
const made = block([
  session('a', 0, [
    slot('a1', 'leg-press'),
    slot('a2', 'barbell-curl'),
    slot('a3', 'cable-pushdown', { joined: true }),
  ]),
  session('b', 3, [
    slot('b1', 'cable-fly'),
    slot('b2', 'flat-dumbbell-press', { joined: true }),
    slot('b3', 'push-up', { joined: true }),
    slot('b4', 'barbell-bench-press'),
  ]),
]);

test('groups have a bracket, with their name at the top', () => {
  const views = viewsOf(made);
  const brackets = [...views].map(([id, { bracket, group }]) => [
    id,
    bracket,
    bracket === 'top' ? group : '',
  ]);
  expect(brackets).toEqual([
    ['a1', 'none', ''],
    ['a2', 'top', 'superset'],
    ['a3', 'bottom', ''],
    ['b1', 'top', 'giant set'],
    ['b2', 'middle', ''],
    ['b3', 'bottom', ''],
    ['b4', 'none', ''],
  ]);
});

test('an edit leaves the view objects of all other rows unchanged, so that they do not render again', () => {
  const before = viewsOf(made, NONE);
  const longer = viewsOf(after(made, { kind: 'slot/set', slot: 'b1', field: 'rest', value: 150 }), NONE);
  const changed = [...longer.keys()].filter((id) => longer.get(id) !== before.get(id));
  expect(changed).toEqual(['b1']);
  expect(longer.get('b1')?.cells.find(({ column }) => column === 'rest')?.shown).toBe('150');
});

test('an edit without visible effect keeps its own row’s view too', () => {
  const before = viewsOf(made, NONE);
  const noted = viewsOf(after(made, { kind: 'slot/set', slot: 'a1', field: 'note', value: 'slowly' }), NONE);
  expect(noted.get('a2')).toBe(before.get('a2'));
  expect(noted.get('a1')).toEqual(before.get('a1'));
});

test('overrides, open proposals and limits are marked', () => {
  const own = after(made, {
    kind: 'slot/set',
    slot: 'a1',
    field: 'weeks',
    value: [{ week: 2, sets: 5, reps: null, load: null, rir: null }],
  });
  const gated = after(own, {
    kind: 'slot/set',
    slot: 'b4',
    field: 'technique',
    value: { kind: 'drop set', sets: 1, drops: 2, off: 0.2, toFailure: true },
  });
  const views = viewsOf(gated, new Set(['1/a1']));
  const weeks = views.get('a1')?.weeks ?? [];
  expect(weeks.map(({ own: kept }) => kept)).toEqual(weeks.map(({ column }) => column === 'w2'));
  expect(weeks.map(({ call }) => call)).toEqual(weeks.map(({ column }) => column === 'w1'));
  expect(weeks.at(-1)?.deload).toBe(true);
  const how = (id: string) => views.get(id)?.cells.find(({ column }) => column === 'technique')?.alert;
  expect([how('b2'), how('b4')]).toEqual([false, true]);
});

test('a finished week shows what was done', () => {
  const state = performWeek({ block: made, athlete: who, issued: [], log: EMPTY_LOG }, 1);
  const blockPlan = unfold({ block: made, athlete: who, exercises: lookup, answers: [], ...state });
  const views = slotViews(rowsOf(made), { athlete: who, catalogue, blockPlan, calls: NONE });
  const [first, second] = views.get('a1')?.weeks ?? [];
  expect([first?.logged, second?.logged]).toEqual([true, false]);
  expect([first?.current, second?.current]).toEqual([false, true]);
});
