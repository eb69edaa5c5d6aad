import fc from 'fast-check';
import { addDays } from '../calendar';
import { conventionsWith } from '../conventions/conventions';
import type { Exposure } from '../effort/exposure';
import { blockExposures } from '../effort/exposures-of';
import { exerciseById } from '../exercises/library';
import { block, lookup, session, slot } from '../testing/fixtures';
import { checkIn, type Happened, watched } from '../testing/watched';
import { landmarksFor } from '../volume/landmarks';
import {
  lessonAnswer,
  lessonsAnswered,
  withAppliedLesson,
  withDismissedLesson,
  withoutAnswer,
} from './learning';
import { blockLessons, lessonSubject } from './lessons';
import { exchanges, liftReviews } from './lifts';
import { sessionMinutes } from './minutes';
import { muscleReviews } from './muscles';
import { reviewBlock } from './review';
import type { Reviewed } from './reviewed';
import { suggestForNextBlock } from './suggestions';

/** Chest on Monday and Thursday from 2 November 2026. */
const pressing = (sets: number) =>
  block(
    [
      session('mon', 0, [slot('m', 'chest-press-machine', { technique: { kind: 'straight', sets } })]),
      session('thu', 3, [slot('t', 'chest-press-machine', { technique: { kind: 'straight', sets } })]),
    ],
    { weeks: 6 },
  );
/** Ten sets a week, above the minimum of eight. */
const CHEST = pressing(5);
const ALL = ['all', 'all', 'all', 'all', 'all', 'all'] as const;
const AFTER = '2026-12-31';

const reviewed = (changes: Partial<Happened>): Reviewed =>
  watched({ block: CHEST, today: AFTER, weeks: ALL, ...changes });

/** The same with everything lifted in it. */
function lifted(changes: Partial<Happened>): Reviewed {
  const before = reviewed(changes);
  return { ...before, exposures: blockExposures(before.blockPlan.weeks, before.athlete, exerciseById) };
}

const chest = (of: Reviewed) => muscleReviews(of).find(({ muscle }) => muscle === 'chest');

/** From a week on every set is three reps below target. */
const short =
  (from: number): NonNullable<Happened['doing']> =>
  (week) =>
    week < from ? undefined : ({ reps, rir }) => ({ reps: reps - 3, rir });
/** Every set is three reps above target. */
const over: NonNullable<Happened['doing']> =
  () =>
  ({ reps, rir }) => ({ reps: reps + 3, rir });

/** Weeks, each with its trained sessions. */
const anyWeeks = fc.array(fc.subarray(['mon', 'thu']), { minLength: 1, maxLength: 6 });

describe('muscles', () => {
  test('compares planned with done; sessions nobody trained are not done', () => {
    const few = { block: pressing(3), weeks: ['all', ['mon'], 'all'], today: '2026-11-23' } as const;
    const found = chest(reviewed(few));
    expect(found?.weeks.slice(0, 4)).toEqual([
      { week: 1, kind: 'building', planned: 6, done: 6 },
      { week: 2, kind: 'building', planned: 6, done: 3 },
      { week: 3, kind: 'building', planned: 6, done: 6 },
      { week: 4, kind: 'building', planned: 6, done: null },
    ]);
  });

  test('records the sets at the second session in a row below target, and the sets tolerated before', () => {
    const found = chest(reviewed({ doing: short(4) }));
    expect(found?.fell).toEqual({ sets: 10, week: 4 });
    expect(found?.bore).toEqual({ sets: 10, week: 1 });
    // 18 moves toward 10 by a third.
    expect(found?.lesson.ceiling).toMatchObject({ from: 18, failedAt: 10, week: 4 });
    expect(found?.lesson.ceiling?.to).toBeCloseTo(18 - 8 / 3);
    // Below the minimum the sets were not the cause: the maximum is not lowered and no sets are cut.
    const few = { block: pressing(3), doing: short(4) };
    expect(chest(reviewed(few))).toMatchObject({ fell: { sets: 6, week: 4 }, lesson: { ceiling: null } });
    expect(suggestForNextBlock(reviewed(few)).map(({ kind }) => kind)).not.toContain('fewer sets');
    expect(chest(reviewed({}))?.fell).toBeNull();
  });

  test('exceeding loads that were only found in week 1 is no progress; in week 2 it is', () => {
    const first: NonNullable<Happened['doing']> = (week) =>
      week === 1 ? ({ reps, rir }) => ({ reps: reps + 3, rir }) : undefined;
    const second: NonNullable<Happened['doing']> = (week) =>
      week === 2 ? ({ reps, rir }) => ({ reps: reps + 3, rir }) : undefined;
    const of = pressing(3);
    expect(chest(reviewed({ block: of, doing: first }))?.lesson.floor).toBeNull();
    expect(chest(reviewed({ block: of, doing: second }))?.lesson.floor).toMatchObject({ grewAt: 6, week: 2 });
  });

  test('muscles the block never trains are left out', () => {
    expect(muscleReviews(reviewed({})).map(({ muscle }) => muscle)).not.toContain('quads');
  });

  test('done never exceeds planned if sets are done as planned, whatever is missed', () => {
    fc.assert(
      fc.property(anyWeeks, (weeks) => {
        for (const { weeks: list } of muscleReviews(reviewed({ block: pressing(3), weeks })))
          for (const { planned, done } of list) expect(done ?? 0).toBeLessThanOrEqual(planned + 1e-9);
      }),
      { numRuns: 12 },
    );
  });
});

