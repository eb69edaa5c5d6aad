import fc from 'fast-check';
import * as z from 'zod';
import type { Muscle } from '../../anatomy/muscle';
import type { Block } from '../../block/block';
import { conventionsWith } from '../../conventions/conventions';
import { anyDeload } from '../../testing/any-prescription';
import { athlete, block, lookup, session, slot } from '../../testing/fixtures';
import { untrainedPlan } from '../../unfold/untrained';
import { adviseDeload, type DeloadSituation } from './advice';
import { combinedLightening, DELOAD_KINDS, type Deload, defaultDeload, deloadWeeks } from './deload';
import { deloadSchema } from './deload-schema';
import { keptDays } from './kept-days';

const conventions = conventionsWith();

const planOf = (made: Block) => untrainedPlan({ block: made, athlete: athlete(), exercises: lookup });

/** The last building week and the deload of an upper and a lower machine session, loads in kg. */
function weeks(deload: Deload) {
  const made = block(
    [
      session('a', 0, [slot('a1', 'leg-press'), slot('a2', 'hack-squat'), slot('a3', 'leg-extension')]),
      session('b', 2, [slot('b1', 'leg-press'), slot('b2', 'seated-leg-curl')]),
    ],
    { weeks: 4, deload, rir: { first: 2, last: 1 } },
  );
  const { weeks } = planOf(made);
  return { last: weeks[3]?.plan, deload: weeks[4]?.plan };
}

const sets = (week: ReturnType<typeof weeks>['deload'], slotId: string) =>
  week?.sessions.flatMap(({ slots }) => slots).find((one) => one.slotId === slotId)?.sets ?? [];

