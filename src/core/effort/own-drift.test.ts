import fc from 'fast-check';
import { conventionsWith } from '../conventions/conventions';
import { driftPerSet } from './drift';
import type { Exposure } from './exposure';
import { differsFromAssumed, ownDrift, scaledDrift } from './own-drift';

/** Slots of three sets assumed to lose a rep each, with these actual losses. */
function slots(count: number, lost: (at: number) => number): readonly Exposure[] {
  return Array.from({ length: count }, (_, at) => ({
    exerciseId: 'leg-press',
    slotId: 'a',
    week: at + 1,
    date: '2026-11-02',
    sets: [0, 1, 2].map((k) => ({ load: 100, reps: 12 - k * lost(at), rir: 2, fatigue: k })),
  }));
}

test('by hand: twelve pairs that lose 1.5 reps for each one assumed', () => {
  expect(ownDrift(slots(6, () => 1.5))).toEqual({ factor: 1.5, error: 0, pairs: 12 });
  expect(ownDrift(slots(5, () => 1.5))).toBeUndefined();
});

test('a pair done exactly as planned is no evidence; a pair with one set that was not is', () => {
  const asked = slots(12, () => 1.5).map((one) => ({
    ...one,
    sets: one.sets.map((set, k) => (k === 2 ? set : { ...set, asAsked: true as const })),
  }));
  expect(ownDrift(asked)?.pairs).toBe(12);
  expect(ownDrift(asked.map((one) => ({ ...one, sets: one.sets.slice(0, 2) })))).toBeUndefined();
});

test('a changed load between two sets is no evidence', () => {
  const [one, ...others] = slots(6, () => 1.5);
  if (one === undefined) throw new Error('no slot');
  const [first, ...rest] = one.sets;
  if (first === undefined) throw new Error('no set');
  const lighter = { ...one, sets: [{ ...first, load: 110 }, ...rest] };
  expect(ownDrift([lighter, ...others])).toBeUndefined();
});

test('losses that vary around the assumption do not change it; a constant difference does', () => {
  const swinging = ownDrift(slots(20, (at) => (at % 2 === 0 ? 0 : 2.2)));
  const steady = ownDrift(slots(20, (at) => (at % 2 === 0 ? 1.4 : 1.6)));
  expect(swinging && differsFromAssumed(swinging)).toBe(false);
  expect(steady && differsFromAssumed(steady)).toBe(true);
  expect(differsFromAssumed({ factor: 1.1, error: 0.01, pairs: 40 })).toBe(true);
  expect(differsFromAssumed({ factor: 1.09, error: 0.01, pairs: 40 })).toBe(false);
  expect(differsFromAssumed({ factor: 3.1, error: 0.01, pairs: 40 })).toBe(false);
});

test('the adjusted rules multiply the loss by the factor at every rest', () => {
  const usual = conventionsWith();
  fc.assert(
    fc.property(
      fc.double({ min: 0.5, max: 2.5, noNaN: true }),
      fc.integer({ min: 30, max: 200 }),
      (factor, rest) => {
        const own = { ...usual, ...scaledDrift(factor, usual) };
        expect(driftPerSet(rest, own)).toBeCloseTo(factor * driftPerSet(rest, usual), 1);
      },
    ),
  );
});
