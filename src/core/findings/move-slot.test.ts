import type { Session } from '../block/block';
import { EMPTY_LOG } from '../log/log';
import { athlete, block, lookup, session, slot } from '../testing/fixtures';
import { unfold } from '../unfold/unfold';
import { makesTooInfrequent, withSlotIn } from './move-slot';
import { checkInput } from './registry';

function inputOf(sessions: readonly Session[]) {
  const made = block(sessions);
  const blockPlan = unfold({
    block: made,
    athlete: athlete(),
    exercises: lookup,
    issued: [],
    log: EMPTY_LOG,
    answers: [],
  });
  const input = checkInput({ block: made, athlete: athlete(), blockPlan, exercises: lookup });
  if (input === undefined) throw new Error('nothing to check');
  return input;
}

const input = inputOf([
  session('a', 0, [slot('1', 'leg-press'), slot('2', 'leg-extension')]),
  session('b', 2, [slot('3', 'pull-up')]),
]);
const slotsOf = (of: typeof input) => of.week.sessions.map(({ slots }) => slots.map(({ slotId }) => slotId));

test('a slot is last in the other session and gone from its own', () => {
  expect(slotsOf(withSlotIn(input, '1', 'b'))).toEqual([['2'], ['3', '1']]);
  expect(slotsOf(withSlotIn(input, '1', 'a'))).toEqual([['2', '1'], ['3']]);
});

test('a slot that is not in the week is not moved', () => {
  expect(withSlotIn(input, '9', 'b')).toBe(input);
});

test('a muscle that loses one of its two days by a move is trained too rarely, unless it has other work that day', () => {
  expect(makesTooInfrequent(input, withSlotIn(input, '2', 'b'))).toBe(false);
  const twice = inputOf([
    session('a', 0, [slot('1', 'leg-press'), slot('2', 'leg-extension')]),
    session('b', 2, [slot('3', 'leg-extension')]),
  ]);
  expect(makesTooInfrequent(twice, withSlotIn(twice, '2', 'b'))).toBe(false);
  const bare = inputOf([
    session('a', 0, [slot('2', 'leg-extension')]),
    session('b', 2, [slot('3', 'leg-press')]),
  ]);
  expect(makesTooInfrequent(bare, withSlotIn(bare, '2', 'b'))).toBe(true);
  const often = inputOf([
    session('a', 0, [slot('1', 'leg-extension')]),
    session('b', 2, [slot('2', 'leg-extension')]),
    session('c', 4, [slot('3', 'leg-extension')]),
  ]);
  expect(makesTooInfrequent(often, withSlotIn(often, '1', 'b'))).toBe(false);
});