describe('lifts', () => {
  test('shows the gain from the first week to the last, by hand', () => {
    const at = (week: number, day: number, load: number): Exposure => ({
      exerciseId: 'chest-press-machine',
      slotId: day === 0 ? 'm' : 't',
      week,
      date: addDays('2026-11-02', 7 * (week - 1) + day),
      sets: [{ load, reps: 8, rir: 2, fatigue: 0 }],
    });
    const of = (...exposures: readonly Exposure[]) => liftReviews(reviewed({ exposures }))[0];
    const rising = of(at(1, 0, 100), at(1, 3, 96), at(2, 0, 102), at(3, 0, 104));
    expect(rising?.gain).toBeCloseTo(4);
    expect(rising).toMatchObject({ weeks: 3, verdict: 'too early' });
    expect(of(at(1, 0, 100))?.gain).toBeNull();
    const flat = [1, 2, 3, 4, 5].map((week) => at(week, 0, 100));
    expect(of(...flat)?.verdict).toBe('stalled');
    expect(of(...flat.slice(0, 4))?.verdict).toBe('too early');
    expect(of(...flat.slice(0, 4), at(5, 0, 100.6))?.verdict).toBe('goes on');
    // Three per cent below the start at the end it has declined, whatever happened between; a little less and it is
    // stalled.
    expect(of(...flat.slice(0, 4), at(5, 0, 97))?.verdict).toBe('fell');
    expect(of(...flat.slice(0, 4), at(5, 0, 97.1))?.verdict).toBe('stalled');
    expect(of(at(1, 0, 100), at(2, 0, 90))?.verdict).toBe('fell');
    // Lifts of another block on other days do not count.
    expect(liftReviews(reviewed({ exposures: [at(-3, 0, 90)] }))).toEqual([]);
  });

  test('lists what affected them: the deload, and a swap on the day with its reason', () => {
    const swap = { kind: 'swap', slotId: 'm', exerciseId: 'barbell-bench-press', why: 'taken' } as const;
    const of = lifted({
      block: { ...CHEST, weeks: 2 },
      weeks: ['all', 'all', 'all'],
      told: { '2/mon': [swap] },
    });
    expect(exchanges(of)).toEqual([
      { week: 2, date: '2026-11-09', from: 'chest-press-machine', to: 'barbell-bench-press', why: 'taken' },
    ]);
    expect(liftReviews(of)[0]?.changes).toEqual([{ kind: 'deload', week: 3, date: '2026-11-16' }]);
  });
});

