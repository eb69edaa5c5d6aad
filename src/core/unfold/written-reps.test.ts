import fc from 'fast-check';
import type { Slot } from '../block/block';
import { EMPTY_LOG } from '../log/log';
import type { SlotPlan } from '../plan/slot';
import { LOAD_RULES } from '../progression/load-rules/registry';
import type { Cluster } from '../techniques/cluster';
import { startOf, type TechniqueParameters } from '../techniques/registry';
import { athlete, block, lookup, session, slot } from '../testing/fixtures';
import { unfold } from './unfold';

/** A session of one slot in its weeks, the last one a deload. */
function weeksOf(technique: TechniqueParameters, changes: Partial<Slot> = {}, exercise = 'leg-extension') {
  const made = block([session('a', 0, [slot('a1', exercise, { technique, ...changes })])], {
    weeks: 6,
    time: 'strict',
    deload: [{ kind: 'fewer sets', sets: 0.4, reps: 'cut' }],
  });
  const { weeks } = unfold({
    block: made,
    athlete: athlete(),
    exercises: lookup,
    issued: [],
    log: EMPTY_LOG,
    answers: [],
  });
  return weeks.map(({ plan }) => {
    const [only] = plan.sessions;
    return { seconds: only?.seconds, slot: only?.slots[0] as SlotPlan };
  });
}

const building = (weeks: ReturnType<typeof weeksOf>) => weeks.slice(0, -1);

test('written reps stay, whatever makes the load rise', () => {
  fc.assert(
    fc.property(
      fc.constantFrom(...LOAD_RULES),
      fc.constantFrom('leg-extension', 'dumbbell-curl', 'hack-squat'),
      (loadRule, exercise) => {
        const cluster: TechniqueParameters = {
          ...(startOf('cluster') as Cluster),
          minis: 3,
          reps: 4,
        };
        for (const { slot: planned } of building(weeksOf(cluster, { loadRule }, exercise)))
          expect(planned.sets.map(({ reps }) => reps)).toEqual([4, 4, 4, 4, 4, 4]);
        const sections: TechniqueParameters = {
          kind: 'sectioned reps',
          sets: 1,
          each: 7,
          order: 'full, long, short',
          breaths: 0,
          slow: false,
        };
        for (const { slot: planned } of building(weeksOf(sections, { loadRule }, exercise)))
          expect(planned.sets.map((set) => [set.reps, ...set.sections.map(({ reps }) => reps)])).toEqual([
            [7, 7, 7],
          ]);
      },
    ),
    { numRuns: 24 },
  );
});

test('a rep ladder is only projected to grow while it is predicted to be completed', () => {
  const ladder: TechniqueParameters = {
    kind: 'rep ladder',
    sets: 1,
    way: 'up',
    top: 5,
    step: 1,
    pause: 20,
    list: [],
    rests: [],
  };
  const weeks = building(weeksOf(ladder, { range: { low: 5, high: 15 } }));
  const lengths = weeks.map(({ slot: planned }) => planned.sets.length);
  expect(lengths[1]).toBeGreaterThan(lengths[0] ?? 0);
  weeks.slice(1).forEach(({ slot: planned }, at) => {
    const before = weeks[at]?.slot.sets ?? [];
    const wasMet = before.every(({ predictedRir, rir }) => (predictedRir ?? 0) >= rir - 1);
    expect(planned.sets.length > before.length).toBe(wasMet);
  });
  expect(lengths.at(-1)).toBeLessThan(10);
});

describe('timed work', () => {
  test('every-minute sets last their minutes, whatever the tempo and the sides', () => {
    const eight: TechniqueParameters = { kind: 'every-minute sets', reps: 5, minutes: 8, hard: 3 };
    expect(weeksOf(eight)[0]?.seconds).toEqual({ low: 480, high: 480 });
    expect(weeksOf(eight, { tempo: '5151' })[0]?.seconds).toEqual({ low: 480, high: 480 });
    expect(weeksOf(eight, {}, 'dumbbell-split-squat')[0]?.seconds).toEqual({ low: 480, high: 480 });
  });

  test('a list for time takes as long as its reps, at most its time limit', () => {
    // 45 reps of 3 s are 135 s.
    const list = (cap: number): TechniqueParameters => ({
      kind: 'for time',
      list: [20, 15, 10],
      cap,
      hard: 2,
    });
    expect(weeksOf(list(480), { tempo: null })[0]?.seconds).toEqual({ low: 135, high: 480 });
    expect(weeksOf(list(135), { tempo: null })[0]?.seconds).toEqual({ low: 135, high: 135 });
    expect(weeksOf(list(134), { tempo: null })[0]?.seconds).toEqual({ low: 134, high: 134 });
  });

  test('its RIR is the week’s; an easy week drops minutes', () => {
    const weeks = weeksOf({ kind: 'every-minute sets', reps: 5, minutes: 8, hard: 3 });
    const [first] = weeks;
    expect(new Set(first?.slot.sets.map(({ rir }) => rir)).size).toBe(1);
    expect(first?.slot.sets[0]?.rir).toBeLessThanOrEqual(3);
    const easy = weeks.at(-1);
    // By then a rep and more minutes are planned; 0.4 of them remain, each just as long.
    const before = weeks.at(-2)?.slot.sets.length ?? 0;
    expect(easy?.slot.sets).toHaveLength(Math.round(before * 0.4));
    expect(easy?.slot.sets.every(({ rir }) => rir === 4)).toBe(true);
    expect(easy?.seconds?.high).toBe(60 * (easy?.slot.sets.length ?? 0));
  });

  test('restricted flow of four parts keeps two in an easy week', () => {
    const screened = { ...startOf('restricted blood flow'), screened: true } as TechniqueParameters;
    expect(
      weeksOf(screened)
        .at(-1)
        ?.slot.sets.map(({ reps }) => reps),
    ).toEqual([30, 15]);
  });
});
