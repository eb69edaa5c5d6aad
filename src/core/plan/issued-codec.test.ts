import { EMPTY_LOG } from '../log/log';
import { startOf } from '../techniques/registry';
import { athlete, block, performWeek, session, slot } from '../testing/fixtures';
import { currentSetId, decodeIssued } from './issued-codec';
import type { IssuedWeek } from './week-state';

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

/** The week as stored by engine 2: no techniques, mini-sets or groups. */
function second(of: IssuedWeek): IssuedWeek {
  return {
    ...of,
    engine: 2,
    plan: {
      ...of.plan,
      sessions: of.plan.sessions.map((one) => ({
        ...one,
        slots: one.slots.map((planned) => ({
          ...without(planned, 'technique', 'gate', 'joined', 'motion', 'stretch', 'substitutes', 'override'),
          sets: planned.sets.map((set) =>
            without(
              set,
              'credit',
              'round',
              'piece',
              'rest',
              'manner',
              'sections',
              'variant',
              'measuresStrength',
              'optional',
            ),
          ),
        })),
      })),
    },
  };
}

/** As stored by engine 1: no places, variants or holds either, and one way of counting. */
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
    plan: {
      ...known.plan,
      sessions: known.plan.sessions.map((one) => ({
        ...without(one, 'place', 'optional'),
        slots: one.slots.map((planned) => without(planned, 'variant', 'measure')),
      })),
      muscles: Object.fromEntries(
        Object.entries(known.plan.muscles).map(([muscle, one]) => [
          muscle,
          without(one, 'measured', 'directFrequency'),
        ]),
      ) as typeof known.plan.muscles,
    },
  };
}

const plain = (value: unknown): unknown => JSON.parse(JSON.stringify(value));

function read(stored: unknown): IssuedWeek {
  const decoded = decodeIssued(plain(stored));
  if (!decoded.ok) throw new Error(JSON.stringify(decoded.problems));
  return decoded.value;
}

test('a week of the current engine is unchanged', () => {
  expect(read(week)).toEqual(plain(week));
});

test('engine 3 marked sets that measure no strength in their id, and called the plan a rung', () => {
  const { plan, ...others } = week;
  const sessions = plan.sessions.map((one) => ({
    ...one,
    slots: one.slots.map((planned, at) => ({
      ...planned,
      sets: planned.sets.map(({ measuresStrength: _, ...set }) => ({
        ...set,
        id: at === 0 ? `aside-${set.id}` : set.id,
      })),
    })),
  }));
  const found = read({ ...others, engine: 3, rung: { ...plan, sessions } });
  expect(found).not.toHaveProperty('rung');
  const [one] = found.plan.sessions;
  expect(one?.slots[0]?.sets.map(({ id, measuresStrength }) => [id, measuresStrength])).toEqual([
    ['top-1', false],
    ['back-off-1', false],
    ['back-off-2', false],
  ]);
  expect(one?.slots[1]?.sets[0]).toMatchObject({ id: 'work-1', measuresStrength: true });
  expect(currentSetId('aside-work-2')).toBe('work-2');
  expect(currentSetId('work-2')).toBe('work-2');
});

test.each([
  ['nothing', null],
  ['no sessions', { ...week, plan: { ...week.plan, sessions: undefined } }],
  ['a week that is no number', { ...week, week: '1' }],
  ['neither plan nor rung', { ...week, plan: undefined }],
])('%s is refused', (_, stored) => {
  expect(decodeIssued(stored === null ? null : plain(stored)).ok).toBe(false);
});

test('engine 2’s sets become straight sets, or a top set with back-offs', () => {
  const found = read(second(week));
  expect(found.plan.sessions).toEqual(JSON.parse(JSON.stringify(week.plan.sessions)));
  expect(found.engine).toBe(2);
});

test('engine 1’s weeks are at the usual place, counted in reps, by shares', () => {
  const found = read(first(week));
  expect(found.plan.sessions).toEqual(JSON.parse(JSON.stringify(week.plan.sessions)));
  expect(found.plan.muscles.quads).toMatchObject({
    measured: week.plan.muscles.quads.sets,
    directFrequency: week.plan.muscles.quads.frequency,
    why: { crediting: 'fractional', landmarks: { school: 'ramped', origins: { hold: 'convention' } } },
  });
  expect(found.exercises).toEqual(
    Object.fromEntries(
      Object.entries(week.exercises).map(([id, exercise]) => [
        id,
        { ...exercise, measure: 'reps', longHalf: 'none', variants: [], chain: null, skill: null },
      ]),
    ),
  );
});