describe('minutes', () => {
  /** Each set of a session this many seconds after the previous one. */
  function clocked(seconds: number): Reviewed {
    const of = lifted({});
    const weeks = of.blockPlan.weeks.map((week) => ({
      ...week,
      performed: new Map(
        [...week.performed].map(([id, { workout, sets }]) => [
          id,
          {
            workout,
            sets: new Map(
              [...sets].map(([key, current], at) => {
                const set = {
                  ...current.set,
                  at: new Date(Date.UTC(2026, 10, 2, 10, 0, at * seconds)).toISOString(),
                };
                return [key, { ...current, set }];
              }),
            ),
          },
        ]),
      ),
    }));
    return { ...of, blockPlan: { ...of.blockPlan, weeks } };
  }

  test('run from the first set to the last, compared with the middle of the plan', () => {
    const { sessions, share } = sessionMinutes(clocked(300));
    expect(sessions).toHaveLength(12);
    expect(sessions[0]).toMatchObject({ week: 1, session: 'Session mon', taken: 1200, sets: 5 });
    const { low, high } = sessions[0]?.planned ?? { low: 0, high: 0 };
    expect(share).toBeCloseTo((100 * 1200) / ((low + high) / 2));
  });

  test('are unknown if all sets were logged at one moment or the phone was left open overnight', () => {
    expect(sessionMinutes(lifted({}))).toEqual({ sessions: [], share: null });
    expect(sessionMinutes(clocked(3 * 3600)).sessions).toEqual([]);
    // Four gaps between five sets: just a third of the planned time, or one second less each.
    const { planned } = sessionMinutes(clocked(300)).sessions[0] ?? { planned: { low: 0 } };
    const third = Math.ceil(planned.low / 3 / 4);
    expect(sessionMinutes(clocked(third)).sessions).toHaveLength(12);
    expect(sessionMinutes(clocked(third - 1)).sessions).toEqual([]);
  });
});

describe('lessons', () => {
  const kinds = (of: Reviewed) => blockLessons(of).map(({ kind }) => kind);

  test('a maximum that was found is applied with its evidence, once', () => {
    const of = reviewed({ doing: short(4) });
    const lesson = blockLessons(of).find((one) => one.kind === 'ceiling' && one.muscle === 'chest');
    if (lesson === undefined) throw new Error('nothing taught');
    const wiser = withAppliedLesson(of.athlete, 'b1', lesson, 'Behind twice running at 10 sets.');
    const to = 18 - 8 / 3;
    expect(wiser.learned.chest?.ceiling).toBeCloseTo(to);
    expect(wiser.learned.chest?.evidence).toBe('Behind twice running at 10 sets.');
    // The next block continues from there: a third of the way again.
    const next = chest(reviewed({ athlete: wiser, doing: short(4) }));
    expect(next?.lesson.ceiling?.from).toBeCloseTo(to);
    expect(next?.lesson.ceiling?.to).toBeCloseTo(to - (to - 10) / 3);
  });

  test('a block done as planned teaches nothing', () => {
    expect(kinds(lifted({}))).toEqual([]);
  });

  test('four reports of long soreness lengthen the muscle’s gap, three do not; short soreness never does', () => {
    const sore = (count: number, days: number) =>
      [0, 1, 2, 3].slice(0, count).map((at) => ({
        workoutId: `w${at + 1}-mon`,
        muscle: 'chest' as const,
        ended: addDays('2026-11-02', 7 * at + days),
        said: addDays('2026-11-02', 7 * at + days),
      }));
    const of = (count: number, days: number) =>
      blockLessons(reviewed({ soreness: sore(count, days) })).filter(({ kind }) => kind === 'recovery');
    expect(of(4, 3)).toMatchObject([{ muscle: 'chest', from: 48, to: 72, days: 3, reports: 4 }]);
    expect(of(3, 3)).toEqual([]);
    expect(of(4, 2)).toEqual([]);
    const [lesson] = of(4, 3);
    if (lesson === undefined) throw new Error('nothing taught');
    const wiser = withAppliedLesson(reviewed({}).athlete, 'b1', lesson, '');
    expect(wiser.conventions.muscles.chest).toEqual({ gapHours: 72 });
  });
});

