import { catalogueWith } from '../exercises/catalogue';
import { UNFILLED_EXERCISES } from '../exercises/unfilled-exercise';
import { EMPTY_LOG, type Log } from '../log/log';
import type { SessionNote } from '../on-the-day/session-note';
import type { CheckIn } from '../recovery/check-in';
import { athlete, block, lookup, performWeek, session, slot } from '../testing/fixtures';
import { freezeWeek } from './issue';
import { unfold } from './unfold';

const made = block([session('a', 0, [slot('1', 'leg-press'), slot('2', 'leg-extension')])], { weeks: 4 });
const before = performWeek({ block: made, athlete: athlete(), issued: [], log: EMPTY_LOG }, 1);
/** Week 2 done five reps below target, every set. */
const second = performWeek({ block: made, athlete: athlete(), ...before }, 2, ({ reps, rir }) => ({
  reps: Math.max(1, reps - 5),
  rir,
}));
const night: SessionNote = {
  kind: 'readiness',
  slept: 'poorly',
  feels: 'poorly',
  rescue: 'lighter',
  id: 'n',
  at: '2026-11-09T09:00:00.000Z',
};
const plan = (log: Log) =>
  unfold({ block: made, athlete: athlete(), exercises: lookup, answers: [], issued: second.issued, log });
const third = (log: Log, slotId: string) =>
  plan(log).weeks[2]?.plan.sessions[0]?.slots.find((one) => one.slotId === slotId);

test('a session made easier is not judged, and last time stays the one before', () => {
  const rescued: Log = {
    ...second.log,
    workouts: second.log.workouts.map((one) => (one.week === 2 ? { ...one, notes: [night] } : one)),
  };
  const seen = (log: Log) => plan(log).observations.filter(({ week }) => week === 2);
  expect(seen(second.log).map(({ performance }) => performance.verdict)).toContain('behind');
  expect(seen(rescued)).toEqual([]);
  const load = third(rescued, '1')?.why.load;
  const fell = third(second.log, '1')?.why.load;
  if (load?.code !== 'load/best-fit' || fell?.code !== 'load/best-fit') throw new Error('no fitted load');
  expect(load.strength.source).toMatchObject({ kind: 'logged', week: 1 });
  // A session that fell short is weighed against the one before; one made easier is not.
  expect(fell.strength.over).toMatchObject({ week: 2, why: 'weaker' });
  expect(load.strength.over).toBeUndefined();
});

test('a skipped or swapped slot in a finished session is not last time: the one before stays', () => {
  const without: Log = {
    ...second.log,
    sets: second.log.sets.filter((set) => set.workoutId !== 'w2-a' || set.slotId !== '1'),
  };
  const swapped: Log = {
    ...second.log,
    sets: second.log.sets.map((set) =>
      set.workoutId === 'w2-a' && set.slotId === '1' ? { ...set, exerciseId: 'hack-squat' } : set,
    ),
  };
  const [done] = before.log.sets;
  for (const log of [without, swapped]) {
    const why = third(log, '1')?.why.load;
    if (why?.code !== 'load/best-fit') throw new Error('no fitted load');
    expect(why.last).toEqual({ load: done?.load.value, reps: done?.reps });
  }
});

describe('limits from a check-in', () => {
  const drops = block(
    [
      session('a', 0, [
        slot('1', 'leg-extension', {
          technique: { kind: 'drop set', sets: 1, drops: 2, off: 0.2, toFailure: true },
        }),
      ]),
    ],
    { weeks: 4, rir: { first: 0, last: 0 } },
  );
  const poor = { slept: 'poorly', drive: 'low', appetite: 'well', soreness: 'gone in time' } as const;
  const nothing = { exercises: lookup, answers: [], issued: [], log: EMPTY_LOG };
  const usual = { id: 'c', aches: [], restingHeartRate: null, measured: [], line: '' } as const;
  const gates = (...checkIns: readonly CheckIn[]) =>
    unfold({ ...nothing, block: drops, athlete: athlete(), checkIns }).weeks.map(
      ({ plan }) => plan.sessions[0]?.slots[0]?.gate ?? null,
    );

  test('a fatigue score of four: nothing goes past failure in the following week; later weeks are as written', () => {
    // The block's weeks start on the 2nd, 9th, 16th and 23rd.
    expect(gates({ ...usual, ...poor, date: '2026-11-06' })).toEqual([
      'poor recovery',
      'poor recovery',
      null,
      null,
      null,
    ]);
    expect(gates({ ...usual, ...poor, date: '2026-11-01' }).slice(0, 2)).toEqual(['poor recovery', null]);
  });

  test('forty reps of a compound become a normal set in that week; thirty, and forty of an isolation, stay', () => {
    const planned = (exercise: string, high: number) => {
      const technique = {
        kind: 'high-rep finisher',
        shape: 'long set',
        band: { low: 20, high },
        load: 'by reps',
        toFailure: false,
      } as const;
      const of = block([session('a', 0, [slot('1', exercise, { technique })])], { weeks: 4 });
      const checkIns = [{ ...usual, ...poor, date: '2026-11-01' } as const];
      return unfold({ ...nothing, block: of, athlete: athlete(), checkIns })
        .weeks.slice(0, 2)
        .map(({ plan }) => plan.sessions[0]?.slots[0]?.technique.kind);
    };
    expect(planned('leg-press', 40)).toEqual(['straight', 'high-rep finisher']);
    expect(planned('leg-press', 31)).toEqual(['straight', 'high-rep finisher']);
    expect(planned('leg-press', 30)).toEqual(['high-rep finisher', 'high-rep finisher']);
    expect(planned('leg-extension', 40)).toEqual(['high-rep finisher', 'high-rep finisher']);
  });

  test('a score of three limits nothing', () => {
    expect(gates({ ...usual, ...poor, slept: 'so so', date: '2026-11-01' })).toEqual(Array(5).fill(null));
    expect(gates()).toEqual(Array(5).fill(null));
  });
});

test('an open slot is sent as it is, and counts as what was done in it', () => {
  const open = UNFILLED_EXERCISES.find(({ pattern }) => pattern === 'horizontal press');
  if (open === undefined) throw new Error('no pattern');
  const left = block([
    session('a', 0, [{ ...slot('1', 'leg-press'), exercise: { id: open.id, revision: 1 } }]),
  ]);
  const exercises = catalogueWith([]).find;
  const input = { block: left, athlete: athlete(), exercises, answers: [], issued: [], log: EMPTY_LOG };
  const frozen = freezeWeek(input, 1, { id: 'i1', at: '2026-11-02T00:00:00Z' });
  if (!frozen.ok) throw new Error(JSON.stringify(frozen.refusal));
  const sets = frozen.value.plan.sessions[0]?.slots[0]?.sets ?? [];
  expect(sets.length).toBe(3);
  const log: Log = {
    workouts: [{ id: 'w', week: 1, sessionId: 'a', date: '2026-11-02', finished: true, notes: [] }],
    sets: sets.map(({ id }, at) => ({
      id: `s${at}`,
      workoutId: 'w',
      slotId: '1',
      setId: id,
      exerciseId: 'chest-press-machine',
      load: { value: 40, unit: 'kg' },
      reps: 10,
      rir: 2,
      at: '2026-11-02T10:00:00Z',
      supersedes: null,
    })),
    soreness: [],
  };
  const done = unfold({ ...input, issued: [frozen.value], log });
  expect(done.weeks[0]?.plan.muscles.chest.sets).toBe(3);
});
