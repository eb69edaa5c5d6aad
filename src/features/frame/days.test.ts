import { catalogueWith, checkInput, EMPTY_LOG, sessionsOf, unfold } from '@/core';
import { athlete, block, lookup, session, slot } from '@/core/testing/fixtures';
import { datesOf, goalByZones, matrixOf, sharesOf } from './days';

const someone = athlete();

function inputOf(...sessions: Parameters<typeof block>[0]) {
  const plan = block(sessions);
  const ladder = unfold({
    block: plan,
    athlete: someone,
    issued: [],
    log: EMPTY_LOG,
    answers: [],
    exercises: lookup,
  });
  const input = checkInput({ block: plan, athlete: someone, ladder, exercises: catalogueWith([]).find });
  if (input === undefined) throw new Error('nothing to check');
  return input;
}

test('the matrix: sets of a day by their shares, hours since the last day that counted, the cycle wrapping round', () => {
  const cells = matrixOf(
    inputOf(session('a', 0, [slot('a1', 'leg-press')]), session('b', 3, [slot('b1', 'leg-press')])),
  );
  const quads = cells.get('quads') ?? [];
  expect(quads).toHaveLength(7);
  // Monday was last trained on Thursday, four days before; Thursday on Monday, three.
  expect(quads[0]).toMatchObject({ hours: 96 });
  expect(quads[3]).toMatchObject({ hours: 72 });
  expect(quads[0]?.sets).toBe(quads[3]?.sets);
  expect([1, 2, 4, 5, 6].map((day) => quads[day])).toEqual([null, null, null, null, null]);
  expect(cells.get('lats')?.every((cell) => cell === null)).toBe(true);
});

test('a muscle trained on one day waits the whole cycle; sets too few to count are no exposure', () => {
  const cells = matrixOf(inputOf(session('a', 2, [slot('a1', 'leg-press')])));
  expect(cells.get('quads')?.[2]).toMatchObject({ hours: 168 });
  const little = matrixOf(
    inputOf(session('a', 2, [slot('a1', 'hack-squat', { technique: { kind: 'straight', sets: 1 } })])),
  );
  expect(little.get('adductors')?.[2]).toMatchObject({ sets: 0.25, hours: null });
});

test('dates of a pass go on across the end of a month', () => {
  expect(datesOf({ startDate: '2026-11-29' }, 3)).toEqual(['2026-11-29', '2026-11-30', '2026-12-01']);
});

test('shares: each hard set in the zone of its own reps, compounds by sets; the plan trains where most lie', () => {
  const { zones, compounds } = sharesOf(
    sessionsOf(inputOf(session('a', 0, [slot('a1', 'leg-press'), slot('a2', 'seated-leg-curl')]))),
  );
  expect(zones.reduce((sum, one) => sum + one, 0)).toBeCloseTo(100, 9);
  expect(compounds).toBeCloseTo(50, 9);
  expect(goalByZones([60, 30, 10])).toBe('strength');
  expect(goalByZones([10, 30, 60])).toBe('endurance');
  expect(goalByZones(zones)).toBe('size');
});
