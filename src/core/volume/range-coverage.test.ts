import type { Slot } from '../block/block';
import type { Exercise } from '../exercises/exercise';
import { exerciseById } from '../exercises/library';
import { athlete, block, lookup, session, slot } from '../testing/fixtures';
import { untrainedPlan } from '../unfold/untrained';
import { loadsMost } from './range-coverage';

const at = (id: string, motion: Slot['motion']) => {
  const made = block([session('a', 0, [slot('1', id, { motion })])]);
  const [planned] =
    untrainedPlan({ block: made, athlete: athlete(), exercises: lookup }).weeks[0]?.plan.sessions[0]?.slots ??
    [];
  if (planned === undefined) throw new Error('nothing planned');
  return loadsMost({ slot: planned, exercise: exerciseById(id) as Exercise });
};

test('a lift loads most where it is hardest, or in the half it uses', () => {
  // A leg press is hardest at the bottom, where the quads are long.
  expect(at('leg-press', 'full')).toBe('stretched');
  expect(at('leg-press', 'short half')).toBe('shortened');
  expect(at('pull-up', 'full')).toBe('shortened');
});

test('without its hardest end it is hardest in the middle; without the other end nothing changes', () => {
  expect(at('leg-press', 'without the bottom')).toBe('middle');
  expect(at('leg-press', 'without the top')).toBe('stretched');
  // Hardest with the arms bent, at the top.
  expect(at('pull-up', 'without the top')).toBe('middle');
  expect(at('pull-up', 'without the bottom')).toBe('shortened');
});
