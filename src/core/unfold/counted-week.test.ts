import type { Block } from '../block/block';
import { EMPTY_LOG, type Log, type LoggedSet } from '../log/log';
import { startOf } from '../techniques/registry';
import { athlete, block, lookup, session, slot } from '../testing/fixtures';
import { freezeWeek } from './issue';
import { unfold } from './unfold';

const who = athlete();
const straight = (sets: number) => ({ technique: { kind: 'straight' as const, sets } });

function unfolded(made: Block, log: Log = EMPTY_LOG) {
  const input = { block: made, athlete: who, exercises: lookup, issued: [], log: EMPTY_LOG, answers: [] };
  const frozen = freezeWeek(input, 1, { id: 'issue-1', at: '2026-11-01T08:00:00Z' });
  if (!frozen.ok) throw new Error(JSON.stringify(frozen.refusal));
  return unfold({ ...input, issued: [frozen.value], log });
}

/** A log of week 1: reps and RIR by slot and set id. */
function logOf(
  sessions: Readonly<Record<string, 'finished' | 'under way'>>,
  sets: readonly (readonly [
    sessionId: string,
    slotId: string,
    setId: string,
    reps: number,
    rir: number,
    exerciseId: string,
  ])[],
): Log {
  return {
    workouts: Object.entries(sessions).map(([sessionId, state]) => ({
      id: `workout-${sessionId}`,
      week: 1,
      sessionId,
      date: '2026-11-02',
      finished: state === 'finished',
      notes: [],
    })),
    sets: sets.map(
      ([sessionId, slotId, setId, reps, rir, exerciseId], at): LoggedSet => ({
        id: `log-${at}`,
        workoutId: `workout-${sessionId}`,
        slotId,
        setId,
        exerciseId,
        load: { value: 50, unit: 'kg' },
        reps,
        rir,
        at: `2026-11-02T10:${String(at).padStart(2, '0')}:00Z`,
        supersedes: null,
      }),
    ),
    soreness: [],
  };
}

const presses = (changes: Partial<Block> = {}) =>
  block(
    [
      session('a', 0, [slot('1', 'leg-press', { ...straight(3), optionalSets: 1 })]),
      session('b', 3, [slot('2', 'leg-press', straight(2))]),
    ],
    changes,
  );
const quads = (plan: ReturnType<typeof unfolded>) => plan.weeks[0]?.plan.muscles.quads.sets;

test('in a finished session hard sets count: not one at 5 RIR, but an optional set that was done', () => {
  expect(quads(unfolded(presses()))).toBe(5);
  const log = logOf({ a: 'finished' }, [
    ['a', '1', 'work-1', 10, 5, 'leg-press'],
    ['a', '1', 'work-2', 10, 4, 'leg-press'],
    ['a', '1', 'work-3', 10, 3, 'leg-press'],
    ['a', '1', 'work-4', 9, 2, 'leg-press'],
  ]);
  const plan = unfolded(presses(), log);
  // Three done, and two still planned on Thursday.
  expect(quads(plan)).toBe(5);
  expect(plan.weeks[0]?.plan.hardSets).toBe(5);
  const fewer = logOf({ a: 'finished' }, [['a', '1', 'work-1', 10, 2, 'leg-press']]);
  expect(quads(unfolded(presses(), fewer))).toBe(3);
});

test('a session in progress counts what is done and what is still planned', () => {
  const log = logOf({ a: 'under way' }, [['a', '1', 'work-1', 10, 6, 'leg-press']]);
  expect(quads(unfolded(presses(), log))).toBe(4);
});

test('an optional session counts once it is done', () => {
  const [a, b] = presses().sessions;
  const made = { ...presses(), sessions: [a, { ...b, optional: true }] } as Block;
  expect(quads(unfolded(made))).toBe(3);
  const log = logOf({ b: 'finished' }, [
    ['b', '2', 'work-1', 10, 2, 'leg-press'],
    ['b', '2', 'work-2', 10, 2, 'leg-press'],
  ]);
  const plan = unfolded(made, log);
  expect(quads(plan)).toBe(5);
  expect(plan.weeks[0]?.plan.muscles.quads.frequency).toBe(2);
});

test('a swapped exercise counts toward its own muscles', () => {
  const log = logOf({ a: 'finished', b: 'finished' }, [
    ['a', '1', 'work-1', 10, 2, 'leg-extension'],
    ['b', '2', 'work-1', 10, 2, 'leg-press'],
  ]);
  const { quads: both, glutes } = unfolded(presses(), log).weeks[0]?.plan.muscles ?? {};
  // The extension counts nothing toward glutes, the press a half.
  expect([both?.sets, glutes?.sets]).toEqual([2, 0.5]);
});

test('a round counts by its parts as done', () => {
  const made = block([session('a', 0, [slot('1', 'leg-extension', { technique: startOf('rest-pause') })])]);
  const log = logOf({ a: 'finished' }, [
    ['a', '1', 'work-1', 12, 0, 'leg-extension'],
    ['a', '1', 'work-1.2', 4, 0, 'leg-extension'],
  ]);
  // The first part counts 1, four further reps 0.5 x 4/8.
  expect(quads(unfolded(made, log))).toBe(1.25);
});

test('extra work counts as done: an extra set, an extra exercise', () => {
  const log = logOf({ a: 'finished', b: 'finished' }, [
    ['a', '1', 'work-1', 10, 2, 'leg-press'],
    ['a', '1', 'extra-1', 9, 1, 'leg-press'],
    ['a', 'extra-x', 'work-1', 12, 2, 'leg-extension'],
    // It is not hard.
    ['a', 'extra-x', 'work-2', 12, 6, 'leg-extension'],
  ]);
  const { quads: sum, glutes } = unfolded(presses(), log).weeks[0]?.plan.muscles ?? {};
  expect([sum?.sets, glutes?.sets]).toEqual([3, 1]);
});

test('a skipped slot, or one stopped for pain, has nothing more planned before the session is over', () => {
  const log = logOf({ a: 'under way' }, [['a', '1', 'work-1', 10, 2, 'leg-press']]);
  const [workout] = log.workouts;
  if (workout === undefined) throw new Error('no workout');
  const head = { id: 'n', at: '2026-11-02T10:30:00.000Z', slotId: '1' };
  const notes = [
    [{ ...head, kind: 'skip', why: 'no time' }],
    [{ ...head, kind: 'pain', exerciseId: 'leg-press', where: 'knee', grade: 'clear', line: '' }],
  ] as const;
  // One done and two on Thursday; without the note two more would still be planned.
  expect(quads(unfolded(presses(), log))).toBe(5);
  for (const told of notes)
    expect(quads(unfolded(presses(), { ...log, workouts: [{ ...workout, notes: told }] }))).toBe(3);
});