describe('each kind gives these sets for the next week', () => {
  test('fewer sets: 0.4 of three is one, load unchanged, reps reduced until four are left', () => {
    const { last, deload } = weeks([defaultDeload('fewer sets')]);
    const [was, is] = [sets(last, 'a1')[0], sets(deload, 'a1')];
    expect(is).toHaveLength(1);
    expect(is[0]?.load).toBe(was?.load);
    expect(is[0]?.reps).toBe(Math.floor((was?.reps ?? 0) + (was?.predictedRir ?? 0) - 4));
    expect(is[0]?.predictedRir).toBeGreaterThanOrEqual(4);
  });

  test('or reps unchanged', () => {
    const { last, deload } = weeks([{ kind: 'fewer sets', sets: 0.4, reps: 'kept' }]);
    expect(sets(deload, 'a1')[0]?.reps).toBe(sets(last, 'a1')[0]?.reps);
  });

  test('lighter: load × 0.85 as makeable, sets and reps unchanged; or half of the max', () => {
    const { last, deload } = weeks([defaultDeload('lighter')]);
    const [was, is] = [sets(last, 'a2'), sets(deload, 'a2')];
    expect(is).toHaveLength(was.length);
    expect(is.map(({ reps }) => reps)).toEqual(was.map(({ reps }) => reps));
    const wished = (was[0]?.load ?? 0) * 0.85;
    expect(Math.abs((is[0]?.load ?? 0) - wished)).toBeLessThanOrEqual(2.5);
    const half = weeks([{ kind: 'lighter', load: 0.85, half: true }]).deload;
    const slotHalf = half?.sessions[0]?.slots[1];
    expect(Math.abs((slotHalf?.sets[0]?.load ?? 0) - (slotHalf?.oneRepMax ?? 0) / 2)).toBeLessThanOrEqual(
      2.5,
    );
  });

  test('both: one set of three, half the reps, half of the max', () => {
    const { last, deload } = weeks([defaultDeload('both')]);
    const [was, is] = [sets(last, 'a1'), sets(deload, 'a1')];
    expect(is).toHaveLength(1);
    expect(is[0]?.reps).toBe(Math.floor((was[0]?.reps ?? 0) / 2 + 0.5));
    expect(is[0]?.load).toBeLessThan((was[0]?.load ?? 0) * 0.75);
  });

  test('easier: the same sets with five left', () => {
    const { last, deload } = weeks([defaultDeload('easier')]);
    expect(sets(deload, 'a1')).toHaveLength(sets(last, 'a1').length);
    expect(sets(deload, 'a1').every(({ predictedRir }) => (predictedRir ?? 0) >= 5)).toBe(true);
  });

  test('easier: five fives keep three reps, and the load falls so that the last of them leaves five', () => {
    const fives = slot('f', 'leg-press', {
      technique: { kind: 'straight', sets: 5 },
      range: { low: 5, high: 5 },
    });
    const made = block([session('a', 0, [fives])], {
      weeks: 4,
      deload: [defaultDeload('easier')],
      rir: { first: 2, last: 1 },
    });
    const { weeks: all } = planOf(made);
    const [last, eased] = [sets(all[3]?.plan, 'f'), sets(all[4]?.plan, 'f')];
    expect(eased).toHaveLength(5);
    for (const { reps, predictedRir } of eased) {
      expect(reps).toBeGreaterThanOrEqual(3);
      expect(predictedRir).toBeGreaterThanOrEqual(5);
    }
    expect(eased.at(-1)?.reps).toBeLessThanOrEqual(4);
    expect(eased[0]?.load).toBeLessThan(last[0]?.load ?? 0);
    expect(new Set(eased.map(({ load }) => load)).size).toBe(1);
  });

  test('what was typed into the deload holds: three sets of three at 40 kg', () => {
    const typed = slot('t', 'leg-press', {
      technique: { kind: 'straight', sets: 5 },
      weeks: [{ week: 5, sets: 3, reps: 3, load: { value: 40, unit: 'kg' }, rir: null }],
    });
    const made = block([session('a', 0, [typed])], { weeks: 4, deload: [defaultDeload('fewer sets')] });
    const { weeks: all } = planOf(made);
    expect(sets(all[4]?.plan, 't').map(({ load, reps }) => [load, reps])).toEqual([
      [40, 3],
      [40, 3],
      [40, 3],
    ]);
    // Weeks with nothing typed are eased as always.
    expect(sets(all[3]?.plan, 't')).toHaveLength(5);
  });

  test('typed sets alone are eased in reps; active rest keeps what was typed', () => {
    const of = (kind: 'fewer sets' | 'active rest') =>
      planOf(
        block(
          [
            session('a', 0, [
              slot('t', 'leg-press', { weeks: [{ week: 5, sets: 2, reps: null, load: null, rir: null }] }),
            ]),
          ],
          { weeks: 4, deload: [defaultDeload(kind)] },
        ),
      ).weeks[4]?.plan;
    expect(sets(of('fewer sets'), 't')).toHaveLength(2);
    for (const { predictedRir } of sets(of('fewer sets'), 't'))
      expect(predictedRir).toBeGreaterThanOrEqual(4);
    expect(sets(of('active rest'), 't')).toHaveLength(2);
  });

  test('fewer days: the session that is the only one for a muscle stays, the other is dropped', () => {
    // Hamstrings are only trained in b, which also trains the quads.
    const { deload } = weeks([defaultDeload('fewer days')]);
    expect(deload?.sessions.map((one) => one.sets > 0)).toEqual([false, true]);
  });

  test('fewer exercises: the first compound of each muscle', () => {
    const { deload } = weeks([defaultDeload('fewer exercises')]);
    expect(['a1', 'a2', 'a3', 'b1', 'b2'].map((id) => sets(deload, id).length > 0)).toEqual([
      true,
      false,
      false,
      true,
      false,
    ]);
  });

  test('less time: the last exercises are dropped first', () => {
    const { deload } = weeks([{ kind: 'less time', minutes: 20 }]);
    const first = deload?.sessions[0];
    expect(first?.seconds.high).toBeLessThanOrEqual(1200);
    expect(sets(deload, 'a1')).toHaveLength(3);
    expect(sets(deload, 'a3').length).toBeLessThan(3);
  });

  test('one heavy touch: a usual top set of each session’s first compound', () => {
    const { last, deload } = weeks([defaultDeload('one heavy touch')]);
    expect(sets(deload, 'a1').map(({ load, reps }) => [load, reps])).toEqual([
      [sets(last, 'a1')[0]?.load, sets(last, 'a1')[0]?.reps],
    ]);
    expect(sets(deload, 'a2')).toHaveLength(0);
  });

  test('active rest: nothing, for this many weeks', () => {
    expect(weeks([defaultDeload('active rest')]).deload?.sessions.every((one) => one.sets === 0)).toBe(true);
    expect(deloadWeeks([defaultDeload('active rest')])).toBe(2);
    expect(deloadWeeks([defaultDeload('both')])).toBe(1);
    expect(deloadWeeks(null)).toBe(0);
  });
});

test('combined kinds use the lowest value of each dimension', () => {
  const made = combinedLightening(
    [
      { kind: 'fewer sets', sets: 0.6, reps: 'cut' },
      { kind: 'lighter', load: 0.8, half: false },
      { kind: 'easier', rir: 6 },
      { kind: 'less time', minutes: 40 },
    ],
    conventions,
  );
  expect(made).toMatchObject({ sets: 0.6, load: 0.8, reps: 1, rir: 6, minutes: 40, kept: 'all' });
});

