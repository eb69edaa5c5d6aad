import type { AddedSets } from '../../calls/order';
import { slotRir } from '../../progression/slot-rir';
import { slot } from '../../testing/fixtures';
import { type Failed, slotSets } from './target';

const press = slot('1', 'leg-press', { technique: { kind: 'straight', sets: 3 } });
const FIRST = { week: 1, weeks: 6 };
const six = { rir: { first: 3, last: 1 }, weeks: 6 };

test('the ramp’s RIR with the slot’s offset, never below failure; or the slot’s own', () => {
  expect(slotRir({ rir: { kind: 'week', offset: 1 } }, six, 1).rir).toBe(4);
  expect(slotRir({ rir: { kind: 'week', offset: -2 } }, six, 6)).toMatchObject({
    rir: 0,
    whyRir: { code: 'rir/ramp', week: 6, offset: -2, value: 0 },
  });
  expect(slotRir({ rir: { kind: 'fixed', rir: 2 } }, six, 6)).toEqual({
    rir: 2,
    whyRir: { code: 'rir/fixed', value: 2 },
  });
});

const quads = (add: number): AddedSets => ({ kind: 'add sets', slotId: '1', muscle: 'quads', week: 2, add });
const failedAt = (sets: number, floor: number): Failed => ({ muscle: 'quads', failedAt: sets, floor });

test('prescribed sets plus those that answers have added, within the technique’s limits', () => {
  expect(slotSets(press, { added: [], failed: null, before: 0 }, FIRST)).toEqual({
    sets: 3,
    whySets: { code: 'sets/prescribed', sets: 3 },
  });
  expect(slotSets(press, { added: [quads(1), quads(1)], failed: null, before: 0 }, FIRST)).toMatchObject({
    sets: 5,
    whySets: { code: 'sets/response', prescribed: 3 },
  });
  expect(slotSets(press, { added: [quads(-9)], failed: null, before: 0 }, FIRST).sets).toBe(1);
});

test('after a recovery week midway between the minimum and where it failed: (8 + 16) / 2 of 16, so 5 sets become 4', () => {
  expect(slotSets(press, { added: [quads(2)], failed: failedAt(16, 8), before: 0 }, FIRST)).toEqual({
    sets: 4,
    whySets: { code: 'sets/after-recover', muscle: 'quads', failedAt: 16, floor: 8, sets: 4 },
  });
});

test('a muscle that failed below its minimum returns to what it had', () => {
  expect(slotSets(press, { added: [], failed: failedAt(6, 8), before: 0 }, FIRST).sets).toBe(3);
});

test('the midway reduction is rounded once over the muscle’s slots: four and four that failed at 8 of 6 become 7', () => {
  const four = { technique: { kind: 'straight', sets: 4 }, rampTo: null } as const;
  const at = (before: number) => slotSets(four, { added: [], failed: failedAt(8, 6), before }, FIRST).sets;
  expect([at(0), at(4)]).toEqual([4, 3]);
  // Three of four: 10.5 sets of 12 are 11.
  const wide = (before: number) => slotSets(four, { added: [], failed: failedAt(12, 9), before }, FIRST).sets;
  expect([wide(0), wide(4), wide(8)]).toEqual([4, 3, 4]);
});

test('planned sets from 2 to 4 in six weeks are 2, 2, 3, 3, 4, 4; responses come on top', () => {
  const rising = { ...press, technique: { kind: 'straight', sets: 2 }, rampTo: 4 } as const;
  const none = { added: [], failed: null, before: 0 };
  const in6 = (week: number) => slotSets(rising, none, { week, weeks: 6 }).sets;
  // 2, 2.4, 2.8, 3.2, 3.6, 4.
  expect([1, 2, 3, 4, 5, 6].map(in6)).toEqual([2, 2, 3, 3, 4, 4]);
  expect(slotSets(rising, none, { week: 3, weeks: 6 }).whySets).toMatchObject({
    ramp: { from: 2, to: 4, week: 3, weeks: 6 },
  });
  expect(slotSets(rising, { ...none, added: [quads(1)] }, { week: 6, weeks: 6 }).sets).toBe(5);
  expect(slotSets(rising, none, { week: 1, weeks: 1 }).sets).toBe(4);
  // Half a set is rounded up: 3 to 4 over three weeks.
  const half = { ...rising, technique: { kind: 'straight', sets: 3 } } as const;
  expect([1, 2, 3].map((week) => slotSets(half, none, { week, weeks: 3 }).sets)).toEqual([3, 4, 4]);
});
