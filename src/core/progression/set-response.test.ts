import fc from 'fast-check';
import type { Muscle } from '../anatomy/muscle';
import { NearConventions, NO_CONVENTIONS } from '../conventions/own-conventions';
import { SORENESS } from '../log/soreness';

import { distributeSets, type Situation, type Want, wantedSets } from './set-response';

const near = new NearConventions(NO_CONVENTIONS, {});

test.each([
  ['early', 'ahead', 2],
  ['early', 'on target', 1],
  ['never sore', 'on target', 2],
  ['early', 'strained', 0],
  ['just in time', 'ahead', 0],
  ['no check-in', 'ahead', 0],
  ['still sore', 'ahead', 0],
] as const)('standard: %s and %s want %i', (soreness, verdict, wanted) => {
  expect(wantedSets({ soreness, verdict, behindTwice: false, startShortfall: 0 }, 'standard')).toBe(wanted);
});

test('a start that was too low asks for its own sets, unless the muscle is below target or strained', () => {
  const low = { soreness: 'early', behindTwice: false, startShortfall: 2 } as const;
  expect(wantedSets({ ...low, verdict: 'on target' }, 'standard')).toBe(2);
  expect(wantedSets({ ...low, verdict: 'on target' }, 'cautious')).toBe(1);
  expect(wantedSets({ ...low, verdict: 'strained' }, 'standard')).toBe(0);
});

test('bold adds one when above target and just recovered; cautious never more than one', () => {
  expect(
    wantedSets({ soreness: 'just in time', verdict: 'ahead', behindTwice: false, startShortfall: 0 }, 'bold'),
  ).toBe(1);
  expect(
    wantedSets(
      { soreness: 'just in time', verdict: 'ahead', behindTwice: false, startShortfall: 0 },
      'standard',
    ),
  ).toBe(0);
  expect(
    wantedSets({ soreness: 'early', verdict: 'ahead', behindTwice: false, startShortfall: 0 }, 'cautious'),
  ).toBe(1);
});

test('below target once waits, twice in a row recovers, whatever the soreness', () => {
  for (const soreness of SORENESS) {
    expect(wantedSets({ soreness, verdict: 'behind', behindTwice: false, startShortfall: 0 }, 'bold')).toBe(
      0,
    );
    expect(
      wantedSets({ soreness, verdict: 'behind', behindTwice: true, startShortfall: 0 }, 'cautious'),
    ).toBe('recover');
  }
});

function want(muscle: Muscle, sessionId: string, wanted: number, priority = false): Want {
  const slots = [
    { slotId: `${muscle}-poor`, sessionId, payoff: 1, room: 5, minutesPerSet: 3, credits: { [muscle]: 1 } },
    { slotId: `${muscle}-good`, sessionId, payoff: 4, room: 5, minutesPerSet: 3, credits: { [muscle]: 1 } },
  ];
  return { muscle, sessionId, priority, wanted, slots };
}

function situation(changes: Partial<Situation> = {}): Situation {
  return {
    phase: 'gaining',
    minutesLimit: 75,
    minutes: new Map([
      ['a', 50],
      ['b', 50],
    ]),
    sessionSets: new Map([
      ['a', new Map<Muscle, number>([['quads', 4]])],
      ['b', new Map<Muscle, number>([['quads', 3]])],
    ]),
    weekSets: new Map<Muscle, number>([
      ['quads', 7],
      ['lats', 8],
    ]),
    ceiling: new Map<Muscle, number>([
      ['quads', 20],
      ['lats', 20],
    ]),
    perWeek: 1,
    hardSets: 60,
    budget: 99,
    addedTo: new Map(),
    lastHardSets: 60,
    ...changes,
  };
}

test('sets go to the slot with the best payoff', () => {
  expect(distributeSets([want('quads', 'a', 2)], situation(), near)[0]).toMatchObject({
    slotId: 'quads-good',
    add: 2,
    capped: null,
  });
});

test('a slot wanted from two sessions gives its room once', () => {
  const only = {
    slotId: 'press',
    sessionId: 'b',
    payoff: 2,
    room: 1,
    minutesPerSet: 3,
    credits: { quads: 1 },
  };
  const wants = ['a', 'b'].map((id): Want => ({ ...want('quads', id, 1), slots: [only] }));
  const grants = distributeSets(wants, situation(), near);
  expect(grants.map(({ add }) => add)).toEqual([1, 0]);
  expect(grants[1]?.capped).toMatchObject({ kind: 'no slot' });
});

