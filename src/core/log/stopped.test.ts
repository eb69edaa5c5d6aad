import { athlete, block, lookup, session, slot } from '../testing/fixtures';
import { untrainedPlan } from '../unfold/untrained';
import { hasStopped } from './stopped';

function planned(stopFall: number | null) {
  const made = block([session('a', 0, [slot('1', 'leg-press', { stopFall })])]);
  const found = untrainedPlan({ block: made, athlete: athlete(), exercises: lookup }).weeks[0]?.plan
    .sessions[0]?.slots[0];
  if (found === undefined) throw new Error('no slot');
  return found;
}
const logged =
  (...reps: readonly number[]) =>
  (setId: string) =>
    reps[Number(setId.slice(-1)) - 1];

test('ten, then eight reps are a fifth fewer: the slot stops at 20 per cent; nine do not', () => {
  expect(hasStopped(planned(20), logged(10, 8))).toBe(true);
  expect(hasStopped(planned(20), logged(10, 9))).toBe(false);
  expect(hasStopped(planned(20), logged(10))).toBe(false);
  expect(hasStopped(planned(20), logged(10, 9, 8))).toBe(true);
});

test('without the rule all sets are done', () => {
  expect(hasStopped(planned(null), logged(10, 1))).toBe(false);
});
