import { prerequisitesFor } from './prerequisites';

const asks = { prerequisites: [{ exerciseId: 'pull-up', reps: 8 }] };
const best = (load: number, reps: number, rir: number) => ({
  bestSets: { 'pull-up': { load: { value: load, unit: 'kg' as const }, reps, rir, date: null } },
});

test('counts reps done and reps left; assistance does not count; no record is reported as none', () => {
  expect(prerequisitesFor(asks, best(0, 6, 2))).toMatchObject([{ best: 8, met: true }]);
  expect(prerequisitesFor(asks, best(10, 6, 1.5))).toMatchObject([{ best: 7, met: false }]);
  expect(prerequisitesFor(asks, best(-20, 12, 2))).toMatchObject([{ best: 0, met: false }]);
  expect(prerequisitesFor(asks, { bestSets: {} })).toMatchObject([{ best: null, met: false }]);
});
