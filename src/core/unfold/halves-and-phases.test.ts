import type { Phase } from '../athlete/athlete';
import type { Slot } from '../block/block';
import { EMPTY_LOG } from '../log/log';
import { startOf } from '../techniques/registry';
import { athlete, block, lookup, session, slot } from '../testing/fixtures';
import { unfold } from './unfold';

const nothing = { exercises: lookup, log: EMPTY_LOG, issued: [], answers: [] };

function weeksOf(changes: Partial<Slot>, exercise: string, who = athlete(), weeks = 4) {
  const of = block([session('a', 0, [slot('s', exercise, { rest: 150, ...changes })])], {
    weeks,
    rir: { first: 2, last: 2 },
  });
  return unfold({ ...nothing, block: of, athlete: who }).weeks.flatMap(({ plan }) => {
    const planned = plan.sessions[0]?.slots[0];
    return plan.kind === 'deload' || planned === undefined ? [] : [planned];
  });
}

const first = (slots: ReturnType<typeof weeksOf>, week: number) => slots[week - 1]?.sets[0];

describe('half reps', () => {
  // 60 × 10 with 2 left: an e1RM of 84.
  const range = { low: 8, high: 12 };

  test('in the easier half of a leg extension a half rep costs half: worth six reps, the load is 70, not 60', () => {
    // Middle 10 and 2 left: 12 halves are 6 full ones, 84 / (1 + 6/30) = 70, and an e1RM in halves of 98.
    const [planned] = weeksOf({ technique: startOf('lengthened partials'), range }, 'leg-extension');
    expect(planned?.oneRepMax).toBeCloseTo(98, 9);
    expect(
      first(
        [planned].flatMap((one) => one ?? []),
        1,
      ),
    ).toMatchObject({ load: 70, reps: 10 });
  });

  test('in the half where it is hardest a half rep costs four fifths', () => {
    // 12 halves are 9.6 full ones: 84 / 1.32 = 63.6, and so 89.1 in halves.
    const [planned] = weeksOf({ motion: 'long half', range }, 'hack-squat');
    expect(planned?.oneRepMax).toBeCloseTo((84 / 1.32) * 1.4, 9);
  });

  test('a start set of the slot’s own is used unchanged, and so are whole reps', () => {
    const start = { load: { value: 60, unit: 'kg' as const }, reps: 10, rir: 2 };
    const [own] = weeksOf({ technique: startOf('lengthened partials'), range, start }, 'leg-extension');
    const [whole] = weeksOf({ range }, 'leg-extension');
    expect(own?.oneRepMax).toBeCloseTo(84, 9);
    expect(whole?.oneRepMax).toBeCloseTo(84, 9);
  });
});

describe('phases', () => {
  const inPhase = (...phases: readonly (readonly [string, Phase])[]) =>
    athlete({ level: 'novice', phases: phases.map(([from, phase]) => ({ from, phase })) });
  const range = { low: 8, high: 15 };

  test('while cutting reps rise before load does; otherwise the load may', () => {
    const cut = weeksOf({ range }, 'leg-press', inPhase(['2026-01-01', 'cutting']), 6);
    const loads = cut.map(({ sets }) => sets[0]?.load);
    const reps = cut.map(({ sets }) => sets[0]?.reps ?? 0);
    expect(new Set(loads).size).toBe(1);
    expect(reps.at(-1)).toBeGreaterThan(reps[0] ?? 0);
    expect([...reps].sort((a, b) => a - b)).toEqual(reps);
  });

  test('when the phase changes the range its load is found anew, even beyond the largest step', () => {
    // From 13-20 in the cut to 8-15 in the third week: far more than a tenth heavier.
    const slots = weeksOf(
      { range },
      'leg-press',
      inPhase(['2026-01-01', 'cutting'], ['2026-11-16', 'holding']),
    );
    const [second, third] = [first(slots, 2), first(slots, 3)];
    expect((third?.load ?? 0) / (second?.load ?? 1)).toBeGreaterThan(1.1);
    expect(third?.predictedRir).toBeGreaterThan(1.5);
    expect(third?.predictedRir).toBeLessThan(2.5);
  });
});

test('in a group a cut moves the ranges of all: 8-12 while cutting plans what 13-17 does', () => {
  const planned = (low: number, phaseRanges: boolean) => {
    const changes = { rest: 45, range: { low, high: low + 4 } };
    const members = [
      slot('a', 'cable-curl', changes),
      slot('b', 'cable-pushdown', { ...changes, joined: true }),
    ];
    const of = block([session('a', 0, members)], { weeks: 4, rir: { first: 2, last: 2 }, phaseRanges });
    const who = athlete({ phases: [{ from: '2026-01-01', phase: 'cutting' }] });
    const { weeks } = unfold({ ...nothing, block: of, athlete: who });
    return weeks[0]?.plan.sessions[0]?.slots.map(({ sets }) => sets);
  };
  expect(planned(8, true)).toEqual(planned(13, false));
  expect(planned(8, true)).not.toEqual(planned(8, false));
});
