import { conventionsWith } from '../conventions/conventions';
import { EMPTY_LOG } from '../log/log';
import type { SetPlan } from '../plan/set';
import { athlete, block, lookup, performWeek, session, slot } from '../testing/fixtures';
import { rebankedSets } from './plan-slot/bank';
import { unfold } from './unfold';
import { untrainedPlan } from './untrained';

const conventions = conventionsWith();

const base = {
  role: 'work',
  load: 50,
  rir: 0,
  hard: true,
  credit: 1,
  piece: 1,
  rest: 60,
  manner: 'full',
  sections: [],
  variant: null,
  measuresStrength: true,
  optional: false,
} as const;
const set = (at: number, reps: number, predictedRir: number): SetPlan => ({
  ...base,
  id: `work-${at}`,
  round: at,
  reps,
  predictedRir,
});

test('one more in the set with most room, the earlier of two equal ones', () => {
  // Possible: 11, 9.5, 8. Last time 10, 9, 7: room 1, 0.5 and 1.
  const sets = [set(1, 11, 0), set(2, 9, 0.5), set(3, 8, 0)];
  const asked = rebankedSets(sets, [10, 9, 7], conventions);
  expect(asked.map(({ reps }) => reps)).toEqual([11, 9, 7]);
  expect(asked.map(({ predictedRir }) => predictedRir)).toEqual([0, 0.5, 1]);
  // With slightly more room in the last set it is the last.
  expect(rebankedSets(sets, [10, 9, 6], conventions).map(({ reps }) => reps)).toEqual([10, 9, 7]);
});

test('a newly added set is planned as laid out', () => {
  expect(rebankedSets([set(1, 11, 0), set(2, 9, 0.5)], [10], conventions).map(({ reps }) => reps)).toEqual([
    11, 9,
  ]);
});

test("a set that keeps more in reserve with last time's reps no longer counts", () => {
  // Ten leave 2; last time seven were done, so one more leaves 4, and seven would leave 5.
  const asked = rebankedSets([set(1, 10, 2), set(2, 10, 2)], [7, 7], conventions);
  expect(asked.map(({ reps, predictedRir, hard, credit }) => [reps, predictedRir, hard, credit])).toEqual([
    [8, 4, true, 1],
    [7, 5, false, 0],
  ]);
});

test('a projected sum counts only the reps that are predicted possible', () => {
  // Sixty reach 12 + 11 + 10 + 9 = 42, so 62.5 follows; there 40 are asked and 38 are possible: it stays.
  const made = block(
    [
      session('a', 0, [
        slot('1', 'leg-press', { technique: { kind: 'rep bank', sets: 4, sum: 40, toFailure: true } }),
      ]),
    ],
    { weeks: 6 },
  );
  const { weeks } = untrainedPlan({ block: made, athlete: athlete(), exercises: lookup });
  const first = weeks.slice(0, 6).map(({ plan }) => plan.sessions[0]?.slots[0]?.sets[0]?.load);
  expect(first).toEqual([60, 62.5, 62.5, 62.5, 62.5, 62.5]);
});

/** Five sets of as many as possible, done so in week 1; the plan of week 2. */
function after(done: readonly number[], sum: number) {
  const who = athlete();
  const made = block(
    [
      session('a', 0, [
        slot('1', 'pull-up', {
          technique: { kind: 'rep bank', sets: 5, sum, toFailure: true },
          range: { low: 5, high: 12 },
          rest: 60,
        }),
      ]),
    ],
    { weeks: 3 },
  );
  const state = { block: made, athlete: who, issued: [], log: EMPTY_LOG };
  const logged = performWeek(state, 1, ({ id }) => ({ reps: done[Number(id.slice(-1)) - 1] ?? 0, rir: 0 }));
  const { weeks } = unfold({ ...state, ...logged, exercises: lookup, answers: [] });
  return weeks.map(({ plan }) => plan.sessions[0]?.slots[0]?.sets ?? []);
}

test('39 done make 40 planned: each set as before, with one rep more in one of them', () => {
  const done = [10, 9, 8, 7, 5];
  const [first, second, third] = after(done, 50);
  const reps = second?.map((one) => one.reps) ?? [];
  expect(reps.reduce((sum, one) => sum + one, 0)).toBe(40);
  expect(reps.filter((one, at) => one !== done[at])).toHaveLength(1);
  expect(second?.[0]?.load).toBe(first?.[0]?.load);
  // Beyond the log it adds one a week.
  expect(third?.reduce((sum, one) => sum + one.reps, 0)).toBe(41);
});

test('at the sum the load rises, or assistance falls, and the reps start over', () => {
  const done = [10, 9, 8, 7, 5];
  const [first, second] = after(done, 39);
  expect(second?.[0]?.load).toBeGreaterThan(first?.[0]?.load ?? 0);
  const [, stays] = after(done, 40);
  expect(stays?.[0]?.load).toBe(first?.[0]?.load);
});
