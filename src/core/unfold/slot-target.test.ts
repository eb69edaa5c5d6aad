import { perMuscle } from '../anatomy/muscle';
import { exerciseById } from '../exercises/library';
import { slot } from '../testing/fixtures';
import type { LadderWeek } from './ladder';
import { slotRir, slotSets } from './slot-target';
import type { AddedSets } from './standing-answers';

const exercise = exerciseById('leg-press');
if (exercise === undefined) throw new Error('no leg press');
const track = { slot: slot('1', 'leg-press', { technique: { kind: 'straight', sets: 3 } }), exercise };
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

const quads = (add: number): AddedSets => ({ muscle: 'quads', week: 2, add });
const answered = (added: readonly AddedSets[], recover: number | null = null) => ({
  addedSets: () => added,
  lastRecover: () => (recover === null ? null : ({ muscle: 'quads', week: recover } as const)),
});
const never = () => undefined;

test('prescribed sets, and those that answers have added, within what the technique holds', () => {
  expect(slotSets(track, 3, answered([]), never)).toEqual({
    sets: 3,
    whySets: { code: 'sets/prescribed', sets: 3 },
  });
  expect(slotSets(track, 3, answered([quads(1), quads(1)]), never)).toMatchObject({
    sets: 5,
    whySets: { code: 'sets/response', prescribed: 3 },
  });
  expect(slotSets(track, 3, answered([quads(-9)]), never).sets).toBe(1);
});

/** A week in which quads had so many sets and such a floor. */
function failedWeek(sets: number, floor: number): () => LadderWeek {
  const muscles = perMuscle(() => ({ sets, landmarks: { hold: 2, floor, ceiling: 20 } }));
  return () => ({ muscles }) as unknown as LadderWeek;
}

test('after a recover week midway between the floor and where it failed: (8 + 16) / 2 of 16, so 5 sets become 4', () => {
  expect(slotSets(track, 4, answered([quads(2)], 3), failedWeek(16, 8))).toEqual({
    sets: 4,
    whySets: { code: 'sets/after-recover', muscle: 'quads', failedAt: 16, floor: 8, sets: 4 },
  });
});

test('a muscle that failed below its floor comes back at what it had', () => {
  expect(slotSets(track, 4, answered([], 3), failedWeek(6, 8)).sets).toBe(3);
});
