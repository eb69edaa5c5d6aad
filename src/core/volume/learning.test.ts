import fc from 'fast-check';
import { PHASES } from '../athlete/athlete';
import { conventionsWith } from '../conventions/conventions';
import { VERDICTS } from '../recovery/performance';
import { landmarksFor, startingSets } from './landmarks';
import { learnLandmarks, type WeekOfMuscle } from './learn-landmarks';
import { cutShortfall, startShortfall } from './start-enough';

const conventions = conventionsWith();
const someone = { level: 'intermediate', landmarks: {}, learned: {} } as const;
const week = (at: number, sets: number, ...verdicts: WeekOfMuscle['verdicts']): WeekOfMuscle => ({
  week: at,
  sets,
  verdicts,
  phase: 'holding',
});

describe('volume ranges', () => {
  test('the coach’s figure wins over a learned one, and that over the default; learned figures skip the level', () => {
    const trace = landmarksFor(
      'chest',
      {
        level: 'advanced',
        landmarks: { chest: { ceiling: 20 } },
        learned: { chest: { floor: 7, ceiling: 16, evidence: '' } },
      },
      'gaining',
      conventions,
    );
    expect(trace.origins).toEqual({ hold: 'convention', floor: 'learned', ceiling: 'coach' });
    // 7 x 0.8 = 5.6, and 20 x 1.15 x 1.125 = 25.875.
    expect(trace.result).toMatchObject({ floor: 6, ceiling: 26 });
  });

  test('a fixed dose is 3, 7 and 12 for everybody', () => {
    const { result } = landmarksFor(
      'calves',
      { ...someone, level: 'novice' },
      'cutting',
      conventions,
      'fixed dose',
    );
    expect(result).toEqual({ hold: 3, floor: 7, ceiling: 12 });
  });

  test('the start: a minimum of 6.4 is 7 sets, a priority one more, a maintained muscle its maintenance', () => {
    const marks = { hold: 4, floor: 6.4, ceiling: 20 };
    expect(startingSets(marks, 'grow')).toBe(7);
    expect(startingSets(marks, 'priority')).toBe(8);
    expect(startingSets(marks, 'hold')).toBe(4);
  });
});

test('growing without own sets teaches nothing about the minimum; with one it does', () => {
  expect(learnLandmarks('chest', someone, [week(1, 0, 'ahead')], conventions).floor).toBeNull();
  expect(learnLandmarks('chest', someone, [week(1, 1, 'ahead')], conventions).floor).toMatchObject({
    grewAt: 1,
    week: 1,
  });
});

describe('whether the start is enough', () => {
  const sets = (...reps: number[]) => [{ sets: reps.map((n) => ({ load: 60, reps: n, rir: 2 })) }];
  test('worked and falling: enough; one of the two: one more; neither: two', () => {
    expect(startShortfall(sets(10, 9, 8), 'early')).toBe(0);
    expect(startShortfall(sets(10, 10, 10), 'early')).toBe(1);
    expect(startShortfall(sets(10, 9, 8), 'never sore')).toBe(1);
    expect(startShortfall(sets(10, 10, 10), 'never sore')).toBe(2);
  });
  test('deep in a cut only sets that no longer fall off ask for more', () => {
    expect(cutShortfall(sets(10, 9, 8), 'never sore')).toBe(0);
    expect(cutShortfall(sets(10, 10, 10), 'early')).toBe(1);
    expect(cutShortfall(sets(10, 10, 10), 'never sore')).toBe(2);
  });
  test('without a check-in it counts as worked; a single set or different loads show nothing about reps', () => {
    expect(startShortfall(sets(10), 'no check-in')).toBe(0);
    const dropping = [
      {
        sets: [
          { load: 60, reps: 10, rir: 2 },
          { load: 50, reps: 10, rir: 2 },
        ],
      },
    ];
    expect(startShortfall(dropping, 'early')).toBe(0);
  });
});

describe('lessons of a block', () => {
  test('below target twice at 12 sets: the maximum of 18 moves a third of the way, to 16', () => {
    const lesson = learnLandmarks(
      'chest',
      someone,
      [
        week(1, 10, 'on target', 'on target'),
        week(2, 11, 'on target', 'behind'),
        week(3, 12, 'behind', 'behind'),
      ],
      conventions,
    );
    expect(lesson.ceiling).toEqual({ from: 18, to: 16, failedAt: 12, week: 3 });
  });

  test('growth at 5 sets with a minimum of 8 lowers it to 7', () => {
    const lesson = learnLandmarks('chest', someone, [week(1, 5, 'ahead')], conventions);
    expect(lesson.floor).toEqual({ from: 8, to: 7, grewAt: 5, week: 1 });
    expect(lesson.ceiling).toBeNull();
  });

  test('phase is divided out: 14.85 sets while gaining are 13.2 at maintenance; earlier lessons are the starting point', () => {
    const known = { ...someone, learned: { chest: { ceiling: 15, evidence: '' } } };
    const gaining = { ...week(2, 14.85, 'behind', 'behind'), phase: 'gaining' as const };
    expect(learnLandmarks('chest', known, [gaining], conventions).ceiling?.to).toBeCloseTo(
      15 + (13.2 - 15) / 3,
      9,
    );
  });

  test('a figure typed after a lesson is the starting point: 20, not the learned 15', () => {
    const typed = {
      ...someone,
      learned: { chest: { ceiling: 15, evidence: '' } },
      landmarks: { chest: { ceiling: 20 } },
    };
    const lesson = learnLandmarks('chest', typed, [week(2, 14, 'behind', 'behind')], conventions);
    expect(lesson.ceiling).toMatchObject({ from: 20, to: 18 });
  });

  test('a minimum is never raised, whatever happens', () => {
    const weeks = fc.array(
      fc.record({
        week: fc.integer({ min: 1, max: 12 }),
        sets: fc.integer({ min: 0, max: 30 }),
        verdicts: fc.array(fc.constantFrom(...VERDICTS), { maxLength: 3 }),
        phase: fc.constantFrom(...PHASES),
      }),
      { maxLength: 10 },
    );
    fc.assert(
      fc.property(weeks, (list) => {
        const { floor } = learnLandmarks('quads', someone, list, conventions);
        return floor === null || floor.to <= floor.from;
      }),
    );
  });
});
