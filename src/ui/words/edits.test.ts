import { type BalanceChange, catalogueWith, type Shortfall, type SingleEdit } from '@/core';
import { block, session, slot } from '@/core/testing/fixtures';
import { changeLine, shortfallSentence } from './balance';
import { editWords } from './edits';
import { namesOf } from './names';

const names = namesOf(catalogueWith([]));
const made = block([session('a', 0, [slot('1', 'leg-press'), slot('2', 'seated-leg-curl')])]);
const rest = (id: string): SingleEdit => ({ kind: 'slot/set', slot: id, field: 'rest', value: 90 });
const weeks: SingleEdit = { kind: 'block/set', field: 'weeks', value: 5 };

test.each<[SingleEdit, string]>([
  [weeks, 'block: weeks'],
  [{ kind: 'session/set', session: 'a', field: 'day', value: 2 }, 'Session a: day'],
  [rest('1'), 'leg press: rest'],
  [rest('gone'), 'a removed exercise: rest'],
  [{ kind: 'session/add', session: session('b', 2, []), after: null }, 'added Session b'],
  [{ kind: 'session/remove', session: 'a' }, 'removed a session'],
  [{ kind: 'slot/add', session: 'a', slot: slot('3', 'pull-up'), after: null }, 'added pull-up'],
  [{ kind: 'slot/remove', slot: '1' }, 'removed an exercise'],
  [{ kind: 'slot/move', slot: '2', session: 'a', after: null }, 'moved seated leg curl'],
])('%o in words', (edit, words) => {
  expect(editWords(edit, made, names)).toBe(words);
});

test('several changes at once: two in full, equal ones once, the others counted', () => {
  const several = (...edits: readonly SingleEdit[]) => editWords({ kind: 'batch', edits }, made, names);
  expect(several(rest('1'), rest('1'))).toBe('leg press: rest');
  expect(several(rest('1'), weeks)).toBe('leg press: rest; block: weeks');
  expect(several(rest('1'), weeks, rest('2'), { kind: 'slot/remove', slot: '1' })).toBe(
    'leg press: rest; block: weeks; and 2 more',
  );
  expect(several()).toBe('nothing');
});

const change = (from: number, to: number, fills: boolean): BalanceChange => ({
  id: '1',
  sessionId: 'a',
  slotId: '1',
  exerciseId: 'leg-press',
  from,
  to,
  fills,
  edits: [],
});

test('a proposal’s change: sets from and to, or the exercise that fills a slot', () => {
  expect(changeLine(change(3, 1, false), names)).toBe('leg press 3 → 1 set');
  expect(changeLine(change(0, 3, true), names)).toBe('leg press, 3 sets');
});

test.each<[Shortfall, string]>([
  [
    {
      muscle: 'side delts',
      short: 0.68,
      limits: [
        { kind: 'time', session: 'Push' },
        { kind: 'session cap', session: 'Pull' },
      ],
    },
    'Side delts: still 0.7 sets short; Push already fills the athlete’s time and Pull has as many sets for one muscle as a session can use.',
  ],
  [
    { muscle: 'quads', short: 0.96, limits: [{ kind: 'ceiling', muscle: 'glutes' }, { kind: 'budget' }] },
    'Quads: still 1 set short; glutes would go above its maximum and the weekly budget is used up.',
  ],
  [
    { muscle: 'calves', short: 2, limits: [{ kind: 'no slot' }] },
    'Calves: still 2 sets short; no exercise trains it.',
  ],
  [
    { muscle: 'abs', short: 2, limits: [{ kind: 'slots full' }] },
    'Abs: still 2 sets short; its exercises have no room for more sets.',
  ],
  [{ muscle: 'lats', short: 3, limits: [] }, 'Lats: still 3 sets short; several limits together.'],
])('%o: what stays short and why', (shortfall, sentence) => {
  expect(shortfallSentence(shortfall)).toBe(sentence);
});
