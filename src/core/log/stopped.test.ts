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
  (setId: string) => {
    const done = reps[Number(setId.slice(-1)) - 1];
    return done === undefined ? undefined : { load: 100, reps: done, rir: 2 };
  };

test('ten, then eight reps are a fifth fewer: the slot stops at 20 per cent; nine do not', () => {
  expect(hasStopped(planned(20), logged(10, 8))).toBe(true);
  expect(hasStopped(planned(20), logged(10, 9))).toBe(false);
  expect(hasStopped(planned(20), logged(10))).toBe(false);
  expect(hasStopped(planned(20), logged(10, 9, 8))).toBe(true);
});

test('as many reps that were harder are a fall too: 10 with 3 left, then 10 with 0 are 13 and 10, with 1 they are 11', () => {
  const then = (rir: number) => (setId: string) =>
    setId.endsWith('1') ? { load: 100, reps: 10, rir: 3 } : { load: 100, reps: 10, rir };
  expect(hasStopped(planned(20), then(0))).toBe(true);
  expect(hasStopped(planned(20), then(1))).toBe(false);
});

test('a load a fifth lighter is a fall, a little less is not; added load of 0 is none', () => {
  const loads = (first: number, later: number) => (setId: string) => ({
    load: setId.endsWith('1') ? first : later,
    reps: 10,
    rir: 2,
  });
  expect(hasStopped(planned(20), loads(100, 80))).toBe(true);
  expect(hasStopped(planned(20), loads(100, 82.5))).toBe(false);
  expect(hasStopped(planned(20), loads(0, -10))).toBe(false);
});

test('without the rule all sets are done', () => {
  expect(hasStopped(planned(null), logged(10, 1))).toBe(false);
});
