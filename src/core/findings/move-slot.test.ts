import { EMPTY_LOG } from '../log/log';
import { athlete, block, lookup, session, slot } from '../testing/fixtures';
import { unfold } from '../unfold/unfold';
import { withSlotIn } from './move-slot';
import { checkInput } from './registry';

const made = block([
  session('a', 0, [slot('1', 'leg-press'), slot('2', 'leg-extension')]),
  session('b', 2, [slot('3', 'pull-up')]),
]);
const input = checkInput({
  block: made,
  athlete: athlete(),
  blockPlan: unfold({
    block: made,
    athlete: athlete(),
    exercises: lookup,
    issued: [],
    log: EMPTY_LOG,
    answers: [],
  }),
  exercises: lookup,
});
if (input === undefined) throw new Error('nothing to check');
const slotsOf = (of: typeof input) => of.week.sessions.map(({ slots }) => slots.map(({ slotId }) => slotId));

test('a slot stands last in the other session and no longer in its own', () => {
  expect(slotsOf(withSlotIn(input, '1', 'b'))).toEqual([['2'], ['3', '1']]);
  expect(slotsOf(withSlotIn(input, '1', 'a'))).toEqual([['2', '1'], ['3']]);
});

test('a slot that is not in the week moves nowhere', () => {
  expect(withSlotIn(input, '9', 'b')).toBe(input);
});
