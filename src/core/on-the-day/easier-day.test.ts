import type { SessionPlan } from '../plan/session';
import { athlete, block, HALL, lookup, session, slot, TOP } from '../testing/fixtures';
import { untrainedPlan } from '../unfold/untrained';
import { makeEasier, splitInHalves } from './easier-day';

function planned(...slots: ReturnType<typeof slot>[]): SessionPlan {
  const made = block([session('a', 0, slots)], { rir: { first: 0, last: 0 } });
  const found = untrainedPlan({ block: made, athlete: athlete(), exercises: lookup }).weeks[0]?.plan
    .sessions[0];
  if (found === undefined) throw new Error('nothing planned');
  return found;
}
const sets = (plan: SessionPlan, at = 0) => plan.slots[at]?.sets ?? [];

test('a fifth less load: 100 kg becomes 80, with reps and sets unchanged', () => {
  const plan = planned(slot('1', 'barbell-bench-press'));
  const first = sets(plan)[0];
  if (first?.load == null) throw new Error('no load');
  const light = makeEasier(plan, 'lighter', HALL);
  expect(Math.abs((sets(light)[0]?.load ?? 0) - first.load * 0.8)).toBeLessThanOrEqual(1.25);
  expect(sets(light).map(({ reps }) => reps)).toEqual(sets(plan).map(({ reps }) => reps));
  expect(light.slots[0]?.warmUp.every(({ load }) => load < (sets(light)[0]?.load ?? 0) * 100)).toBe(true);
});

test.each([
  [1, 1],
  [2, 1],
  [3, 2],
  [4, 3],
  [6, 4],
])('a third fewer sets: of %d it keeps the first %d', (before, after) => {
  const plan = planned(slot('1', 'leg-press', { technique: { kind: 'straight', sets: before } }));
  const short = makeEasier(plan, 'fewer sets', HALL);
  expect(sets(short).map(({ id }) => id)).toEqual(
    sets(plan)
      .slice(0, after)
      .map(({ id }) => id),
  );
  expect(short.sets).toBe(after);
});

test('of a top set and two back-offs the top set and one stay; holds get fewer seconds', () => {
  const plan = planned(
    slot('1', 'leg-press', { technique: TOP }),
    slot('2', 'plank', { range: { low: 30, high: 60 } }),
  );
  expect(sets(makeEasier(plan, 'fewer sets', HALL)).map(({ role }) => role)).toEqual(['top', 'back-off']);
  const held = sets(plan, 1)[0]?.reps ?? 0;
  expect(sets(makeEasier(plan, 'lighter', HALL), 1)[0]?.reps).toBe(Math.round(held * 0.8));
});

test('nothing goes to failure or closer than two reps', () => {
  const plan = planned(
    slot('1', 'cable-curl', {
      technique: { kind: 'drop set', sets: 2, drops: 2, off: 0.2, toFailure: true },
    }),
  );
  expect(sets(plan).some(({ piece }) => piece > 1)).toBe(true);
  for (const rescue of ['lighter', 'fewer sets', 'in halves'] as const) {
    const calm = sets(makeEasier(plan, rescue, HALL));
    expect(calm.every(({ piece, rir }) => piece === 1 && rir >= 2)).toBe(true);
  }
});

test('a set in halves: the larger first; three reps are too few, and parts of a round stay whole', () => {
  expect(splitInHalves({ reps: 9, piece: 1 })).toEqual([5, 4]);
  expect(splitInHalves({ reps: 4, piece: 1 })).toEqual([2, 2]);
  expect(splitInHalves({ reps: 3, piece: 1 })).toBeNull();
  expect(splitInHalves({ reps: 9, piece: 2 })).toBeNull();
});
