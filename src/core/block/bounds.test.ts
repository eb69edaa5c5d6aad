import { exerciseById } from '../exercises/library';
import { EMPTY_LOG } from '../log/log';
import { athlete, block, lookup, session, slot } from '../testing/fixtures';
import { unfold } from '../unfold/unfold';
import { type Block, ownSet, type Slot } from './block';
import { decodeBlock } from './block-codec';
import { newSlot } from './new-slot';

const kg = (value: number) => ({ value, unit: 'kg' as const });
const text = (length: number) => 'x'.repeat(length);
const many = <T>(count: number, of: (at: number) => T): T[] =>
  Array.from({ length: count }, (_, at) => of(at));

const slotWith = (changes: Partial<Slot>) => block([session('a', 0, [slot('1', 'leg-press', changes)])]);
const blockWith = (changes: Partial<Block>) => block([session('a', 0, [slot('1', 'leg-press')])], changes);
const week = { week: 1, sets: null, reps: null, load: null, rir: null };
const set = { load: kg(100), reps: 8, rir: 2 };

/** Smallest and largest value of a number, and the step by which a test goes beyond. */
const FIGURES: readonly (readonly [
  name: string,
  least: number,
  most: number,
  step: number,
  of: (value: number) => Block,
])[] = [
  ['weeks', 1, 16, 1, (weeks) => blockWith({ weeks })],
  ['days of the cycle', 2, 42, 1, (cycleDays) => blockWith({ cycleDays })],
  ['RIR of the first week', 1, 6, 0.5, (first) => blockWith({ rir: { first, last: Math.min(1, first) } })],
  ['RIR of the last week', 0, 3, 0.5, (last) => blockWith({ rir: { first: 3, last } })],
  ['day of a session', 0, 6, 1, (day) => block([session('a', day, [])])],
  [
    'day of an activity',
    0,
    6,
    1,
    (day) => blockWith({ activities: [{ id: 'r', day, name: 'run', hard: true, legs: true }] }),
  ],
  ['week before a pause', 1, 5, 1, (after) => blockWith({ weeks: 5, pauses: [{ after, days: 3 }] })],
  ['days of a pause', 1, 60, 1, (days) => blockWith({ pauses: [{ after: 1, days }] })],
  ['offset of RIR', -4, 4, 1, (offset) => slotWith({ rir: { kind: 'week', offset } })],
  ['fixed RIR', 0, 6, 1, (rir) => slotWith({ rir: { kind: 'fixed', rir } })],
  [
    'offset of one set',
    -4,
    4,
    1,
    (offset) => slotWith({ setTargets: [ownSet(1, { rir: { kind: 'week', offset } })] }),
  ],
  [
    'RIR of one set',
    0,
    6,
    1,
    (rir) => slotWith({ setTargets: [ownSet('last', { rir: { kind: 'fixed', rir } })] }),
  ],
  [
    'number of a set',
    1,
    20,
    1,
    (n) => slotWith({ setTargets: [ownSet(n, { rir: { kind: 'fixed', rir: 1 } })] }),
  ],
  ['least reps', 1, 12, 1, (low) => slotWith({ range: { low, high: 12 } })],
  ['most reps', 8, 300, 1, (high) => slotWith({ range: { low: 8, high } })],
  ['rest', 0, 900, 1, (rest) => slotWith({ rest })],
  ['optional sets', 0, 10, 1, (optionalSets) => slotWith({ optionalSets })],
  ['seconds of stretch', 5, 600, 1, (seconds) => slotWith({ stretch: { seconds, note: '' } })],
  ['load step', 0.5, 10, 0.1, (loadStep) => slotWith({ loadStep })],
  ['reps of a known set', 1, 300, 1, (reps) => slotWith({ start: { ...set, reps } })],
  ['RIR of a known set', 0, 10, 0.5, (rir) => slotWith({ start: { ...set, rir } })],
  ['load of a known set', -500, 1500, 0.5, (load) => slotWith({ start: { ...set, load: kg(load) } })],
  ['week of its own', 1, 26, 1, (n) => slotWith({ weeks: [{ ...week, week: n }] })],
  ['sets of a week', 1, 12, 1, (sets) => slotWith({ weeks: [{ ...week, sets }] })],
  ['reps of a week', 1, 300, 1, (reps) => slotWith({ weeks: [{ ...week, reps }] })],
  ['RIR of a week', 0, 6, 0.5, (rir) => slotWith({ weeks: [{ ...week, rir }] })],
  ['load of a week', -500, 1500, 0.5, (load) => slotWith({ weeks: [{ ...week, load: kg(load) }] })],
  [
    'share of sets in a deload',
    0.1,
    1,
    0.01,
    (sets) => blockWith({ deload: [{ kind: 'fewer sets', sets, reps: 'cut' }] }),
  ],
  [
    'share of the load in a deload',
    0.5,
    0.95,
    0.01,
    (load) => blockWith({ deload: [{ kind: 'lighter', load, half: false }] }),
  ],
  ['RIR of a deload', 4, 6, 1, (rir) => blockWith({ deload: [{ kind: 'easier', rir }] })],
  ['minutes of a deload', 10, 180, 1, (minutes) => blockWith({ deload: [{ kind: 'less time', minutes }] })],
  ['weeks of active rest', 1, 4, 1, (weeks) => blockWith({ deload: [{ kind: 'active rest', weeks }] })],
];