describe('answers to lessons', () => {
  const of = reviewed({ doing: short(4) });
  const lesson = blockLessons(of).find((one) => one.kind === 'ceiling' && one.muscle === 'chest');

  test('undoing an applied or dismissed lesson restores everything', () => {
    if (lesson === undefined) throw new Error('nothing taught');
    const { athlete } = of;
    const taken = withAppliedLesson(athlete, 'b1', lesson, 'So it was.');
    expect(lessonAnswer(taken, 'b1', 'ceiling/chest')?.outcome).toBe('taken');
    expect(lessonAnswer(taken, 'b2', 'ceiling/chest')).toBeUndefined();
    expect(withoutAnswer(taken, 'b1', 'ceiling/chest')).toEqual(athlete);
    const refused = withDismissedLesson(athlete, 'b1', 'ceiling/chest');
    expect(refused.learned).toEqual({});
    expect(lessonAnswer(refused, 'b1', 'ceiling/chest')?.outcome).toBe('refused');
    expect(withoutAnswer(refused, 'b1', 'ceiling/chest')).toEqual(athlete);
    // Applied twice, or dismissed after being applied, undoing returns to the state before the first answer.
    expect(
      withoutAnswer(withAppliedLesson(taken, 'b1', lesson, 'So it was.'), 'b1', 'ceiling/chest'),
    ).toEqual(athlete);
    expect(withDismissedLesson(taken, 'b1', 'ceiling/chest')).toEqual(refused);
    // Undoing a second block's lesson returns to the first block's.
    const twice = withAppliedLesson(taken, 'b2', { ...lesson, to: 12 } as typeof lesson, '');
    expect(twice.learned.chest?.ceiling).toBe(12);
    expect(withoutAnswer(twice, 'b2', 'ceiling/chest').learned.chest?.ceiling).toBeCloseTo(18 - 8 / 3);
  });

  test('what is taken over replaces a figure that the coach had typed; undone, that returns; typed later, it stays', () => {
    if (lesson === undefined) throw new Error('nothing taught');
    const typing = (ceiling: number) => ({ ...of.athlete, landmarks: { chest: { floor: 7, ceiling } } });
    const taken = withAppliedLesson(typing(20), 'b1', lesson, '');
    expect(taken.landmarks).toEqual({ chest: { floor: 7 } });
    expect(landmarksFor('chest', taken, 'holding', conventionsWith()).origins.ceiling).toBe('learned');
    expect(withoutAnswer(taken, 'b1', 'ceiling/chest')).toEqual(typing(20));
    const later = { ...taken, landmarks: typing(22).landmarks };
    expect(withoutAnswer(later, 'b1', 'ceiling/chest').landmarks).toEqual(typing(22).landmarks);
  });

  test('so does every other kind of lesson, without touching the coach’s own rules', () => {
    const own = { ...of.athlete.conventions, athlete: { driftSlope: 150, cutReps: 4 } };
    const athlete = {
      ...of.athlete,
      conventions: own,
      effort: { ...of.athlete.effort, curve: 'Brzycki' as const },
    };
    const fit = { slope: 0.03, error: 1, epleyError: 2, sets: 30, from: 5, to: 12 };
    const trend = { range: { low: 6, high: 9 }, gain: 1, error: 0.1, days: 5 };
    const figures = { driftSeconds: 1, driftSlope: 2, driftLeast: 3 };
    for (const one of [
      { kind: 'curve', fit },
      { kind: 'drift', drift: { factor: 1.5, error: 0.1, pairs: 12 }, from: figures, to: figures },
      { kind: 'minutes', from: 90, to: 120, share: 120, sessions: 8 },
      { kind: 'recovery', muscle: 'quads', from: 48, to: 72, days: 3, reports: 4 },
      { kind: 'range', exerciseId: 'hack-squat', from: null, best: trend, other: trend },
    ] as const) {
      const taken = withAppliedLesson(athlete, 'b1', one, '');
      expect(taken).not.toEqual(athlete);
      expect(taken.conventions.athlete.cutReps).toBe(4);
      const back = withoutAnswer(taken, 'b1', lessonSubject(one));
      expect({ ...back, conventions: { ...back.conventions, muscles: {} } }).toEqual(athlete);
    }
  });
});

