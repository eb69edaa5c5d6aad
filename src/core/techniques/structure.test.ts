import fc from 'fast-check';
import { anyTechnique } from '../testing/any-technique';
import { startOf, type TechniqueParameters, techniqueParts } from './registry';
import { ownReps, techniqueStructure } from './structure';

const RANGE = { low: 8, high: 12 };
const drawn = (technique: TechniqueParameters) => techniqueStructure(technique, RANGE, 120);
const bars = (technique: TechniqueParameters) =>
  drawn(technique).map(({ reps, share, round, pause }) => ({
    reps,
    share: Number(share.toFixed(2)),
    round,
    pause,
  }));

describe('by hand, in a range of 8 to 12 with two minutes of rest', () => {
  test('straight sets: ten reps each, a rest after each', () => {
    expect(bars({ kind: 'straight', sets: 2 })).toEqual([
      { reps: 10, share: 1, round: 1, pause: 120 },
      { reps: 10, share: 1, round: 2, pause: 120 },
    ]);
  });

  test('a drop set: ten to failure; at 0.8 of the load 30 × (1 / 0.8 − 1) = 7.5 more are possible, so seven; no rest', () => {
    expect(bars(startOf('drop set')).slice(0, 2)).toEqual([
      { reps: 10, share: 1, round: 1, pause: 0 },
      { reps: 7, share: 0.8, round: 1, pause: 0 },
    ]);
    expect(bars(startOf('drop set')).at(-1)).toMatchObject({ share: 0.64, pause: 120 });
  });

  test('rest-pause: twenty seconds restore four reps, twice', () => {
    expect(bars(startOf('rest-pause')).map(({ reps, pause }) => [reps, pause])).toEqual([
      [10, 20],
      [4, 20],
      [4, 120],
    ]);
  });

  test('a top set and back-offs: ten per cent less, four reps more', () => {
    expect(bars(startOf('top + back-offs'))).toEqual([
      { reps: 10, share: 1, round: 1, pause: 120 },
      { reps: 14, share: 0.9, round: 2, pause: 120 },
      { reps: 14, share: 0.9, round: 3, pause: 120 },
    ]);
  });

  test('partials after failure: on the last set only, in the long half, beyond failure, without a pause', () => {
    const all = drawn(startOf('partials after failure'));
    expect(all.map(({ past }) => past)).toEqual([false, false, true]);
    expect(all[1]?.pause).toBe(0);
    expect(all[2]).toMatchObject({ reps: 4, manner: 'long half', round: 2, pause: 120 });
  });

  test('activation: easy, at half its load', () => {
    for (const bar of drawn(startOf('activation'))) expect(bar).toMatchObject({ role: 'easy', share: 0.5 });
  });
});

test('any technique has loads up to the full one, as many rounds as sets, and no negative reps', () => {
  fc.assert(
    fc.property(anyTechnique, (technique) => {
      const all = drawn(technique);
      const sets = techniqueParts(technique).reduce((sum, part) => sum + part.sets, 0);
      expect(new Set(all.map(({ round }) => round)).size).toBe(sets);
      all.forEach((bar, at) => {
        expect(bar.reps).toBeGreaterThanOrEqual(0);
        expect(bar.share).toBeGreaterThan(0);
        expect(bar.share).toBeLessThanOrEqual(1);
        expect(bar.pause).toBeGreaterThanOrEqual(0);
        const next = all[at + 1]?.round ?? bar.round;
        expect([bar.round, bar.round + 1]).toContain(next);
      });
    }),
  );
});

test('reps that a technique writes itself: a cluster’s, a finisher’s band, all rungs of a ladder; others use the slot’s', () => {
  expect(ownReps(startOf('cluster'), 120)).toEqual({ low: 3, high: 3 });
  expect(ownReps(startOf('high-rep finisher'), 120)).toEqual({ low: 17, high: 25 });
  expect(ownReps(startOf('rep ladder'), 120)).toEqual({ low: 1, high: 5 });
  expect(ownReps(startOf('restricted blood flow'), 120)).toEqual({ low: 15, high: 30 });
  for (const kind of ['straight', 'top + back-offs', 'drop set', 'rest-pause'] as const)
    expect(ownReps(startOf(kind), 120)).toBeNull();
});
