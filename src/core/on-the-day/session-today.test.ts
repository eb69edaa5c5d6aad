import fc from 'fast-check';
import type { Place } from '../athlete/place';
import { conventionsWith } from '../conventions/conventions';
import { LIBRARY } from '../exercises/library';
import { isMakeable, loadGrid } from '../loading/grid';
import { athlete, block, HALL, HALL_PLACE, lookup, session, slot, TOP } from '../testing/fixtures';
import { untrainedPlan } from '../unfold/untrained';
import { hundredths } from '../units';
import { type NoteContent, type SessionNote, summariseNotes } from './session-note';
import {
  type Day,
  insteadToday,
  loadsPainfulPart,
  mustChoose,
  sessionToday,
  skipReason,
  startLoad,
} from './session-today';

const person = athlete();
const exercises = Object.fromEntries(LIBRARY.map((one) => [one.id, one]));
const CABIN: Place = {
  id: 'cabin',
  name: 'cabin',
  equipment: ['dumbbells', 'bench', 'floor'],
  loads: { ...HALL, dumbbell: { unit: 'kg', weights: [5, 10, 20] } },
};
const day = (changes: Partial<Day> = {}): Day => ({
  place: HALL_PLACE,
  isElsewhere: false,
  exercises,
  starts: {},
  athlete: person,
  conventions: conventionsWith(),
  ...changes,
});
let at = 0;
const told = (...tellings: readonly NoteContent[]) =>
  summariseNotes(
    tellings.map((telling): SessionNote => {
      at++;
      return { ...telling, id: `n${at}`, at: new Date(at * 1000).toISOString() };
    }),
  );
function planned(...slots: ReturnType<typeof slot>[]) {
  const made = block([session('a', 0, slots)]);
  const found = untrainedPlan({ block: made, athlete: person, exercises: lookup }).weeks[0]?.plan.sessions[0];
  if (found === undefined) throw new Error('nothing planned');
  return found;
}
const plan = planned(
  slot('1', 'barbell-bench-press'),
  slot('2', 'cable-fly'),
  slot('3', 'cable-pushdown', { joined: true }),
);
const order = (of: { readonly slots: readonly { readonly slotId: string }[] }) =>
  of.slots.map(({ slotId }) => slotId);

test('without notes it is the session as sent', () => {
  expect(sessionToday(plan, told(), day())).toEqual(plan);
});

describe('a swapped exercise', () => {
  const swap = told({ kind: 'swap', slotId: '1', exerciseId: 'chest-press-machine', why: 'taken' });

  test('keeps the slot’s sets with reps and RIR as planned, at its own load', () => {
    const starts = { 'chest-press-machine': { oneRepMax: 100, from: 'chest-press-machine' } };
    const [mine] = sessionToday(plan, swap, day({ starts })).slots;
    const [asked] = plan.slots;
    expect(mine?.exerciseId).toBe('chest-press-machine');
    expect(mine?.sets.map(({ id, reps, rir }) => [id, reps, rir])).toEqual(
      asked?.sets.map(({ id, reps, rir }) => [id, reps, rir]),
    );
    const first = asked?.sets[0];
    if (first === undefined) throw new Error('no set');
    // Epley's load for n reps at this RIR.
    const wished = 100 / (1 + (first.reps + first.rir) / 30);
    expect(Math.abs((mine?.sets[0]?.load ?? 0) - wished)).toBeLessThanOrEqual(2.5);
    expect(
      startLoad(
        exercises['chest-press-machine'] as never,
        starts['chest-press-machine'],
        first.reps + first.rir,
        day({ starts }),
      ),
    ).toEqual({
      value: mine?.sets[0]?.load,
      unit: 'kg',
    });
  });

  test('without a starting strength the athlete finds the load; back-offs keep their distance from the top set', () => {
    expect(sessionToday(plan, swap, day()).slots[0]?.sets.every(({ load }) => load === null)).toBe(true);
    const top = planned(slot('1', 'barbell-bench-press', { technique: TOP }));
    const starts = { 'chest-press-machine': { oneRepMax: 120, from: 'barbell-bench-press' } };
    const [first, second] = sessionToday(top, swap, day({ starts })).slots[0]?.sets ?? [];
    const [a, b] = top.slots[0]?.sets ?? [];
    const share = (b?.load ?? 0) / (a?.load ?? 1);
    expect(Math.abs((second?.load ?? 0) - (first?.load ?? 0) * share)).toBeLessThanOrEqual(2.5);
  });

  test('swapped back, the planned exercise is unchanged', () => {
    const back = told(
      { kind: 'swap', slotId: '1', exerciseId: 'chest-press-machine', why: 'taken' },
      { kind: 'swap', slotId: '1', exerciseId: 'barbell-bench-press', why: 'taken' },
    );
    expect(sessionToday(plan, back, day())).toEqual(plan);
  });

  test('an exercise that cannot be failed alone is never taken past failure', () => {
    const drops = planned(
      slot('1', 'chest-press-machine', {
        technique: { kind: 'drop set', sets: 1, drops: 2, off: 0.2, toFailure: true },
      }),
    );
    const bench = told({ kind: 'swap', slotId: '1', exerciseId: 'barbell-bench-press', why: 'taken' });
    expect(drops.slots[0]?.sets.some(({ piece }) => piece > 1)).toBe(true);
    const mine = sessionToday(drops, bench, day()).slots[0]?.sets ?? [];
    expect(mine.every(({ piece, rir }) => piece === 1 && rir >= 2)).toBe(true);
  });
});

