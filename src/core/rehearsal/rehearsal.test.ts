import fc from 'fast-check';
import { currentSets } from '../log/current-sets';
import { EMPTY_LOG } from '../log/log';
import { Memo } from '../memo';
import type { Performed } from '../plan/week-state';
import { athlete, block, lookup, performWeek, session, slot } from '../testing/fixtures';
import { playBlock, unfold } from '../unfold/unfold';
import { modelOf, usualModel } from './model';
import { normal, randomFrom } from './random';
import { Rehearsing, rehearsalOf } from './rehearsal';
import { variantOf } from './variants';

const sets = (many: number) => ({ technique: { kind: 'straight', sets: many } as const, rest: 120 });
const days = (many: number, weeks = 4) =>
  block(
    [
      session('a', 0, [slot('a1', 'chest-press-machine', sets(many)), slot('a2', 'hack-squat', sets(many))]),
      session('b', 3, [slot('b1', 'seal-row', sets(many)), slot('b2', 'seated-leg-curl', sets(many))]),
    ],
    { weeks },
  );

const usual = usualModel('intermediate');
function rehearsed(of = days(3), model: Partial<typeof usual> = {}, runs = 40, seed = 7) {
  const input = { block: of, athlete: athlete(), exercises: lookup, model: { ...usual, ...model } };
  return rehearsalOf(new Rehearsing(input).run(runs, seed));
}

test('numbers that look random: even, normal, and the same for the same seed', () => {
  const random = randomFrom(3);
  const drawn = Array.from({ length: 4000 }, () => normal(random));
  const mean = drawn.reduce((sum, one) => sum + one, 0) / drawn.length;
  const spread = Math.sqrt(drawn.reduce((sum, one) => sum + (one - mean) ** 2, 0) / drawn.length);
  expect(Math.abs(mean)).toBeLessThan(0.06);
  expect(Math.abs(spread - 1)).toBeLessThan(0.06);
  const [a, b] = [randomFrom(5), randomFrom(5)];
  expect([a(), a(), a()]).toEqual([b(), b(), b()]);
});

test('a block played out is the block as it unfolds from the same log, week by week', () => {
  fc.assert(
    fc.property(fc.integer({ min: -3, max: 3 }), fc.integer({ min: 1, max: 3 }), (over, many) => {
      const of = days(many);
      const who = athlete();
      let state: ReturnType<typeof performWeek> = { issued: [], log: EMPTY_LOG };
      const played = playBlock(
        { block: of, athlete: who, exercises: lookup },
        new Memo(),
        () => false,
        ({ week }) => {
          const done = performWeek({ ...state, block: of, athlete: who }, week, ({ reps, rir }) => ({
            reps: Math.max(1, reps + over),
            rir,
          }));
          state = done;
          const logged = currentSets(done.log.sets);
          const performed = new Map<string, Performed>(
            done.log.workouts
              .filter((workout) => workout.week === week)
              .map((workout) => [workout.sessionId, { workout, sets: logged.get(workout.id) ?? new Map() }]),
          );
          return { performed, soreness: new Map() };
        },
      );
      const { weeks } = unfold({ block: of, athlete: who, exercises: lookup, answers: [], ...state });
      const asked = (list: typeof weeks) =>
        list.map(({ issued, plan }) =>
          (issued?.plan ?? plan).sessions.map(({ slots }) =>
            slots.map((one) => one.sets.map(({ load, reps, rir }) => [load, reps, rir])),
          ),
        );
      expect(asked(played.weeks)).toEqual(asked(weeks));
    }),
    { numRuns: 6 },
  );
});

test('the same seed rehearses the same, whatever was rehearsed before it; another one does not', () => {
  const rehearsing = new Rehearsing({ block: days(3), athlete: athlete(), exercises: lookup, model: usual });
  rehearsing.run(5, 99);
  expect(rehearsalOf(rehearsing.run(40, 7))).toEqual(rehearsed());
  expect(rehearsed()).toEqual(rehearsed());
  expect(rehearsed(days(3), {}, 40, 8)).not.toEqual(rehearsed());
});

test('every share is of all runs, and every run is in one of them', () => {
  const { runs, weeks, breaks, whole, loads, early } = rehearsed(days(5), { wear: 4 });
  expect(runs).toBe(40);
  expect(weeks.map(({ kind }) => kind)).toEqual(['building', 'building', 'building', 'building', 'deload']);
  expect(breaks.reduce((sum, { share }) => sum + share, whole)).toBeCloseTo(100);
  for (const { low, middle, high } of loads) expect(low <= middle && middle <= high).toBe(true);
  expect(early.share).toBeLessThanOrEqual(100);
});

test('who wears faster breaks more often; who is honest, rested and steady does not', () => {
  const calm = {
    strengthSpread: 0,
    daySpread: 0,
    setSpread: 0,
    missed: 0,
    wear: 0,
    gain: 0.5,
    ceilingSpread: 0,
  };
  expect(rehearsed(days(3), calm, 10).whole).toBe(100);
  expect(rehearsed(days(6), { ...calm, wear: 150 }, 10).whole).toBe(0);
});

test('who gains is asked for more at the end', () => {
  const steady = { strengthSpread: 0, daySpread: 0, setSpread: 0, missed: 0, wear: 0, ceilingSpread: 0 };
  const { gain: none } = rehearsed(days(3, 6), { ...steady, gain: 0 }, 5);
  const { gain: some } = rehearsed(days(3, 6), { ...steady, gain: 2 }, 5);
  expect(some.middle).toBeGreaterThan(none.middle + 2);
});

test('what is known of the athlete takes the place of what is assumed', () => {
  expect(modelOf('novice', { bias: null, sessions: null })).toEqual(usualModel('novice'));
  const model = modelOf('novice', { bias: 2, sessions: { done: 15, planned: 20 } });
  expect(model.bias).toBe(2);
  // Five of twenty, and three of a hundred in twenty that are assumed.
  expect(model.missed).toBeCloseTo((5 + 0.6) / 40);
  // Few sessions move what is assumed a little.
  expect(modelOf('novice', { bias: null, sessions: { done: 4, planned: 4 } }).missed).toBeCloseTo(0.6 / 24);
});

test('one thing changed: sets, never below one, or weeks', () => {
  const counts = (of: ReturnType<typeof days>) =>
    of.sessions.flatMap(({ slots }) => slots.map(({ technique }) => technique));
  expect(counts(variantOf(days(3), 'a set fewer'))).toEqual(counts(days(2)));
  expect(counts(variantOf(days(1), 'a set fewer'))).toEqual(counts(days(1)));
  expect(counts(variantOf(days(3), 'a set more'))).toEqual(counts(days(4)));
  expect(variantOf(days(3, 1), 'a week less').weeks).toBe(1);
  expect(variantOf(days(3), 'a week more').weeks).toBe(5);
});
