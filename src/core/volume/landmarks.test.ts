import fc from 'fast-check';
import { MUSCLES } from '../anatomy/muscle';
import { LEVELS, PHASES } from '../athlete/athlete';
import { conventionsWith } from '../conventions/conventions';
import { wholeBodyBudget } from './budget';
import { landmarksFor } from './landmarks';

const conventions = conventionsWith();

test('hamstrings of an intermediate gaining: maximum 14 x 1.125 = 15.75 is 16, minimum 6 x 0.8 = 4.8 is 5', () => {
  const { result } = landmarksFor(
    'hamstrings',
    { level: 'intermediate', landmarks: {}, learned: {} },
    'gaining',
    conventions,
  );
  expect([result.floor, result.ceiling]).toEqual([5, 16]);
});

test('a novice’s side delts: 6 x 0.7 = 4.2 is 4; gaining 3.36 would be below maintenance, so 4', () => {
  const novice = { level: 'novice', landmarks: {}, learned: {} } as const;
  expect(landmarksFor('side delts', novice, 'holding', conventions).result.floor).toBe(4);
  expect(landmarksFor('side delts', novice, 'gaining', conventions).result.floor).toBe(4);
});

test('maintenance <= minimum <= maximum, whatever a coach sets and blocks have taught', () => {
  const mark = fc.double({ min: 0, max: 60, noNaN: true });
  fc.assert(
    fc.property(
      fc.constantFrom(...MUSCLES),
      fc.constantFrom(...LEVELS),
      fc.constantFrom(...PHASES),
      fc.record({ hold: mark, floor: mark, ceiling: mark }, { requiredKeys: [] }),
      fc.record({ floor: mark, ceiling: mark }, { requiredKeys: [] }),
      (muscle, level, phase, own, learned) => {
        const { result } = landmarksFor(
          muscle,
          { level, landmarks: { [muscle]: own }, learned: { [muscle]: { ...learned, evidence: '' } } },
          phase,
          conventions,
        );
        expect(result.hold).toBeLessThanOrEqual(result.floor);
        expect(result.floor).toBeLessThanOrEqual(result.ceiling);
      },
    ),
  );
});

test('an advanced athlete cutting with two hard sport sessions: 120 x 0.85 - 8 = 94', () => {
  expect(
    wholeBodyBudget(
      { level: 'advanced', sport: [{ name: 'running', sessions: 2, hard: true }] },
      'cutting',
      conventions,
    ),
  ).toBeCloseTo(94, 9);
});