test.each(FIGURES)('%s: accepts %d to %d, and refuses one step beyond', (_, least, most, step, of) => {
  expect(decodeBlock(of(least))).toMatchObject({ ok: true });
  expect(decodeBlock(of(most))).toMatchObject({ ok: true });
  expect(decodeBlock(of(least - step))).toMatchObject({ ok: false });
  expect(decodeBlock(of(most + step))).toMatchObject({ ok: false });
});

const TEXTS: readonly (readonly [name: string, most: number, of: (length: number) => Block])[] = [
  ['name of the block', 2000, (n) => blockWith({ name: text(n) })],
  ['name of a session', 2000, (n) => block([{ ...session('a', 0, []), name: text(n) }])],
  ['place of a session', 64, (n) => block([{ ...session('a', 0, []), place: text(n) }])],
  ['id of a session', 64, (n) => block([session(text(n), 0, [])])],
  ['id of a slot', 64, (n) => block([session('a', 0, [slot(text(n), 'leg-press')])])],
  ['note', 2000, (n) => slotWith({ note: text(n) })],
  ['how it is made safe', 200, (n) => slotWith({ safety: text(n) })],
  ['note of a stretch', 200, (n) => slotWith({ stretch: { seconds: 30, note: text(n) } })],
  ['set-up', 64, (n) => slotWith({ variant: text(n) })],
  ['substitute', 64, (n) => slotWith({ substitutes: [text(n)] })],
  ['substitutes', 20, (n) => slotWith({ substitutes: many(n, String) })],
  ['set-ups in turn', 8, (n) => slotWith({ rotate: many(n, String) })],
  [
    'sets with an effort of their own',
    20,
    (n) => slotWith({ setTargets: many(n, () => ownSet(1, { rir: { kind: 'fixed', rir: 1 } })) }),
  ],
  ['weeks of their own', 26, (n) => slotWith({ weeks: many(n, () => week) })],
  [
    'name of an activity',
    80,
    (n) => blockWith({ activities: [{ id: 'r', day: 0, name: text(n), hard: false, legs: false }] }),
  ],
  [
    'activities',
    60,
    (n) =>
      blockWith({
        activities: many(n, (at) => ({ id: `r${at}`, day: 0, name: 'run', hard: false, legs: false })),
      }),
  ],
  ['early deloads', 6, (n) => blockWith({ earlyDeloads: many(n, (at) => at + 2) })],
  ['pauses', 20, (n) => blockWith({ pauses: many(n, () => ({ after: 1, days: 1 })) })],
  [
    'findings put aside',
    300,
    (n) => blockWith({ dismissed: many(n, () => ({ finding: 'f', facts: '', note: '' })) }),
  ],
  [
    'note of a finding put aside',
    400,
    (n) => blockWith({ dismissed: [{ finding: 'f', facts: '', note: text(n) }] }),
  ],
  ['name of a finding', 300, (n) => blockWith({ dismissed: [{ finding: text(n), facts: '', note: '' }] })],
  ['facts of a finding', 32, (n) => blockWith({ dismissed: [{ finding: 'f', facts: text(n), note: '' }] })],
];

test.each(TEXTS)('%s: at most %d', (_, most, of) => {
  expect(decodeBlock(of(most))).toMatchObject({ ok: true });
  expect(decodeBlock(of(most + 1))).toMatchObject({ ok: false });
});

test('ranges of reps and of weekly RIR run in the right direction', () => {
  expect(decodeBlock(slotWith({ range: { low: 8, high: 8 } }))).toMatchObject({ ok: true });
  expect(decodeBlock(slotWith({ range: { low: 9, high: 8 } }))).toMatchObject({ ok: false });
  expect(decodeBlock(blockWith({ rir: { first: 2, last: 2 } }))).toMatchObject({ ok: true });
  expect(decodeBlock(blockWith({ rir: { first: 2, last: 2.5 } }))).toMatchObject({ ok: false });
});

describe('a new slot', () => {
  test.each([
    ['leg-press', 8, 12, 3],
    ['leg-extension', 10, 15, 2],
    ['side-plank', 20, 45, 2],
    ['tucked-front-lever', 5, 15, 3],
  ])('%s starts with %d-%d reps and %d sets', (id, low, high, sets) => {
    const exercise = exerciseById(id);
    if (exercise === undefined) throw new Error(`no ${id}`);
    const made = newSlot('1', exercise);
    expect(made).toMatchObject({
      exercise: { id },
      range: { low, high },
      technique: { kind: 'straight', sets },
      rest: exercise.restSeconds,
      tempo: exercise.measure === 'seconds' ? null : exercise.tempo,
      rir: { kind: 'week', offset: 0 },
      loadRule: 'best fit',
    });
  });
});

test('two warm-up sets of ten and five count toward time while the load is still unknown', () => {
  const { weeks } = unfold({
    block: block([session('a', 0, [slot('1', 'leg-press', { tempo: '2010' })])], { time: 'realistic' }),
    athlete: athlete({ bestSets: {} }),
    exercises: lookup,
    issued: [],
    log: EMPTY_LOG,
    answers: [],
  });
  const [planned] = weeks[0]?.plan.sessions ?? [];
  expect(planned?.slots[0]?.sets[0]?.load).toBeNull();
  // 15 reps of 3 s, and 45 s of rest after each of the two.
  expect(planned?.whySeconds).toMatchObject({ warmUp: 15 * 3 + 2 * 45 });
});
