import { EMPTY_LOG, type Slot, secondsPerRep, startOf, unfold } from '@/core';
import { athlete, block, lookup, session, slot } from '@/core/testing/fixtures';
import { checkMore, moreFields, startMore } from './more-entry';
import { orderSets, roundFrom } from './order';

function planned(...slots: Parameters<typeof session>[2]) {
  const { weeks } = unfold({
    block: block([session('a', 0, slots)]),
    athlete: athlete(),
    exercises: lookup,
    issued: [],
    log: EMPTY_LOG,
    answers: [],
  });
  const [first] = weeks[0]?.plan.sessions ?? [];
  if (first === undefined) throw new Error('no session');
  return first;
}

const straight = (sets: number) => ({ technique: { kind: 'straight' as const, sets } });

test('slots follow each other, a group round by round with a short change between', () => {
  const places = orderSets(
    planned(
      slot('1', 'leg-extension', { ...straight(2), rest: 90 }),
      slot('2', 'seated-leg-curl', { ...straight(3), rest: 60, joined: true }),
      slot('3', 'cable-crunch', straight(1)),
    ),
  );
  expect(places.map(({ key }) => key)).toEqual([
    '1/work-1',
    '2/work-1',
    '1/work-2',
    '2/work-2',
    '2/work-3',
    '3/work-1',
  ]);
  expect(places.map(({ rest }) => rest)).toEqual([0, 15, 60, 15, 60, 60]);
});

test('after a round the longest rest that is still owed: written rests of one exercise hold in a group', () => {
  const ladder = (list: readonly number[], rests: readonly number[]) =>
    ({ ...startOf('rep ladder'), sets: 1, way: 'as written', list, rests }) as const;
  const places = orderSets(
    planned(
      slot('1', 'leg-extension', { technique: ladder([50, 40, 30], [90, 60]) }),
      slot('2', 'cable-crunch', { technique: ladder([5, 5, 5], [0, 0]), joined: true }),
    ),
  );
  // Fifteen seconds of change and five crunches pass before the extension's own rest is up.
  const passed =
    15 + 5 * secondsPerRep({ measure: 'reps', tempo: places[1]?.slot.tempo ?? null }, { secondsPerRep: 3 });
  expect(places.map(({ rest }) => rest)).toEqual([0, 15, 90 - passed, 15, 60 - passed, 15]);
});

test('a break between parts of a session comes before its slot', () => {
  const places = orderSets(
    planned(
      slot('1', 'leg-extension', { ...straight(1), rest: 90 }),
      slot('2', 'cable-curl', { ...straight(2), rest: 60, breakBefore: 5 }),
    ),
  );
  expect(places.map(({ rest }) => rest)).toEqual([0, 300, 60]);
});

test('mini-sets follow each other with their own short rests', () => {
  const places = orderSets(
    planned(slot('1', 'leg-extension', { technique: startOf('rest-pause'), rest: 120 })),
  );
  expect(places.map(({ set, rest }) => [set.id, rest])).toEqual([
    ['work-1', 0],
    ['work-1.2', 20],
    ['work-1.3', 20],
  ]);
});

test('timed work has one stopwatch from its first set to its last, other work none', () => {
  const watches = (...slots: Parameters<typeof session>[2]) =>
    orderSets(planned(...slots)).map(({ watch, timed }) => [watch, timed]);
  const alone = { ...startOf('for time'), cap: 300 };
  expect(
    watches(slot('1', 'leg-extension', { technique: alone }), slot('2', 'cable-curl', straight(1))),
  ).toEqual([
    [{ key: '1/1', cap: 300 }, false],
    [{ key: '1/1', cap: 300 }, false],
    [{ key: '1/1', cap: 300 }, true],
    [null, false],
  ]);
  // Both exercises under one clock, the longer one; its time is noted with the last part.
  const longer = { ...startOf('for time'), cap: 420 };
  const group = watches(
    slot('1', 'leg-extension', { technique: alone }),
    slot('2', 'seated-leg-curl', { technique: longer, joined: true }),
  );
  expect(group).toHaveLength(6);
  // Nobody rests inside a race, whatever rest the exercises have.
  const race = orderSets(
    planned(
      slot('1', 'leg-extension', { technique: alone, rest: 90 }),
      slot('2', 'seated-leg-curl', {
        technique: { kind: 'for time', list: [20], cap: 420, hard: 1 },
        rest: 90,
        joined: true,
      }),
    ),
  );
  expect(race.map(({ rest }) => rest)).toEqual([0, 0, 0, 0]);
  expect(group.map(([watch]) => watch)).toEqual(Array(6).fill({ key: '1/1', cap: 420 }));
  expect(group.map(([, timed]) => timed)).toEqual([false, false, false, false, false, true]);
});

