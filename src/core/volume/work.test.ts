import { conventionsWith } from '../conventions/conventions';
import { rangeFraction, setWork } from './work';

const conventions = conventionsWith();
const set = { load: 100, reps: 10, manner: 'full', sections: [] } as const;
const slot = { motion: 'full', carried: 0, measure: 'reps' } as const;

test('ten full reps at 100 are 1000; ten half reps at 140 are 700, no progress', () => {
  expect(setWork(set, slot, conventions)).toBe(1000);
  expect(setWork({ ...set, load: 140 }, { ...slot, motion: 'long half' }, conventions)).toBe(700);
  expect(setWork({ ...set, manner: 'long half' }, slot, conventions)).toBe(500);
});

test('sections count by their own range: 7 full, 7 and 7 halves at 20 are 7 + 3.5 + 3.5 reps of work', () => {
  const sections = [
    { manner: 'long half', reps: 7 },
    { manner: 'short half', reps: 7 },
  ] as const;
  expect(setWork({ ...set, load: 20, reps: 7, sections }, slot, conventions)).toBe(280);
});

test('bodyweight counts if it is moved; holds and unknown loads have no work', () => {
  expect(setWork({ ...set, load: -10 }, { ...slot, carried: 80 }, conventions)).toBe(700);
  expect(setWork({ ...set, load: null }, slot, conventions)).toBe(0);
  expect(setWork(set, { ...slot, measure: 'seconds' }, conventions)).toBe(0);
});

test('a restricted range counts in part, slow and loose reps fully', () => {
  expect(rangeFraction('restricted', 'full', conventions)).toBe(0.5);
  expect(rangeFraction('full', 'slow', conventions)).toBe(1);
  expect(rangeFraction('full', 'loose', conventions)).toBe(1);
});
