import type { Block, Slot } from '../block/block';
import { EMPTY_LOG } from '../log/log';
import { startOf } from '../techniques/registry';
import { athlete, block, lookup, session, slot } from '../testing/fixtures';
import { unfold } from './unfold';

const base = { athlete: athlete(), exercises: lookup, log: EMPTY_LOG, issued: [], answers: [] };

function sessionOf(slots: readonly Slot[], changes: Partial<Block> = {}) {
  const [week] = unfold({
    ...base,
    block: block([session('a', 0, slots)], { time: 'strict', ...changes }),
  }).weeks;
  const planned = week?.plan.sessions[0];
  if (planned === undefined) throw new Error('no session');
  return planned;
}

const ladder = (id: string, exercise: string, changes: Partial<Slot> = {}) =>
  slot(id, exercise, {
    technique: { ...startOf('rep ladder'), sets: 1, top: 3, pause: 30 } as Slot['technique'],
    tempo: '1010',
    rest: 120,
    ...changes,
  });

describe('rep ladders in one group: 1-1, 2-2, 3-3', () => {
  const pair = [ladder('a', 'leg-extension'), ladder('b', 'seated-leg-curl', { joined: true })];

  test('the strict length is both ladders’ reps, and one rest after each rung', () => {
    // 6 reps each of 2 s, and 30 s after the first and the second rung.
    expect(sessionOf(pair).seconds).toEqual({ low: 2 * 6 * 2 + 2 * 30, high: 2 * 6 * 2 + 2 * 30 });
  });

  test('realistic adds a change in each rung, and the warm-up', () => {
    const planned = sessionOf(pair, { time: 'realistic' });
    expect(planned.whySeconds).toMatchObject({ work: 24, rest: 2 * 30 + 3 * 15 });
  });

  test('between its parts each exercise rests while the other works: 4 s per part and 15 s of change', () => {
    for (const { away } of sessionOf(pair).slots) expect(away).toBe(4 + 15);
    const alone = sessionOf([ladder('a', 'leg-extension')]).slots[0];
    expect(alone?.away).toBeUndefined();
  });

  test('so its load is heavier than in a ladder done alone', () => {
    const long = { technique: { ...startOf('rep ladder'), sets: 1, top: 6, pause: 10 } as Slot['technique'] };
    const together = sessionOf([
      ladder('a', 'leg-extension', long),
      ladder('b', 'seated-leg-curl', { ...long, joined: true }),
    ]);
    const alone = sessionOf([ladder('a', 'leg-extension', long)]);
    const load = (of: typeof alone) => of.slots[0]?.sets[0]?.load ?? 0;
    expect(load(together)).toBeGreaterThan(load(alone));
  });

  test('with another technique in the group each is done whole', () => {
    const mixed = sessionOf([pair[0] as Slot, slot('b', 'seated-leg-curl', { joined: true })]);
    expect(mixed.slots.map(({ away }) => away)).toEqual([undefined, undefined]);
  });

  test('rests are as written, the last one for all that follow', () => {
    const technique = {
      ...startOf('rep ladder'),
      sets: 1,
      way: 'down',
      top: 50,
      step: 10,
      rests: [60, 90],
    } as Slot['technique'];
    const { sets } = sessionOf([ladder('a', 'leg-extension', { technique })]).slots[0] ?? { sets: [] };
    expect(sets.map(({ reps, rest }) => [reps, rest])).toEqual([
      [50, 60],
      [40, 90],
      [30, 90],
      [20, 90],
      [10, 120],
    ]);
  });
});

describe('lists against one clock', () => {
  const list = (
    id: string,
    exercise: string,
    reps: readonly number[],
    cap: number,
    changes: Partial<Slot> = {},
  ) =>
    slot(id, exercise, {
      technique: { kind: 'for time', list: reps, cap, hard: 1 },
      tempo: '1010',
      rest: 120,
      ...changes,
    });

  test('fifty down to ten with five of another exercise between: one time limit for both', () => {
    const group = [
      list('a', 'leg-extension', [50, 40, 30, 20, 10], 1200),
      list('b', 'seated-leg-curl', [5, 5, 5, 5, 5], 600, { joined: true }),
    ];
    // 150 and 25 reps of 2 s: 350 s at most, within the longer limit.
    expect(sessionOf(group).seconds).toEqual({ low: 350, high: 1200 });
  });

  test('a time limit shorter than the reps ends it', () => {
    const group = [
      list('a', 'leg-extension', [50, 40], 100),
      list('b', 'seated-leg-curl', [5, 5], 60, { joined: true }),
    ];
    expect(sessionOf(group).seconds).toEqual({ low: 100, high: 100 });
  });
});

test('every-minute exercises each have their own minute: eight and eight are sixteen, with a minute’s rest in each', () => {
  const minutes = (id: string, exercise: string, joined: boolean) =>
    slot(id, exercise, { technique: { kind: 'every-minute sets', reps: 5, minutes: 8, hard: 3 }, joined });
  const planned = sessionOf([minutes('a', 'leg-extension', false), minutes('b', 'seated-leg-curl', true)]);
  expect(planned.seconds).toEqual({ low: 960, high: 960 });
  expect(planned.slots.map(({ away }) => away)).toEqual([60, 60]);
});
