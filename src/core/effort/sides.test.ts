import { conventionsWith } from '../conventions/conventions';
import type { Exposure } from './exposure';
import { compareSides } from './sides';

const conventions = conventionsWith();

type Sides = readonly [left: number, right: number] | null;

/** Sessions of one set each, with each side's reps; null: equal. */
function sessions(...sides: readonly Sides[]): readonly Exposure[] {
  return sides.map((pair, at) => ({
    exerciseId: 'split-squat',
    slotId: 's',
    week: at + 1,
    date: '2026-11-02',
    sets: [
      {
        load: 20,
        reps: 8,
        rir: 2,
        fatigue: 0,
        ...(pair === null ? {} : { sides: { left: pair[0], right: pair[1] } }),
      },
    ],
  }));
}

const compare = (...sides: readonly Sides[]) => compareSides(sessions(...sides), conventions);

test('one rep fewer on one side in each of two sessions makes it the weaker side; one session may be chance', () => {
  expect(compare([8, 9], [9, 10])).toEqual({
    sessions: 2,
    mean: -1,
    weaker: 'left',
    last: { left: 9, right: 10 },
  });
  expect(compare([8, 9])?.weaker).toBeNull();
  expect(compare([10, 8], [10, 8])?.weaker).toBe('right');
});

test('sessions without sides count as even: three reps over four sessions are less than one each', () => {
  expect(compare([8, 10], null, null, [9, 10])).toMatchObject({ mean: -0.75, weaker: null });
  expect(compare([8, 10], [8, 10], null, null)).toMatchObject({ mean: -1, weaker: null });
  expect(compare([8, 10], [8, 10], [9, 10], null)).toMatchObject({ mean: -1.25, weaker: 'left' });
});

test('only the latest six count, and sides that never differed give no result', () => {
  expect(compare([2, 10], null, null, null, null, null, null)).toBeUndefined();
  expect(compare(null, null)).toBeUndefined();
  expect(compare()).toBeUndefined();
});
