import { athlete, block, lookup, session, slot } from '../testing/fixtures';
import { untrainedPlan } from './untrained';

/** A leg press of 8-12 in a block of four weeks, the last two in a cut. */
function weeksOf(phaseRanges: boolean) {
  const who = athlete({
    phases: [
      { from: '2026-01-01', phase: 'holding' },
      { from: '2026-11-16', phase: 'cutting' },
    ],
  });
  const made = block([session('a', 0, [slot('1', 'leg-press', { rest: 150 })])], { weeks: 4, phaseRanges });
  return untrainedPlan({ block: made, athlete: who, exercises: lookup }).weeks.map(
    ({ plan }) => plan.sessions[0]?.slots[0],
  );
}

test('from the week in which the cut starts 8-12 becomes 13-17: every set lighter and longer, with the reason', () => {
  const [, second, third, fourth] = weeksOf(true);
  expect(second?.range).toEqual({ low: 8, high: 12 });
  expect(second?.why.reps).not.toHaveProperty('moved');
  for (const week of [third, fourth]) {
    expect(week?.range).toEqual({ low: 13, high: 17 });
    for (const { reps } of week?.sets ?? []) {
      expect(reps).toBeGreaterThanOrEqual(13);
      expect(reps).toBeLessThanOrEqual(17);
    }
    expect(week?.why.reps).toMatchObject({ moved: { from: { low: 8, high: 12 }, phase: 'cutting' } });
  }
  expect(third?.sets[0]?.load).toBeLessThan(second?.sets[0]?.load ?? 0);
});

test('switched off, a cut leaves ranges as written', () => {
  for (const week of weeksOf(false).slice(0, 4)) expect(week?.range).toEqual({ low: 8, high: 12 });
});
