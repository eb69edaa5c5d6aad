import type { Slot } from '../block/block';
import { runAllChecks } from '../findings/registry';
import { athlete, block, HALL, HALL_PLACE, lookup, session, slot } from '../testing/fixtures';
import { untrainedPlan } from './untrained';

/** Pull-ups of somebody of 80 kg who does ten with two left: a 1RM of 112 kg, twelve to failure. */
function pullUps(changes: Partial<Slot>, known = true) {
  const who = athlete({
    places: [{ ...HALL_PLACE, loads: HALL }],
    bodyweight: { value: 80, unit: 'kg' },
    bestSets: known ? { 'pull-up': { load: { value: 0, unit: 'kg' }, reps: 10, rir: 2, date: null } } : {},
  });
  const made = block([session('a', 0, [slot('1', 'pull-up', { alone: true, ...changes })])], { weeks: 3 });
  const plan = untrainedPlan({ block: made, athlete: who, exercises: lookup });
  return { first: plan.weeks[0]?.plan.sessions[0]?.slots[0]?.sets[0], made, who, plan };
}

test('bodyweight alone: no belt for low reps and no assistance for high ones, in any week', () => {
  for (const range of [
    { low: 4, high: 6 },
    { low: 15, high: 20 },
  ])
    for (const { plan } of pullUps({ range }).plan.weeks)
      for (const planned of plan.sessions[0]?.slots ?? [])
        for (const set of planned.sets) expect(set.load).toBe(0);
});

test('free reps keep the week’s reserve: 3 left of 12 are 9 of 8 to 12', () => {
  expect(pullUps({ range: { low: 8, high: 12 } }).first).toMatchObject({ reps: 9, rir: 3 });
});

test('written reps ask the reserve that they leave: fives leave 7', () => {
  // Three left on average over three sets are four after the first.
  const { first } = pullUps({ range: { low: 5, high: 5 } });
  expect(first).toMatchObject({ reps: 5, rir: 7, weekRir: 4 });
});

test('nobody knows the athlete: 0 added, 0 assistance, not the most assistance', () => {
  expect(pullUps({}, false).first).toMatchObject({ load: 0 });
  expect(pullUps({ alone: false }, false).first).toMatchObject({ load: null });
});

test('a reserve far above the week’s is no outdated load: the body cannot be made heavier', () => {
  const stale = (changes: Partial<Slot>) => {
    const { made, who, plan } = pullUps({ range: { low: 5, high: 5 }, ...changes });
    const input = { block: made, athlete: who, exercises: lookup, blockPlan: plan };
    return runAllChecks(input).filter(({ detail }) => detail.rule === 'stale load');
  };
  expect(stale({})).toEqual([]);
});
