import type { Place } from '../athlete/place';
import { exerciseById, LIBRARY } from '../exercises/library';
import { UNFILLED_EXERCISES } from '../exercises/unfilled-exercise';
import { EMPTY_LOG, type LoggedSet } from '../log/log';
import { athlete, block, HALL_PLACE, performWeek, session, slot } from '../testing/fixtures';
import { insteadOf, strengthByExercise } from './substitutes';

const of = (id: string) => {
  const exercise = exerciseById(id);
  if (exercise === undefined) throw new Error(`no ${id}`);
  return exercise;
};
const HOME: Place = { ...HALL_PLACE, id: 'home', name: 'home', equipment: ['dumbbells', 'bench', 'floor'] };
const person = athlete({ places: [HALL_PLACE, HOME], bestSets: {} });
const bench = of('barbell-bench-press');
const offered = (strengths: Readonly<Record<string, number>> = {}, written: readonly string[] = []) =>
  insteadOf(bench, written, LIBRARY, new Map(Object.entries(strengths)), person, '2026-11-02');
const start = (id: string, strengths: Readonly<Record<string, number>>) =>
  offered(strengths, [id]).find(({ exerciseId }) => exerciseId === id)?.start;

test('the coach’s own substitutes come first, each with the places that have its equipment', () => {
  const [first] = offered({}, ['push-up']);
  expect(first).toMatchObject({ exerciseId: 'push-up', written: true, places: ['hall', 'home'] });
  const dumbbells = offered().find(({ exerciseId }) => exerciseId === 'flat-dumbbell-press');
  expect(dumbbells?.places).toEqual(['hall', 'home']);
  const machine = offered().find(({ exerciseId }) => exerciseId === 'chest-press-machine');
  expect(machine?.places ?? ['hall']).toEqual(['hall']);
  expect(offered().some(({ exerciseId }) => exerciseId === bench.id)).toBe(false);
});

test('an exercise starts from its own strength, or cautiously from a similar one’s; otherwise the athlete finds the load', () => {
  expect(start('flat-dumbbell-press', { 'flat-dumbbell-press': 44 })).toEqual({
    oneRepMax: 44,
    from: 'flat-dumbbell-press',
  });
  // A bar of 100 equals 40 per hand, of which at most 85 per cent.
  const guess = start('flat-dumbbell-press', { 'barbell-bench-press': 100 });
  expect(guess?.from).toBe('barbell-bench-press');
  expect(guess?.oneRepMax).toBeCloseTo(34);
  expect(start('chest-press-machine', { 'barbell-bench-press': 100 })).toBeNull();
  // For another kind of machine, or from a bar to a plate-loaded machine, four fifths, of which 85 per cent.
  expect(start('guided-bar-bench-press', { 'barbell-bench-press': 100 })?.oneRepMax).toBeCloseTo(68);
  expect(start('guided-bar-bench-press', { 'chest-press-machine': 100 })?.oneRepMax).toBeCloseTo(68);
  expect(start('flat-dumbbell-press', { 'dumbbell-curl': 20 })).toBeNull();
});

test('an open slot takes any available exercise of its pattern', () => {
  const open = UNFILLED_EXERCISES.find(({ pattern }) => pattern === 'horizontal press');
  if (open === undefined) throw new Error('no pattern');
  const list = insteadOf(open, [], LIBRARY, new Map(), person, '2026-11-02');
  expect(list.length).toBeGreaterThan(3);
  expect(list.every(({ exerciseId }) => of(exerciseId).pattern === 'horizontal press')).toBe(true);
  expect(list.some(({ places }) => places.includes('home'))).toBe(true);
});

describe('an athlete’s strength', () => {
  const made = block([session('a', 0, [slot('1', 'leg-press')])], { weeks: 1 });
  const state = { block: made, athlete: athlete(), issued: [], log: EMPTY_LOG };
  const done = performWeek(state, 1);
  const newest = exerciseById;

  test('comes from the first set of the latest session, before any typed best set', () => {
    const [first] = done.log.sets;
    const strengths = strengthByExercise(state.athlete, done, newest);
    if (first === undefined) throw new Error('nothing done');
    expect(strengths.get('leg-press')).toBeCloseTo(first.load.value * (1 + (first.reps + first.rir) / 30));
    // Typed: 24 × 10 @2.
    expect(strengths.get('flat-dumbbell-press')).toBeCloseTo(24 * (1 + 12 / 30));
    expect(strengths.has('plank')).toBe(false);
  });

  test('is not taken from a deload or a day made easier', () => {
    const light = (sets: readonly LoggedSet[]) =>
      sets.map((set) => ({ ...set, load: { ...set.load, value: 10 } }));
    const typed = strengthByExercise(state.athlete, { log: EMPTY_LOG, issued: [] }, newest).get('leg-press');
    const deload = performWeek({ ...state, ...done }, 2);
    expect(deload.issued[1]?.plan.kind).toBe('deload');
    const after = {
      ...deload,
      log: { ...deload.log, sets: [...done.log.sets, ...light(deload.log.sets.slice(3))] },
    };
    expect(strengthByExercise(state.athlete, after, newest)).toEqual(
      strengthByExercise(state.athlete, done, newest),
    );
    const night = {
      kind: 'readiness',
      slept: 'poorly',
      feels: 'poorly',
      rescue: 'lighter',
      id: 'n',
      at: '',
    } as const;
    const rescued = {
      ...done,
      log: { ...done.log, workouts: done.log.workouts.map((one) => ({ ...one, notes: [night] })) },
    };
    expect(strengthByExercise(state.athlete, rescued, newest).get('leg-press')).toBe(typed);
  });
});
