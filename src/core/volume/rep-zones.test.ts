import { conventionsWith } from '../conventions/conventions';
import { checkInput } from '../findings/registry';
import { EMPTY_LOG } from '../log/log';
import type { Performed } from '../plan/week-state';
import { athlete, block, lookup, session, slot, TOP } from '../testing/fixtures';
import { unfold } from '../unfold/unfold';
import { untrainedPlan } from '../unfold/untrained';
import { repZoneShares, zoneOf, zoneShares } from './rep-zones';

test('zones at their bounds', () => {
  const usual = conventionsWith({});
  expect([1, 5, 6, 20, 21].map((reps) => zoneOf(reps, usual))).toEqual([
    'strength',
    'strength',
    'size',
    'size',
    'endurance',
  ]);
  const older = conventionsWith({ sizeZone: 12 });
  expect([12, 13].map((reps) => zoneOf(reps, older))).toEqual(['size', 'endurance']);
});

test('planned sets count by the middle of their range, three of one kind and one of another; holds are in no zone', () => {
  const who = athlete();
  const of = block([
    session('a', 0, [
      slot('1', 'leg-press', { range: { low: 3, high: 6 }, technique: { kind: 'straight', sets: 3 } }),
      slot('2', 'seated-leg-curl', {
        range: { low: 18, high: 26 },
        technique: { kind: 'straight', sets: 1 },
      }),
      slot('3', 'plank', { range: { low: 20, high: 40 }, technique: { kind: 'straight', sets: 2 } }),
    ]),
  ]);
  const blockPlan = unfold({
    block: of,
    athlete: who,
    exercises: lookup,
    issued: [],
    log: EMPTY_LOG,
    answers: [],
  });
  const input = checkInput({ block: of, athlete: who, blockPlan, exercises: lookup });
  if (input === undefined) throw new Error('nothing to check');
  const hard = input.week.sessions[0]?.slots.map(({ sets }) => sets.filter((set) => set.hard).length);
  expect(hard?.slice(0, 2)).toEqual([3, 1]);
  const picture = repZoneShares(input);
  expect(picture.zones).toEqual({ strength: 0.75, size: 0, endurance: 0.25 });
  expect(picture.goal).toBe('strength');
  expect(picture.compounds).toBeCloseTo(3 / (4 + (hard?.[2] ?? 0)), 9);
});

/** The zones of a week of one slot. */
function zonesOf(changes: Parameters<typeof slot>[2], performed: ReadonlyMap<string, Performed> = new Map()) {
  const made = block([session('a', 0, [slot('1', 'leg-extension', changes)])]);
  const { weeks } = untrainedPlan({ block: made, athlete: athlete(), exercises: lookup });
  const [week] = weeks;
  if (week === undefined) throw new Error('no week');
  return zoneShares({ plan: week.plan, performed }, made, conventionsWith());
}

test('the middle of a range is a whole rep, rounded half up: 5-6 is 6, 16-25 is 21', () => {
  expect(zonesOf({ range: { low: 5, high: 6 } })).toEqual({ strength: 0, size: 1, endurance: 0 });
  expect(zonesOf({ range: { low: 4, high: 6 } })).toEqual({ strength: 1, size: 0, endurance: 0 });
  expect(zonesOf({ range: { low: 16, high: 25 } })).toEqual({ strength: 0, size: 0, endurance: 1 });
  expect(zonesOf({ range: { low: 16, high: 24 } })).toEqual({ strength: 0, size: 1, endurance: 0 });
});

test('back-offs count by their own range: 4-6 and four reps more are 8-10', () => {
  const technique = TOP;
  const zones = zonesOf({ technique, range: { low: 4, high: 6 } });
  expect(zones.strength).toBeCloseTo(1 / 3, 9);
  expect(zones.size).toBeCloseTo(2 / 3, 9);
});

test('done sets count by their reps: three sets of 8-12 done as 5, 12 and, too easy, 13', () => {
  const done = (setId: string, reps: number, rir: number) =>
    [
      `1/${setId}`,
      {
        set: {
          id: setId,
          workoutId: 'w',
          slotId: '1',
          setId,
          exerciseId: 'leg-extension',
          load: { value: 50, unit: 'kg' as const },
          reps,
          rir,
          at: '2026-11-02T10:00:00Z',
          supersedes: null,
        },
        conflicts: [],
      },
    ] as const;
  const performed = new Map([
    [
      'a',
      {
        workout: { id: 'w', week: 1, sessionId: 'a', date: '2026-11-02', finished: true, notes: [] },
        sets: new Map([done('work-1', 5, 2), done('work-2', 12, 2), done('work-3', 13, 5)]),
      },
    ],
  ]);
  expect(zonesOf({}, performed)).toEqual({ strength: 0.5, size: 0.5, endurance: 0 });
});
