import type { SentStep } from '@/core';
import { applyEdit, type Block, type Edit, historyOf } from '@/core';
import { block, session, slot } from '@/core/testing/fixtures';
import { afterSave, type DocumentState, historyEdit, refreshed, settle, takeStep } from './document-state';

const base = block([session('a', 0, [slot('1', 'leg-press'), slot('2', 'seated-leg-curl')])]);
const rest = (of: string, value: number): Edit => ({ kind: 'slot/set', slot: of, field: 'rest', value });
let count = 0;
const step = (edit: Edit): SentStep => ({ id: `s${count++}`, action: 'do', edit });

function state(changes: Partial<DocumentState> = {}): DocumentState {
  return {
    block: base,
    history: historyOf([]),
    revision: 4,
    pending: [],
    saving: { status: 'saved', at: null },
    notice: null,
    problems: [],
    ...changes,
  };
}

function take(from: DocumentState, ...steps: SentStep[]): DocumentState {
  return steps.reduce((current, one) => {
    const taken = takeStep(current, one);
    if (!taken.ok) throw new Error(JSON.stringify(taken.problems));
    return taken.value;
  }, from);
}

function applied(to: Block, edit: Edit): Block {
  const done = applyEdit(to, edit);
  if (!done.ok) throw new Error(JSON.stringify(done.problems));
  return done.value.block;
}

const rests = ({ block: of }: DocumentState) => of.sessions[0]?.slots.map((one) => one.rest);

test('a step changes the block at once, waits to be saved, and can be undone', () => {
  const next = take(state(), step(rest('1', 60)));
  expect(rests(next)).toEqual([60, 90]);
  expect(next.pending).toHaveLength(1);
  expect(historyEdit(next, 'undo')).toEqual(rest('1', 150));
  expect(historyEdit(next, 'redo')).toBeUndefined();
});

test('a refused step changes nothing', () => {
  expect(takeStep(state(), step(rest('1', -5)))).toMatchObject({
    ok: false,
    problems: [{ code: 'out-of-range' }],
  });
});

test('saved: what was sent no longer waits, what came meanwhile does', () => {
  const first = step(rest('1', 60));
  const second = step(rest('2', 45));
  const busy = take(state(), first, second);
  const after = afterSave(busy, [first], { status: 'saved', revision: 5, merged: null }, '10:42');
  expect(after).toMatchObject({ revision: 5, pending: [second], saving: { status: 'saved', at: '10:42' } });
  expect(rests(after)).toEqual([60, 45]);
});

test('saved and merged: theirs is taken in and what still waits is laid on top', () => {
  const first = step(rest('1', 60));
  const later = step(rest('1', 70));
  const busy = take(state(), first, later);
  const merged = applied(applied(base, rest('2', 33)), rest('1', 60));
  const after = afterSave(busy, [first], { status: 'saved', revision: 7, merged }, '10:42');
  expect(rests(after)).toEqual([70, 33]);
  expect(after.notice).toMatch(/taken in/);
});

test('a collision waits for the coach; theirs drops mine, mine goes on top of theirs', () => {
  const mine = step(rest('1', 60));
  const theirs = applied(base, rest('1', 99));
  const asked = afterSave(
    take(state(), mine),
    [mine],
    { status: 'collision', revision: 5, theirs, saved: 0 },
    '10:42',
  );
  expect(asked).toMatchObject({ pending: [mine], saving: { status: 'collision' } });
  expect(rests(settle(asked, 'theirs'))).toEqual([99, 90]);
  expect(settle(asked, 'theirs').pending).toEqual([]);
  const kept = settle(asked, 'mine');
  expect(rests(kept)).toEqual([60, 90]);
  expect(kept).toMatchObject({ revision: 5, pending: [mine] });
});

test('refused by the server: its block stands, the reason is told, later steps that fit are kept', () => {
  const wrong = step(rest('1', 60));
  const later = step(rest('2', 45));
  const busy = take(state(), wrong, later);
  const answer = {
    status: 'refused',
    revision: 6,
    theirs: base,
    problems: [{ code: 'name-missing', path: 'x' }],
    saved: 0,
  } as const;
  const after = afterSave(busy, [wrong], answer, '10:42');
  expect(rests(after)).toEqual([150, 45]);
  expect(after).toMatchObject({ pending: [later], problems: [{ code: 'name-missing' }] });
});

test('unreachable: everything waits and the block stays as it is seen', () => {
  const mine = step(rest('1', 60));
  const after = afterSave(take(state(), mine), [mine], { status: 'unavailable' }, '10:42');
  expect(after).toMatchObject({ pending: [mine], saving: { status: 'waiting', because: 'unavailable' } });
  expect(afterSave(after, [mine], { status: 'signed out' }, '10:43').saving).toEqual({
    status: 'waiting',
    because: 'signed out',
  });
});

test('news from elsewhere is taken only when nothing of this tab is on its way', () => {
  const theirs = applied(base, rest('1', 99));
  expect(rests(refreshed(state(), theirs, 5))).toEqual([99, 90]);
  expect(rests(refreshed(take(state(), step(rest('2', 45))), theirs, 5))).toEqual([150, 45]);
  expect(rests(refreshed(state(), theirs, 4))).toEqual([150, 90]);
});