test('at another place every load can be made there, and exercises without equipment wait for a swap', () => {
  const dumbbells = planned(slot('1', 'flat-dumbbell-press'), slot('2', 'cable-fly'));
  const away = day({ place: CABIN, isElsewhere: true });
  const [press, fly] = sessionToday(dumbbells, told({ kind: 'place', place: 'cabin' }), away).slots;
  const grid = loadGrid('dumbbell', CABIN.loads);
  expect(press?.sets.every(({ load }) => isMakeable(grid, hundredths(load ?? 0)))).toBe(true);
  if (press === undefined || fly === undefined) throw new Error('no slots');
  expect([press, fly].map((one) => mustChoose(one, away))).toEqual([false, true]);
  expect(mustChoose(fly, day())).toBe(false);
  expect(mustChoose({ exerciseId: 'open-fly' }, day())).toBe(true);
});

describe('skipped, put off, extra', () => {
  test('when a group’s first slot is skipped, the next leads the group', () => {
    const led = sessionToday(plan, told({ kind: 'later', slotId: '2' }), day());
    expect(order(led)).toEqual(['1', '3', '2']);
    expect(led.slots.map(({ joined }) => joined)).toEqual([false, false, false]);
    // And it does not join the exercise before the group.
    const without = sessionToday(plan, told({ kind: 'skip', slotId: '2', why: 'taken' }), day());
    expect(without.slots.map(({ slotId, joined }) => [slotId, joined])).toEqual([
      ['1', false],
      ['3', false],
    ]);
    const out = sessionToday(plan, told({ kind: 'skip', slotId: '1', why: 'taken' }), day());
    expect(order(out)).toEqual(['2', '3']);
    expect(out.slots.map(({ joined }) => joined)).toEqual([false, true]);
  });

  test('an extra set is like the last whole one; an extra exercise has three sets of ten', () => {
    const more = sessionToday(
      plan,
      told(
        { kind: 'one more', slotId: '1' },
        { kind: 'one more', slotId: '1' },
        { kind: 'extra', slotId: 'extra-x', exerciseId: 'cable-curl' },
      ),
      day(),
    );
    const [bench] = plan.slots;
    expect(more.slots[0]?.sets.slice(bench?.sets.length).map(({ id, reps }) => [id, reps])).toEqual([
      ['extra-1', bench?.sets.at(-1)?.reps],
      ['extra-2', bench?.sets.at(-1)?.reps],
    ]);
    const added = more.slots.at(-1);
    expect(added).toMatchObject({ slotId: 'extra-x', exerciseId: 'cable-curl' });
    expect(added?.sets.map(({ reps, load }) => [reps, load])).toEqual(Array(3).fill([10, null]));
    expect(more.sets).toBe(plan.sets + 5);
  });
});