test('a deload stored before version 3 is read as a list of one', () => {
  expect(deloadSchema(z).parse({ kind: 'fewer sets', sets: 0.5 })).toEqual([
    { kind: 'fewer sets', sets: 0.5, reps: 'cut' },
  ]);
  for (const kind of DELOAD_KINDS)
    expect(deloadSchema(z).safeParse([defaultDeload(kind)]).success).toBe(true);
  expect(deloadSchema(z).safeParse([]).success).toBe(false);
});

test('adding another kind never makes any dimension heavier', () => {
  fc.assert(
    fc.property(anyDeload, fc.constantFrom(...DELOAD_KINDS), (deload, kind) => {
      const one = combinedLightening(deload, conventions);
      const more = combinedLightening([...deload, defaultDeload(kind)], conventions);
      expect(more.sets).toBeLessThanOrEqual(one.sets);
      expect(more.load).toBeLessThanOrEqual(one.load);
      expect(more.reps).toBeLessThanOrEqual(one.reps);
      expect(more.rir).toBeGreaterThanOrEqual(one.rir);
      expect(more.minutes).toBeLessThanOrEqual(one.minutes);
    }),
  );
});

test('the remaining days train every muscle in the fewest sessions', () => {
  const day = (id: string, ...muscles: Muscle[]) => ({ id, muscles: new Set(muscles) });
  const kept = keptDays([
    day('a', 'chest'),
    day('b', 'chest', 'lats'),
    day('c', 'lats', 'quads'),
    day('d', 'quads'),
  ]);
  expect([...kept]).toEqual(['a', 'c']);
});

describe('advice', () => {
  const usual: DeloadSituation = {
    level: 'intermediate',
    signs: {},
    eager: false,
    weeks: 4,
    irritatedJoints: 0,
    lifeStress: false,
    test: false,
    honest: false,
    restless: false,
    hasRested: false,
  };
  const advise = (changes: Partial<DeloadSituation>) => adviseDeload({ ...usual, ...changes }, conventions);
  const six = { 'poor sleep': 2, 'low drive': 2, 'falling performance': 2 } as const;

  test('a score of six suggests a deload, nine urges it', () => {
    expect(advise({ signs: six })).toMatchObject({
      sum: 6,
      verdict: 'propose',
      needed: true,
      because: 'signs',
    });
    const nine = { ...six, 'lingering soreness': 2, 'poor appetite': 1 } as const;
    expect(advise({ signs: nine })).toMatchObject({ sum: 9, verdict: 'urge' });
    expect(advise({ signs: nine }).kinds[0]).toBe('both');
  });

  test('an eager athlete with a low score probably needs none, even after many weeks', () => {
    expect(advise({ eager: true, weeks: 9 })).toMatchObject({ needed: false, because: 'eager and fresh' });
    expect(advise({ weeks: 9 })).toMatchObject({ needed: true, because: 'weeks' });
    expect(advise({ level: 'novice', weeks: 12 })).toMatchObject({ needed: false, because: 'novice' });
    expect(advise({})).toMatchObject({ needed: false, because: 'not yet' });
  });

  test('aching joints suggest fewer exercises, stress fewer days, a test a heavy touch', () => {
    expect(advise({ signs: { 'aching joints': 2 } }).kinds[0]).toBe('fewer exercises');
    expect(advise({ lifeStress: true }).kinds[0]).toBe('fewer days');
    expect(advise({ test: true }).kinds[0]).toBe('one heavy touch');
    expect(advise({}).kinds[0]).toBe('fewer sets');
    expect(advise({ honest: true }).kinds).toContain('easier');
  });

  test('who will not train less keeps the sets with lighter loads; more than eight weeks ask for both', () => {
    expect(advise({ restless: true }).kinds[0]).toBe('lighter');
    expect(advise({ weeks: 8 }).kinds[0]).toBe('fewer sets');
    expect(advise({ weeks: 9 }).kinds[0]).toBe('both');
  });

  test('active rest only for the advanced, and only after deep fatigue', () => {
    const nine = { ...six, 'lingering soreness': 2, 'poor appetite': 1 } as const;
    expect(advise({ signs: nine, level: 'advanced' }).kinds.at(-1)).toBe('active rest');
    expect(advise({ signs: six, level: 'advanced' }).kinds).not.toContain('active rest');
    expect(advise({ signs: nine }).kinds).not.toContain('active rest');
    expect(advise({ signs: nine, level: 'advanced', hasRested: true }).kinds).not.toContain('active rest');
  });
});
