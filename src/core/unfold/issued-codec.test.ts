import { EMPTY_LOG } from '../log/log';
import { startOf } from '../techniques/registry';
import { athlete, block, performWeek, session, slot } from '../testing/fixtures';
import { issuedFrom } from './issued-codec';
import type { IssuedWeek } from './ladder';

const made = block([
  session('a', 0, [
    slot('1', 'hack-squat', { technique: startOf('top + back-offs') }),
    slot('2', 'leg-extension'),
  ]),
]);
const { issued } = performWeek({ block: made, athlete: athlete(), issued: [], log: EMPTY_LOG }, 1);
const [week] = issued;
if (week === undefined) throw new Error('nothing was issued');

function without<T extends object>(value: T, ...names: readonly string[]): T {
  return Object.fromEntries(Object.entries(value).filter(([name]) => !names.includes(name))) as T;
}

/** The week as engine 2 stored it: no techniques, mini-sets or groups. */
function second(of: IssuedWeek): IssuedWeek {
  return {
    ...of,
    engine: 2,
    rung: {
      ...of.rung,
      sessions: of.rung.sessions.map((one) => ({
        ...one,
        slots: one.slots.map((planned) => ({
          ...without(planned, 'technique', 'gate', 'joined', 'motion', 'stretch', 'substitutes', 'override'),
          sets: planned.sets.map((set) =>
            without(set, 'credit', 'round', 'piece', 'rest', 'manner', 'sections', 'variant', 'optional'),
          ),
        })),
      })),
    },
  };
}

/** As engine 1 did: no places, variants or holds either, and one school of counting. */
function first(of: IssuedWeek): IssuedWeek {
  const known = second(of);
  return {
    ...known,
    engine: 1,
    exercises: Object.fromEntries(
      Object.entries(known.exercises).map(([id, exercise]) => [
        id,
        without(exercise, 'measure', 'longHalf', 'variants', 'chain', 'skill'),
      ]),
    ),
    rung: {
      ...known.rung,
      sessions: known.rung.sessions.map((one) => ({
        ...without(one, 'place', 'optional'),
        slots: one.slots.map((planned) => without(planned, 'variant', 'measure')),
      })),
      muscles: Object.fromEntries(
        Object.entries(known.rung.muscles).map(([muscle, one]) => [
          muscle,
          without(one, 'measured', 'directFrequency'),
        ]),
      ) as typeof known.rung.muscles,
    },
  };
}

test('a week of today’s engine is what it was', () => {
  expect(issuedFrom(week)).toBe(week);
});

test('a week of engine 2 reads with its sets as straight ones or a top set with back-offs', () => {
  const read = issuedFrom(JSON.parse(JSON.stringify(second(week))));
  expect(read.rung.sessions).toEqual(JSON.parse(JSON.stringify(week.rung.sessions)));
  expect(read.engine).toBe(2);
});

test('a week of engine 1 reads as at the usual place, by reps, counted by shares', () => {
  const read = issuedFrom(JSON.parse(JSON.stringify(first(week))));
  expect(read.rung.sessions).toEqual(JSON.parse(JSON.stringify(week.rung.sessions)));
  expect(read.rung.muscles.quads).toMatchObject({
    measured: week.rung.muscles.quads.sets,
    directFrequency: week.rung.muscles.quads.frequency,
    why: { crediting: 'fractional', landmarks: { school: 'ramped', origins: { hold: 'convention' } } },
  });
  expect(read.exercises).toEqual(
    Object.fromEntries(
      Object.entries(week.exercises).map(([id, exercise]) => [
        id,
        { ...exercise, measure: 'reps', longHalf: 'none', variants: [], chain: null, skill: null },
      ]),
    ),
  );
});