test('a round is the set with its mini-sets; timed, alternating or single sets are rounds of one', () => {
  const rounds = (...slots: Parameters<typeof session>[2]) => {
    const sets = orderSets(planned(...slots));
    return sets.map((one) => roundFrom(sets, one).map(({ key }) => key));
  };
  const start = { load: { value: 40, unit: 'kg' as const }, reps: 12, rir: 1 };
  expect(
    rounds(
      slot('1', 'leg-extension', { technique: startOf('rest-pause'), start }),
      slot('2', 'cable-curl', { ...straight(2), start }),
    ),
  ).toEqual([
    ['1/work-1', '1/work-1.2', '1/work-1.3'],
    ['1/work-1.2', '1/work-1.3'],
    ['1/work-1.3'],
    ['2/work-1'],
    ['2/work-2'],
  ]);
  expect(rounds(slot('1', 'leg-extension', { technique: startOf('for time'), start }))[0]).toHaveLength(1);
});

describe('further notes', () => {
  const partials = planned(slot('1', 'leg-extension', { technique: startOf('partials after failure') }))
    .slots[0];
  const last = partials?.sets.at(-1);

  test('partial reps where they follow, sides if there are two, the time if it counts', () => {
    if (partials === undefined || last === undefined) throw new Error('no set');
    expect(moreFields({ slot: partials, set: last, timed: false }, { sides: 1 })).toEqual([
      'partials',
      'assisted',
    ]);
    expect(moreFields({ slot: partials, set: partials.sets[0] ?? last, timed: false }, { sides: 2 })).toEqual(
      ['left', 'right'],
    );
    expect(startMore(last, undefined)).toEqual({ partials: '4' });
    expect(startMore(last, { partials: 6, left: 8, unclean: true })).toEqual({ partials: '6', left: '8' });
    const timed = orderSets(planned(slot('1', 'leg-extension', { technique: startOf('for time') })));
    expect(timed.map((one) => moreFields(one, { sides: 1 }).length)).toEqual([0, 0, 1]);
  });

  test('with all notes wanted, partials and assisted reps for any set of reps, neither for a hold', () => {
    const [plain] = planned(slot('1', 'leg-extension')).slots;
    const [hold] = planned(slot('2', 'plank')).slots;
    const fields = (of: typeof plain, all: boolean) =>
      of?.sets.map((set) => moreFields({ slot: of, set, timed: false }, { sides: 1 }, all));
    expect(fields(plain, false)).toEqual([[], [], []]);
    expect(fields(plain, true)?.[0]).toEqual(['partials', 'assisted']);
    expect(fields(hold, true)?.[0]).toEqual([]);
  });

  test('held and lowered reps after the last rep are asked for', () => {
    const [lowered] = planned(slot('1', 'leg-extension', { technique: startOf('hold and lower') })).slots;
    const [set] = lowered?.sets ?? [];
    if (lowered === undefined || set === undefined) throw new Error('no set');
    expect(moreFields({ slot: lowered, set, timed: false }, { sides: 1 })).toEqual(['held', 'lowered']);
    expect(startMore(set, undefined)).toEqual({ held: '10', lowered: '3' });
  });

  test('unclean form is recorded', () => {
    expect(checkMore({}, true)).toEqual({ value: { unclean: true }, problem: null });
    expect(checkMore({ partials: '2' }, false)).toEqual({ value: { partials: 2 }, problem: null });
  });

  test('an empty field is skipped, a word is refused', () => {
    expect(checkMore({ partials: '', left: '' })).toEqual({ value: undefined, problem: null });
    expect(checkMore({ partials: '3', left: '8', right: '7' })).toEqual({
      value: { partials: 3, left: 8, right: 7 },
      problem: null,
    });
    expect(checkMore({ partials: 'few' })).toEqual({ value: undefined, problem: 'partials' });
  });
});

describe('piece by piece under one clock', () => {
  const rungs = { ...startOf('rep ladder'), sets: 1, top: 3, pause: 30 } as Slot['technique'];

  test('two ladders alternate 1-1, 2-2, 3-3, with a change between and the rung’s rest after', () => {
    const places = orderSets(
      planned(
        slot('1', 'leg-extension', { technique: rungs }),
        slot('2', 'seated-leg-curl', { technique: rungs, joined: true }),
      ),
    );
    expect(places.map(({ key }) => key)).toEqual([
      '1/work-1',
      '2/work-1',
      '1/work-1.2',
      '2/work-1.2',
      '1/work-1.3',
      '2/work-1.3',
    ]);
    expect(places.map(({ rest }) => rest)).toEqual([0, 15, 30, 15, 30, 15]);
    expect(places.every(({ timed }) => !timed)).toBe(true);
  });

  test('a long list and a shorter one share one time, noted with the last part of all', () => {
    const list = (reps: readonly number[]) => ({ kind: 'for time' as const, list: reps, cap: 600, hard: 1 });
    const places = orderSets(
      planned(
        slot('1', 'leg-extension', { technique: list([20, 15, 10]) }),
        slot('2', 'seated-leg-curl', { technique: list([5, 5]), joined: true }),
      ),
    );
    expect(places.map(({ key, timed }) => [key, timed])).toEqual([
      ['1/work-1', false],
      ['2/work-1', false],
      ['1/work-1.2', false],
      ['2/work-1.2', false],
      ['1/work-1.3', true],
    ]);
  });
});
