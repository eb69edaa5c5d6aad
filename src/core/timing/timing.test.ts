import fc from 'fast-check';
import type { Slot } from '../block/block';
import { conventionsWith } from '../conventions/conventions';
import type { Exercise } from '../exercises/exercise';
import { exerciseById } from '../exercises/library';
import { slot as written } from '../testing/fixtures';
import { restBetween } from './rest-between';
import { sessionTime, type TimedSlot } from './session-time';
import { parseTempo, secondsPerRep } from './tempo';

const conventions = conventionsWith();

test('a group of unequal sets: a raise of three (180 s) and a curl of one (60 s) rest 150 and 180 s, strict', () => {
  const member = (sets: number, rest: number, joined: boolean): TimedSlot => ({
    secondsPerRep: 3,
    sides: 1,
    rest,
    sets: Array.from({ length: sets }, () => ({ low: 10, high: 10 })),
    warmUps: [],
    joined,
  });
  const { rest } = sessionTime([member(3, 180, false), member(1, 60, true)], 'strict', conventions);
  // After the first round the raise needs 180 s, of which the curl took 30.
  expect(rest).toBe(330);
  // The slot that continues alone also rests its own time before the next one.
  const then = sessionTime(
    [member(3, 180, false), member(1, 60, true), member(1, 60, false)],
    'strict',
    conventions,
  );
  expect(then.rest).toBe(330 + 180);
});

test('a written break of five minutes between two slots includes the rest before it, strict and realistic', () => {
  const slots = (seconds: number): TimedSlot[] => [
    { secondsPerRep: 3, sides: 1, rest: 120, sets: [{ low: 10, high: 10 }], warmUps: [] },
    {
      secondsPerRep: 3,
      sides: 1,
      rest: 60,
      sets: [{ low: 10, high: 10 }],
      warmUps: [],
      breakBefore: seconds,
    },
  ];
  for (const mode of ['strict', 'realistic'] as const) {
    expect(sessionTime(slots(300), mode, conventions).rest).toBe(300);
    expect(sessionTime(slots(60), mode, conventions).rest).toBe(120);
  }
});

test('only partners with a set left count between sets: one of two gaps is half of it', () => {
  const slots = [
    written('1', 'cable-lateral-raise', { technique: { kind: 'straight', sets: 3 }, rest: 60 }),
    written('2', 'cable-curl', {
      technique: { kind: 'straight', sets: 1 },
      rest: 60,
      joined: true,
      tempo: null,
      range: { low: 10, high: 10 },
    }),
  ];
  const of = (one: Slot) => exerciseById(one.exercise.id) as Exercise;
  const [raise] = slots;
  // Ten curls of 3 s and a change of 15 s, in one of two gaps.
  if (raise !== undefined) expect(restBetween(raise, { slots }, of, conventions)).toBe((30 + 15) / 2);
});

test('a tempo with long phases: 3-1-10-0 takes 14 s per rep; a phase is at most 60 s', () => {
  const rep = (tempo: string) => secondsPerRep({ measure: 'reps', tempo }, { secondsPerRep: 3 });
  expect(rep('3-1-10-0')).toBe(14);
  expect(rep('3-1-X')).toBe(5);
  expect(rep('60-0-1-0')).toBe(61);
  for (const refused of ['61-0-1-0', '3-1', '3-1-1-1-1', '3--1-0', 'x-1-1-0', '123'.repeat(2)])
    expect(parseTempo(refused)).toBeUndefined();
});

test('31X0 is five seconds per rep, three digits have no last pause, no tempo is three seconds', () => {
  expect(parseTempo('31X0')).toEqual({ lowering: 3, stretch: 1, lifting: 1, squeeze: 0 });
  expect(secondsPerRep({ measure: 'reps', tempo: '31X0' }, { secondsPerRep: 3 })).toBe(5);
  expect(secondsPerRep({ measure: 'reps', tempo: '201' }, { secondsPerRep: 3 })).toBe(3);
  expect(secondsPerRep({ measure: 'reps', tempo: null }, { secondsPerRep: 3 })).toBe(3);
  // A hold is counted in seconds, whatever its tempo.
  expect(secondsPerRep({ measure: 'seconds', tempo: '3111' }, { secondsPerRep: 3 })).toBe(1);
  for (const wrong of ['', '31', 'X100', '31x00', 'abc', '3-1']) expect(parseTempo(wrong)).toBeUndefined();
});

const slot: TimedSlot = {
  secondsPerRep: 4,
  sides: 1,
  rest: 120,
  sets: [
    { low: 8, high: 12 },
    { low: 8, high: 12 },
  ],
  warmUps: [12, 6],
};

test('strict: two slots of two sets by hand', () => {
  // Work 4 x 12 x 4 = 192 at the long end, 128 at the short; rest after three of the four sets.
  const time = sessionTime([slot, slot], 'strict', conventions);
  expect(time).toEqual({ work: 192, rest: 360, warmUp: 0, low: 488, high: 552 });
});

