import { athlete, block, lookup, session, slot } from '../testing/fixtures';
import { untrainedPlan } from './untrained';

/**
 * One-rep max behind a leg press in a block from 2 November, with a best set of 50 × 10 @2 (e1RM 70) of this date.
 */
function maxOf(date: string | null) {
  const person = athlete({
    bestSets: { 'leg-press': { load: { value: 50, unit: 'kg' }, reps: 10, rir: 2, date } },
  });
  const made = block([session('a', 0, [slot('1', 'leg-press')])]);
  const { weeks } = untrainedPlan({ block: made, athlete: person, exercises: lookup });
  const planned = weeks[0]?.plan.sessions[0]?.slots[0];
  const load = planned?.why.load;
  return [
    planned?.oneRepMax,
    load?.code === 'load/best-fit' && load.strength.source.kind === 'best set'
      ? load.strength.source.lessPercent
      : null,
  ];
}

test('a best set eight weeks old counts fully, a day older 5 % less; one without a date fully', () => {
  expect(maxOf('2026-09-07')).toEqual([70, undefined]);
  expect(maxOf('2026-09-06')).toEqual([66.5, 5]);
  expect(maxOf(null)).toEqual([70, undefined]);
});