describe('pain', () => {
  const hurts = (
    grade: 'slight' | 'clear' | 'strong',
    where: 'shoulder' | 'a muscle' | 'elsewhere' = 'shoulder',
  ) => told({ kind: 'pain', slotId: '1', exerciseId: 'barbell-bench-press', where, grade, line: '' });

  test('slight: the exercise ends, and others that load the joint stay with a warning', () => {
    const pain = hurts('slight');
    expect(order(sessionToday(plan, pain, day()))).toEqual(['2', '3']);
    expect(loadsPainfulPart(exercises['cable-fly'] as never, pain, exercises)).toBe(true);
  });

  test('moderate or strong: every exercise that loads the joint is dropped, with the reason', () => {
    for (const grade of ['clear', 'strong'] as const) {
      const pain = hurts(grade);
      expect(order(sessionToday(plan, pain, day()))).not.toContain('2');
      expect(skipReason({ slotId: '2', exerciseId: 'cable-fly' }, pain, day())).toBe('loads what hurts');
      expect(skipReason({ slotId: '1', exerciseId: 'barbell-bench-press' }, pain, day())).toBe('pain');
    }
  });

  test('in a muscle: every exercise with a prime mover in common is dropped; elsewhere: only this exercise', () => {
    expect(loadsPainfulPart(exercises['cable-fly'] as never, hurts('clear', 'a muscle'), exercises)).toBe(
      true,
    );
    expect(loadsPainfulPart(exercises['cable-curl'] as never, hurts('clear', 'a muscle'), exercises)).toBe(
      false,
    );
    expect(order(sessionToday(plan, hurts('strong', 'elsewhere'), day()))).toEqual(['2', '3']);
  });

  test('no substitute that loads the painful part is offered', () => {
    const list = LIBRARY.map(({ id }) => ({
      exerciseId: id,
      places: ['hall'],
      written: false,
      alike: 1,
      start: null,
    }));
    fc.assert(
      fc.property(
        fc.constantFrom(...LIBRARY),
        fc.constantFrom('shoulder', 'elbow', 'wrist', 'low back', 'hip', 'knee', 'ankle', 'a muscle'),
        (exercise, where) => {
          const pain = told({
            kind: 'pain',
            slotId: '1',
            exerciseId: exercise.id,
            where,
            grade: 'slight',
            line: '',
          } as NoteContent);
          const offered = insteadToday(list, pain, day());
          const isFree = offered.every(({ exerciseId }) => {
            const one = exercises[exerciseId];
            return where === 'a muscle' || one?.joints.includes(where as never) === false;
          });
          expect(isFree).toBe(true);
          expect(offered.some(({ exerciseId }) => exerciseId === exercise.id) && where === 'a muscle').toBe(
            where === 'a muscle' && !Object.values(exercise.contributions).includes(1),
          );
        },
      ),
    );
  });
});

test('an easier day also lightens swapped exercises', () => {
  const starts = { 'chest-press-machine': { oneRepMax: 100, from: 'chest-press-machine' } };
  const swap = { kind: 'swap', slotId: '1', exerciseId: 'chest-press-machine', why: 'taken' } as const;
  const night = { kind: 'readiness', slept: 'poorly', feels: 'poorly', rescue: 'lighter' } as const;
  const whole = sessionToday(plan, told(swap), day({ starts })).slots[0]?.sets[0]?.load ?? 0;
  const light = sessionToday(plan, told(swap, night), day({ starts })).slots[0]?.sets[0]?.load ?? 0;
  expect(Math.abs(light - whole * 0.8)).toBeLessThanOrEqual(2.5);
});