test('realistic adds warm-ups with 45 s after each, and the transition if rest is shorter', () => {
  const quick = { ...slot, rest: 60 };
  // Rest 60 within each slot, 90 between them; warm-ups (12 + 6) x 4 + 2 x 45 = 162 a slot.
  expect(sessionTime([quick, quick], 'realistic', conventions)).toEqual({
    work: 192,
    rest: 210,
    warmUp: 324,
    low: 662,
    high: 726,
  });
});

test('one-sided work takes twice as long', () => {
  expect(sessionTime([{ ...slot, sides: 2 }], 'strict', conventions).work).toBe(192);
});

test('time never falls when a set is added', () => {
  const timed = fc.record({
    secondsPerRep: fc.integer({ min: 1, max: 9 }),
    sides: fc.constantFrom(1 as const, 2 as const),
    rest: fc.integer({ min: 0, max: 300 }),
    sets: fc.array(
      fc.record({ low: fc.integer({ min: 1, max: 10 }), high: fc.integer({ min: 10, max: 30 }) }),
      { minLength: 1, maxLength: 6 },
    ),
    warmUps: fc.array(fc.integer({ min: 1, max: 12 }), { maxLength: 4 }),
  });
  fc.assert(
    fc.property(
      fc.array(timed, { minLength: 1, maxLength: 5 }),
      fc.nat(),
      fc.constantFrom('strict' as const, 'realistic' as const),
      (slots, which, mode) => {
        const at = which % slots.length;
        const more = slots.map((one, k) =>
          k === at ? { ...one, sets: [...one.sets, { low: 5, high: 10 }] } : one,
        );
        const before = sessionTime(slots, mode, conventions);
        const after = sessionTime(more, mode, conventions);
        return after.low >= before.low && after.high >= before.high && before.low <= before.high;
      },
    ),
  );
});

/** What a stopwatch would show: every set in order; after a group's round all of its slots have had their rest. */
function walked(slots: readonly TimedSlot[]): number {
  const groups: TimedSlot[][] = [];
  for (const slot of slots) {
    const group = groups.at(-1);
    if (slot.joined && group !== undefined) group.push(slot);
    else groups.push([slot]);
  }
  let now = 0;
  let rested = 0;
  for (const group of groups) {
    const rounds = Math.max(...group.map(({ sets }) => sets.length));
    for (let round = 0; round < rounds; round++) {
      const here = group.filter(({ sets }) => sets.length > round);
      now = rested;
      for (const slot of here) {
        now += (slot.sets[round]?.high ?? 0) * slot.secondsPerRep * slot.sides;
        rested = Math.max(rested, now, now + slot.rest);
      }
    }
  }
  return now;
}

test('strict minutes match a stopwatch to the second for any sets and groups', () => {
  const anySlot = fc
    .record({
      secondsPerRep: fc.integer({ min: 1, max: 12 }),
      sides: fc.constantFrom<1 | 2>(1, 2),
      rest: fc.integer({ min: 0, max: 300 }),
      reps: fc.array(fc.integer({ min: 1, max: 30 }), { minLength: 1, maxLength: 6 }),
      joined: fc.boolean(),
    })
    .map(
      ({ reps, ...slot }): TimedSlot => ({
        ...slot,
        sets: reps.map((each) => ({ low: each, high: each })),
        warmUps: [10],
      }),
    );
  fc.assert(
    fc.property(fc.array(anySlot, { minLength: 1, maxLength: 8 }), (slots) => {
      const { low, high } = sessionTime(slots, 'strict', conventions);
      expect([low, high]).toEqual([walked(slots), walked(slots)]);
    }),
  );
});

test('a further set never shortens a session, whatever the group', () => {
  const member = fc.record({
    secondsPerRep: fc.integer({ min: 1, max: 8 }),
    sides: fc.constant<1>(1),
    rest: fc.integer({ min: 0, max: 300 }),
    sets: fc.array(fc.constant({ low: 8, high: 12 }), { minLength: 1, maxLength: 5 }),
    warmUps: fc.constant<number[]>([]),
    joined: fc.boolean(),
  });
  fc.assert(
    fc.property(
      fc.array(member, { minLength: 1, maxLength: 6 }),
      fc.nat(),
      fc.constantFrom('strict' as const, 'realistic' as const),
      (slots, at, mode) => {
        const more = slots.map((slot, place) =>
          place === at % slots.length ? { ...slot, sets: [...slot.sets, { low: 8, high: 12 }] } : slot,
        );
        const [before, after] = [sessionTime(slots, mode, conventions), sessionTime(more, mode, conventions)];
        expect(after.high).toBeGreaterThanOrEqual(before.high);
        expect(after.low).toBeGreaterThanOrEqual(before.low);
        expect(before.low).toBeLessThanOrEqual(before.high);
      },
    ),
  );
});
