import { MUSCLES } from '../anatomy/muscle';
import { parseTempo } from '../timing/tempo';
import { primeMovers } from './exercise';
import { exerciseById, LIBRARY } from './library';

test('at least forty exercises, each id once', () => {
  expect(LIBRARY.length).toBeGreaterThanOrEqual(40);
  expect(new Set(LIBRARY.map(({ id }) => id)).size).toBe(LIBRARY.length);
  expect(exerciseById('hack-squat')?.name).toBe('hack squat');
});

test.each(LIBRARY.map((exercise) => [exercise.name, exercise] as const))(
  '%s makes sense',
  (_name, exercise) => {
    const shares = Object.values(exercise.contributions);
    expect(primeMovers(exercise).length).toBeGreaterThan(0);
    for (const share of shares) expect([0.25, 0.5, 1]).toContain(share);
    if (exercise.kind === 'compound') expect(shares.length).toBeGreaterThan(1);
    expect(parseTempo(exercise.tempo)).toBeDefined();
    expect(exercise.restSeconds).toBeGreaterThanOrEqual(30);
    expect(exercise.bodyweightShare > 0).toBe(exercise.loading === 'bodyweight');
    expect(exercise.joints.length).toBeGreaterThan(0);
  },
);

test('every muscle has an exercise that moves it first', () => {
  const trained = new Set(LIBRARY.flatMap(primeMovers));
  for (const muscle of MUSCLES) expect(trained.has(muscle)).toBe(true);
});

test('what cannot be failed alone is free-weight compound work', () => {
  for (const { failableAlone, kind, loading } of LIBRARY) {
    if (!failableAlone) expect([kind, loading]).toEqual(['compound', 'barbell']);
  }
});