test('an applied lesson is shown as it was, not computed again from its result', () => {
  const of = reviewed({ doing: short(4) });
  const source = { ...of, blockId: 'b1', catalogue: { find: lookup, newest: exerciseById } };
  const [first] = lessonsAnswered(source).filter(({ about }) => about === 'ceiling/chest');
  if (first === undefined) throw new Error('nothing taught');
  expect(first.outcome).toBeNull();
  const athlete = withAppliedLesson(of.athlete, 'b1', first.lesson, '');
  expect(lessonsAnswered({ ...source, athlete })).toContainEqual({ ...first, outcome: 'taken' });
  const refused = withDismissedLesson(of.athlete, 'b1', 'ceiling/chest');
  expect(lessonsAnswered({ ...source, athlete: refused })).toContainEqual({ ...first, outcome: 'refused' });
});

describe('suggestions', () => {
  const of = (changes: Partial<Happened>) => suggestForNextBlock(lifted(changes));

  test('a muscle that fell below target gets fewer sets, one always above gets more', () => {
    expect(of({ doing: short(4) })).toContainEqual({ kind: 'fewer sets', muscle: 'chest', at: 10, week: 4 });
    expect(of({ doing: over })).toContainEqual(
      expect.objectContaining({ kind: 'more sets', muscle: 'chest', most: 10, ceiling: 18 }),
    );
    expect(of({}).map(({ kind }) => kind)).not.toContain('more sets');
  });

  test('all below target in week 3 of six: the deload comes earlier; in the last week before it, it was in time', () => {
    expect(of({ doing: short(3) })).toContainEqual(
      expect.objectContaining({ kind: 'deload earlier', after: 3 }),
    );
    expect(of({ doing: short(6) }).map(({ kind }) => kind)).not.toContain('deload earlier');
  });

  test('never below target, strained or tired over four weeks: train harder; over three, or once below, not', () => {
    const kinds = (changes: Partial<Happened>) => of(changes).map(({ kind }) => kind);
    const four = { weeks: ['all', 'all', 'all', 'all'] as const, today: '2026-11-30' };
    expect(of({ ...four, doing: over })).toContainEqual({ kind: 'train harder', sessions: 8, weeks: 4 });
    expect(kinds({ ...four, weeks: ['all', 'all', 'all'], doing: over })).not.toContain('train harder');
    expect(kinds({ ...four, doing: short(4) })).not.toContain('train harder');
    const tired = checkIn('2026-11-22', { slept: 'poorly', appetite: 'poorly', soreness: 'most stayed' });
    expect(kinds({ ...four, doing: over, checkIns: [tired] })).not.toContain('train harder');
  });

  test('a session missed three weeks of four gets another day, two of four does not', () => {
    const missing = (times: number) =>
      of({
        weeks: [0, 1, 2, 3].map((at) => (at < times ? ['mon'] : ['mon', 'thu'])),
        today: '2026-11-30',
      });
    expect(missing(3)).toContainEqual({
      kind: 'another day',
      sessionId: 'thu',
      session: 'Session thu',
      missed: 3,
      of: 4,
    });
    expect(missing(2).map(({ kind }) => kind)).not.toContain('another day');
  });
});

test('the summary has finished weeks, what was done of them, and the fatigue of its own check-ins', () => {
  const checkIns = [
    checkIn('2026-10-25', { slept: 'poorly' }),
    checkIn('2026-11-08'),
    checkIn('2026-11-15', { slept: 'poorly' }),
  ];
  const soreness = [
    { workoutId: 'w1-mon', muscle: 'chest', ended: '2026-11-04', said: '2026-11-05' },
    { workoutId: 'w1-thu', muscle: 'chest', ended: 'none', said: '2026-11-06' },
    { workoutId: 'w2-mon', muscle: 'chest', ended: 'still', said: '2026-11-10' },
  ] as const;
  const review = reviewBlock(lifted({ weeks: ['all', ['mon']], today: '2026-11-20', checkIns, soreness }));
  expect(review.soreness).toEqual([{ muscle: 'chest', days: [2, 0] }]);
  expect(review.over).toBe(2);
  expect(review.done.map(({ sessions }) => sessions)).toEqual([
    { done: 2, planned: 2 },
    { done: 1, planned: 2 },
  ]);
  expect(review.signs.map(({ date }) => date)).toEqual(['2026-11-08', '2026-11-15']);
  expect((review.signs[1]?.sum ?? 0) - (review.signs[0]?.sum ?? 0)).toBe(2);
});
