import { EMPTY_LOG, type Log } from '../log/log';
import { type SorenessEnd, sorenessAt } from '../log/soreness';
import { withoutReasons } from '../plan/reasons-apart';
import { athlete, block, lookup, performWeek, session, slot } from '../testing/fixtures';
import { sorenessAsked, sorenessIn } from './soreness';

/** Legs on Monday and Thursday, the back on Tuesday. */
const made = block([
  session('legs', 0, [slot('1', 'leg-press')]),
  session('back', 1, [slot('2', 'seated-cable-row')]),
  session('more-legs', 3, [slot('3', 'leg-extension')]),
]);
const done = performWeek({ block: made, athlete: athlete(), issued: [], log: EMPTY_LOG }, 1);
const said = (ended: SorenessEnd, on = '2026-11-05'): Log => ({
  ...done.log,
  soreness: [{ workoutId: 'w1-legs', muscle: 'quads', ended, said: on }],
});
const quads = (log: Log) => sorenessIn(log, done.issued, lookup).get('w1-legs/quads');

test.each([
  ['none', 'never sore'],
  ['2026-11-03', 'early'],
  ['2026-11-04', 'early'],
  ['2026-11-05', 'just in time'],
  ['2026-11-06', 'still sore'],
  ['still', 'still sore'],
] as const)('quads trained Monday and Thursday: gone "%s" is %s', (ended, stands) => {
  expect(quads(said(ended))).toBe(stands);
});

test('still there before the next session says nothing yet; from that day on it does', () => {
  expect(quads(said('still', '2026-11-04'))).toBeUndefined();
  expect(quads(said('still', '2026-11-05'))).toBe('still sore');
});

test('the next session is the next one that trains the muscle, not the next day in the gym', () => {
  const log: Log = {
    ...done.log,
    soreness: [{ workoutId: 'w1-legs', muscle: 'quads', ended: '2026-11-03', said: '2026-11-03' }],
  };
  // Tuesday trained the back: gone on Tuesday is early for Thursday.
  expect(quads(log)).toBe('early');
  expect(sorenessAt({ ended: '2026-11-03', said: '2026-11-03' }, undefined)).toBe('early');
  expect(sorenessAt({ ended: 'still', said: '2026-11-09' }, undefined)).toBeUndefined();
});

test('a week without its reasons and facts gives the same result', () => {
  const apart = done.issued.map(withoutReasons);
  expect(sorenessIn(said('2026-11-06'), apart, lookup)).toEqual(
    sorenessIn(said('2026-11-06'), done.issued, lookup),
  );
});

test('the latest report replaces earlier ones', () => {
  const [first] = said('2026-11-04').soreness;
  const [second] = said('still', '2026-11-04').soreness;
  if (first === undefined || second === undefined) throw new Error('nothing said');
  expect(quads({ ...done.log, soreness: [first, second] })).toBeUndefined();
  expect(quads({ ...done.log, soreness: [second, first] })).toBe('early');
});

describe('soreness questions', () => {
  const musclesOn = (log: Log, day: string) =>
    sorenessAsked(log, done.issued, lookup, day).map(({ workoutId, muscles }) => [
      workoutId,
      muscles.includes('quads'),
    ]);

  test('ask about each muscle’s latest session before the day, never the day itself', () => {
    expect(musclesOn(done.log, '2026-11-02')).toEqual([]);
    expect(musclesOn(done.log, '2026-11-03')).toEqual([['w1-legs', true]]);
    // On Thursday the latest quads session is Monday's; on Friday it is Thursday's, and Monday's is no longer asked
    // about.
    expect(musclesOn(done.log, '2026-11-05')[1]).toEqual(['w1-legs', true]);
    const friday = sorenessAsked(done.log, done.issued, lookup, '2026-11-06');
    expect(friday.find(({ workoutId }) => workoutId === 'w1-more-legs')?.muscles).toContain('quads');
    expect(friday.find(({ workoutId }) => workoutId === 'w1-legs')?.muscles ?? []).not.toContain('quads');
  });

  test('stop once answered; still there is asked again another day', () => {
    expect(musclesOn(said('2026-11-03', '2026-11-03'), '2026-11-03')).toEqual([]);
    expect(musclesOn(said('still', '2026-11-03'), '2026-11-03')).toEqual([]);
    expect(musclesOn(said('still', '2026-11-03'), '2026-11-04')[1]).toEqual(['w1-legs', true]);
  });

  test('only concern the given muscles, and finished sessions', () => {
    const asked = sorenessAsked(done.log, done.issued, lookup, '2026-11-03', ['quads', 'biceps']);
    expect(asked).toMatchObject([{ issuedWeekId: 'i1', sessionId: 'legs', muscles: ['quads'] }]);
    const open = { ...done.log, workouts: done.log.workouts.map((one) => ({ ...one, finished: false })) };
    expect(sorenessAsked(open, done.issued, lookup, '2026-11-06')).toEqual([]);
  });
});