test('at most two a week per muscle, the session with fewer sets for it first', () => {
  const grants = distributeSets([want('quads', 'a', 2), want('quads', 'b', 1)], situation(), near);
  expect(grants.map(({ want: { sessionId }, add }) => [sessionId, add])).toEqual([
    ['b', 1],
    ['a', 1],
  ]);
  expect(grants[1]?.capped).toEqual({ kind: 'week addition', sets: 3, limit: 2 });
});

test('cutting adds at most one; priorities come first if the week may only grow by four', () => {
  expect(distributeSets([want('quads', 'a', 2)], situation({ phase: 'cutting' }), near)[0]?.add).toBe(1);
  const muscles: Muscle[] = ['chest', 'triceps', 'lats', 'glutes'];
  const ceiling = new Map(muscles.map((muscle) => [muscle, 20] as const));
  const grants = distributeSets(
    [...muscles.slice(0, 3).map((muscle) => want(muscle, 'a', 2)), want('glutes', 'b', 2, true)],
    situation({ lastHardSets: 30, ceiling }),
    near,
  );
  expect(grants[0]).toMatchObject({ want: { muscle: 'glutes' }, add: 2 });
  expect(grants.reduce((sum, { add }) => sum + add, 0)).toBe(4);
});

test.each([
  ['session time', { minutes: new Map([['a', 73]]) }],
  ['session cap', { sessionSets: new Map([['a', new Map<Muscle, number>([['quads', 8]])]]) }],
  ['ceiling', { ceiling: new Map<Muscle, number>([['quads', 7.5]]) }],
  ['budget', { budget: 60.5 }],
] as const)('%s holds it back', (kind, changes) => {
  expect(distributeSets([want('quads', 'a', 1)], situation(changes), near)[0]).toMatchObject({
    add: 0,
    capped: { kind },
  });
});

test('no cap is ever exceeded', () => {
  const some = fc.record({
    muscle: fc.constantFrom<Muscle>('quads', 'lats', 'chest'),
    sessionId: fc.constantFrom('a', 'b'),
    wanted: fc.integer({ min: 1, max: 2 }),
    priority: fc.boolean(),
  });
  fc.assert(
    fc.property(
      fc.array(some, { maxLength: 8 }),
      fc.integer({ min: 60, max: 70 }),
      fc.integer({ min: 7, max: 12 }),
      (wants, budget, ceiling) => {
        const now = situation({
          budget,
          ceiling: new Map<Muscle, number>([
            ['quads', ceiling],
            ['lats', ceiling],
            ['chest', ceiling],
          ]),
        });
        const grants = distributeSets(
          wants.map((one) => want(one.muscle, one.sessionId, one.wanted, one.priority)),
          now,
          near,
        );
        const added = (muscle?: Muscle) =>
          grants
            .filter((grant) => muscle === undefined || grant.want.muscle === muscle)
            .reduce((sum, { add }) => sum + add, 0);
        expect(60 + added()).toBeLessThanOrEqual(Math.max(60, budget));
        expect(added()).toBeLessThanOrEqual(6);
        for (const muscle of ['quads', 'lats', 'chest'] as const) {
          expect(added(muscle)).toBeLessThanOrEqual(2);
          expect((now.weekSets.get(muscle) ?? 0) + added(muscle)).toBeLessThanOrEqual(
            Math.max(ceiling, now.weekSets.get(muscle) ?? 0),
          );
        }
      },
    ),
  );
});

test('a muscle’s own rules apply to it: one set a week for quads, two for lats', () => {
  const own = new NearConventions(
    { ...NO_CONVENTIONS, muscles: { quads: { weekAddition: 1, sessionCap: 5 } } },
    {},
  );
  const ceiling = new Map<Muscle, number>([
    ['quads', 20],
    ['lats', 20],
  ]);
  const grants = distributeSets([want('quads', 'a', 2), want('lats', 'b', 2)], situation({ ceiling }), own);
  const added = Object.fromEntries(grants.map(({ want: { muscle }, add }) => [muscle, add]));
  expect(added).toEqual({ quads: 1, lats: 2 });
});
