import type { Slot } from '../block/block';
import { athlete, block, HALL, HALL_PLACE, lookup, session, slot } from '../testing/fixtures';
import { untrainedPlan } from './untrained';

/** A single set of a leg extension (50 × 10 @2: 70 kg) in its weeks, at RIR 3 throughout. */
function firstSets(ofMax: Slot['ofMax'], changes: Partial<Slot> = {}) {
  const who = athlete({
    places: [{ ...HALL_PLACE, loads: HALL }],
    bestSets: { 'leg-extension': { load: { value: 50, unit: 'kg' }, reps: 10, rir: 2, date: null } },
  });
  const made = block(
    [
      session('a', 0, [
        slot('1', 'leg-extension', { technique: { kind: 'straight', sets: 1 }, ofMax, ...changes }),
      ]),
    ],
    {
      weeks: 4,
      rir: { first: 3, last: 3 },
    },
  );
  return untrainedPlan({ block: made, athlete: who, exercises: lookup }).weeks.map(
    ({ plan }) => plan.sessions[0]?.slots[0],
  );
}

test('70 % of 70 kg are 49, made as 50, and 9 reps leave the planned 3', () => {
  const [first] = firstSets({ share: 70, weekly: 0 });
  const [set] = first?.sets ?? [];
  // 50 is possible 12 times.
  expect(set).toMatchObject({ load: 50, reps: 9 });
  expect(set?.predictedRir).toBeCloseTo(3, 9);
  expect(first?.why.load).toMatchObject({ rule: 'share of the max', fit: { decider: 'share of the max' } });
});

test('the resulting RIR is shown if the range cannot give the planned one: 80 % of 8-12', () => {
  // 56 kg, made as 55: 8.2 times, so the bottom of the range, with 0.2 left.
  const [first] = firstSets({ share: 80, weekly: 0 }, { range: { low: 8, high: 12 } });
  const [set] = first?.sets ?? [];
  expect(set?.load).toBe(55);
  expect(set?.predictedRir).toBeCloseTo(30 * (70 / 55 - 1) - (set?.reps ?? 0), 9);
  expect(set?.predictedRir).toBeLessThan(3);
});

test('a weekly step of 2.5 points: 70, 72.5, 75 and 77.5 % of the athlete’s strength at that time', () => {
  const weeks = firstSets({ share: 70, weekly: 2.5 }).slice(0, 4);
  expect(weeks.map((planned) => planned?.sets[0]?.load)).toEqual([50, 50, 52.5, 55]);
  const flat = firstSets({ share: 70, weekly: 0 }).slice(0, 4);
  expect(flat.map((planned) => planned?.sets[0]?.load)).toEqual([50, 50, 50, 50]);
});
