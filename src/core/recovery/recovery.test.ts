import { conventionsWith } from '../conventions/conventions';
import { EPLEY } from '../effort/rep-max';
import { easyReps, fewerSets } from './easy-week';
import { type JudgedSet, performance } from './performance';

const conventions = conventionsWith();
const judge = (...sets: JudgedSet[]) => performance(sets, EPLEY, conventions);

function set(done: Partial<JudgedSet['done']>, before: JudgedSet['before'] = null): JudgedSet {
  return {
    held: false,
    target: { load: 100, reps: 10, rir: 2 },
    done: { load: 100, reps: 10, rir: 2, ...done },
    before,
  };
}

test('as planned is on target; two above is ahead; nothing to score gives no verdict', () => {
  expect(judge(set({}))).toEqual({ verdict: 'on target', score: 0 });
  expect(judge(set({ reps: 12 }))).toEqual({ verdict: 'ahead', score: 2 });
  expect(judge()).toBeUndefined();
});

test('strained: more than half a rep short on average, or reps met only by going a rep harder', () => {
  expect(judge(set({ reps: 9, rir: 1 }), set({ reps: 10, rir: 1 }))).toEqual({
    verdict: 'strained',
    score: -1.5,
  });
  expect(judge(set({ reps: 10, rir: 1 }))).toEqual({ verdict: 'strained', score: -1 });
  // One of two sets a rep short at the planned reserve is half a rep; one of three less, both more.
  expect(judge(set({ reps: 9 }), set({}))).toEqual({ verdict: 'on target', score: -0.5 });
  expect(judge(set({ reps: 9 }), set({ reps: 9 }), set({}))?.verdict).toBe('strained');
  // Stopped a rep early with one more left: the reps are short all the same.
  expect(judge(set({ reps: 9, rir: 3 }))).toEqual({ verdict: 'strained', score: 0 });
  // Half a rep closer to failure with all reps is on target.
  expect(judge(set({ rir: 1.4 }))?.verdict).toBe('on target');
});

test('a score exactly at a limit is at it, despite floating point', () => {
  // Two of three sets 1.5 reps above target at another load, converted through e1RM, end slightly above one.
  const over = (rir: number) => judge(set({ rir }));
  expect(over(2 + 1.0000000000000009)).toMatchObject({ verdict: 'on target' });
  expect(over(2 + 1.001)).toMatchObject({ verdict: 'ahead' });
  const below = (reps: number) => judge(set({ reps, rir: 2 }));
  expect(below(9.499999999999998)).toMatchObject({ verdict: 'on target' });
  expect(below(9.498)).toMatchObject({ verdict: 'strained' });
});

test('a tenth of a hold’s seconds is a rep: 44 s of 40 with one more left is two ahead', () => {
  const hold = { held: true, target: { load: 0, reps: 40, rir: 2 }, before: null };
  expect(judge({ ...hold, done: { load: 0, reps: 44, rir: 3 } })).toEqual({
    verdict: 'ahead',
    score: expect.closeTo(2, 9),
  });
});

test('reps above target compensate for a harder set', () => {
  expect(judge(set({ reps: 13, rir: 1 }))).toEqual({ verdict: 'ahead', score: 2 });
});

test('behind: below -2, or to failure with fewer reps than last time at equal load', () => {
  expect(judge(set({ reps: 7, rir: 1 }))?.verdict).toBe('behind');
  expect(judge(set({ reps: 10, rir: 0 }, { load: 100, reps: 11 }))?.verdict).toBe('behind');
  expect(judge(set({ reps: 10, rir: 0 }, { load: 95, reps: 11 }))?.verdict).toBe('strained');
});

test('another load is converted through e1RM: 105 × 10 at 2 equals 14.1 at 100, two above 12', () => {
  // 105 x (1 + 12/30) = 147; at 100 that is 30 x 0.47 = 14.1 reps.
  const result = judge(set({ load: 105 }));
  expect(result?.verdict).toBe('ahead');
  expect(result?.score).toBeCloseTo(2.1, 9);
});

test('easy weeks: 0.4 of 3 is 1, of 4 is 2 (1.6), never none; reps leave four', () => {
  expect([1, 2, 3, 4, 5].map((sets) => fewerSets(sets, 0.4))).toEqual([1, 1, 1, 2, 2]);
  expect(easyReps(13.9, 12, 4)).toBe(9);
  expect(easyReps(13.9, 8, 4)).toBe(8);
  expect(easyReps(3, 8, 4)).toBe(1);
});

test('without clean form a set is never ahead: two reps more are on target, two fewer behind as usual', () => {
  expect(judge(set({ reps: 12 }))).toMatchObject({ verdict: 'ahead', score: 2 });
  expect(judge({ ...set({ reps: 12 }), unclean: true })).toMatchObject({ verdict: 'on target', score: 0 });
  expect(judge({ ...set({ reps: 8 }), unclean: true })?.score).toBe(-2);
});
