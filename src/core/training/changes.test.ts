import type { Answer } from '../calls/registry';
import type { LoggedSet, Workout } from '../log/log';
import { athlete, block, performWeek, session, slot } from '../testing/fixtures';
import { pageState, type TrainingChanges, withChanges } from './changes';
import type { Training } from './training';

const written = block([session('a', 0, [slot('1', 'leg-press')])]);
const done = performWeek(
  { block: written, athlete: athlete(), issued: [], log: { workouts: [], sets: [], soreness: [] } },
  1,
);
const training: Training = {
  blockId: 'b',
  revision: 4,
  block: written,
  athlete: athlete(),
  athleteRevision: 2,
  ownExercises: [],
  issued: done.issued,
  log: {
    ...done.log,
    soreness: [{ workoutId: 'w1-a', muscle: 'quads', ended: '2026-11-03', said: '2026-11-04' }],
  },
  answers: [],
  checkIns: [],
  readAt: '2026-11-09T10:00:00.000Z',
};
const nothing: TrainingChanges = {
  readAt: '2026-11-09T11:00:00.000Z',
  revision: 4,
  steps: [],
  athlete: null,
  ownExercises: null,
  issued: [],
  recalled: [],
  workouts: [],
  sets: [],
  soreness: [],
  answers: [],
  checkIns: [],
  totals: { workouts: 1, sets: 3, soreness: 1, answers: 0 },
};
const set = (id: string, at: string, changes: Partial<LoggedSet> = {}): LoggedSet => ({
  ...(done.log.sets[0] as LoggedSet),
  id,
  at,
  ...changes,
});

test('a page says which version it has', () => {
  expect(pageState(training)).toEqual({
    revision: 4,
    athleteRevision: 2,
    exercises: 0,
    issued: ['i1/0'],
    readAt: '2026-11-09T10:00:00.000Z',
  });
});

test('without news every part stays the same object', () => {
  const after = withChanges(training, nothing);
  expect(after?.log).toBe(training.log);
  expect(after?.issued).toBe(training.issued);
  expect(after?.answers).toBe(training.answers);
  expect(after?.athlete).toBe(training.athlete);
  expect(after?.readAt).toBe('2026-11-09T11:00:00.000Z');
});

test('new sets are in the order they were done; known ones are not duplicated', () => {
  const sets = [
    set('late', '2026-11-09T09:00:00Z'),
    set('early', '2026-11-01T09:00:00Z'),
    done.log.sets[1] as LoggedSet,
  ];
  const after = withChanges(training, { ...nothing, sets, totals: { ...nothing.totals, sets: 5 } });
  expect(after?.log.sets.map(({ id }) => id)).toEqual([
    'early',
    ...done.log.sets.map(({ id }) => id),
    'late',
  ]);
});

test('sets of an unknown workout are ignored, and totals that do not match ask for everything', () => {
  const stray = set('stray', '2026-11-09T09:00:00Z', { workoutId: 'elsewhere' });
  expect(withChanges(training, { ...nothing, sets: [stray] })?.log.sets).toHaveLength(3);
  expect(withChanges(training, { ...nothing, totals: { ...nothing.totals, sets: 4 } })).toBeUndefined();
  expect(withChanges(training, { ...nothing, totals: { ...nothing.totals, workouts: 2 } })).toBeUndefined();
});

test('workouts are ordered by date, and by id on the same day', () => {
  const [first] = done.log.workouts as readonly [Workout];
  const workouts = [
    { ...first, id: 'z', date: '2026-11-02' },
    { ...first, id: 'c', date: '2026-11-01' },
  ];
  const after = withChanges(training, { ...nothing, workouts, totals: { ...nothing.totals, workouts: 3 } });
  expect(after?.log.workouts.map(({ id }) => id)).toEqual(['c', 'w1-a', 'z']);
});

test('a recalled week disappears with its workouts and sets', () => {
  const after = withChanges(training, {
    ...nothing,
    recalled: ['i1'],
    totals: { workouts: 0, sets: 0, soreness: 0, answers: 0 },
  });
  expect(after?.issued).toEqual([]);
  expect(after?.log.workouts).toEqual([]);
  expect(after?.log.sets).toEqual([]);
});

test('weeks are ordered by number, whatever order they arrive in', () => {
  const [week] = done.issued;
  if (week === undefined) throw new Error('no week');
  const later = { ...week, id: 'i3', week: 3 };
  const between = { ...week, id: 'i2', week: 2 };
  const after = withChanges(training, { ...nothing, issued: [later, between] });
  expect(after?.issued.map(({ id }) => id)).toEqual(['i1', 'i2', 'i3']);
});

test('the latest report on a muscle of a workout counts, others stay', () => {
  const after = withChanges(training, {
    ...nothing,
    soreness: [
      { workoutId: 'w1-a', muscle: 'quads', ended: 'still', said: '2026-11-05' },
      { workoutId: 'w1-a', muscle: 'glutes', ended: 'none', said: '2026-11-05' },
    ],
  });
  expect(after?.log.soreness).toEqual([
    { workoutId: 'w1-a', muscle: 'quads', ended: 'still', said: '2026-11-05' },
    { workoutId: 'w1-a', muscle: 'glutes', ended: 'none', said: '2026-11-05' },
  ]);
});

test('an answer given again is listed once, at the end', () => {
  const answer = (id: string, answeredAt: string) => ({ id, answeredAt }) as unknown as Answer;
  const before = { ...training, answers: [answer('x', '1'), answer('y', '1')] };
  const after = withChanges(before, {
    ...nothing,
    answers: [answer('x', '2')],
    totals: { ...nothing.totals, answers: 2 },
  });
  expect(after?.answers).toEqual([answer('y', '1'), answer('x', '2')]);
});

test('an answer undone elsewhere asks for everything', () => {
  const before = { ...training, answers: [{ id: 'x' } as unknown as Answer] };
  expect(withChanges(before, nothing)).toBeUndefined();
});

test('a changed athlete and new exercises replace the old ones', () => {
  const other = athlete({ name: 'Other' });
  const after = withChanges(training, {
    ...nothing,
    athlete: { athlete: other, revision: 3 },
    ownExercises: [],
  });
  expect(after).toMatchObject({ athlete: { name: 'Other' }, athleteRevision: 3, ownExercises: [] });
});
