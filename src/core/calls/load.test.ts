import { athlete, block, lookup, performWeek, session, slot } from '../testing/fixtures';
import { unfold } from '../unfold/unfold';
import { loadCall } from './load';
import type { Answer, Proposal } from './registry';

const made = block([
  session('a', 0, [slot('1', 'leg-press'), slot('2', 'leg-extension')]),
  session('b', 2, [slot('3', 'pull-up')]),
]);
const log = { workouts: [], sets: [], soreness: [] };
const plain = { block: made, athlete: athlete(), exercises: lookup };

/** Load calls after a week 1 that was this much easier than planned, in these sessions only. */
function waiting(over: number, sessions: readonly string[] = ['a', 'b'], answers: readonly Answer[] = []) {
  const done = performWeek({ ...plain, issued: [], log }, 1, ({ reps, rir }) => ({ reps, rir: rir + over }));
  const finished = done.log.workouts.map((workout) => ({
    ...workout,
    finished: sessions.includes(workout.sessionId),
  }));
  const { proposals, weeks } = unfold({
    ...plain,
    issued: done.issued,
    log: { ...done.log, workouts: finished },
    answers,
  });
  return { loads: proposals.filter((one) => one.kind === 'load'), weeks };
}

test('a first set that the rule changes waits for the coach, from the set done to the set proposed', () => {
  const { loads, weeks } = waiting(2);
  const press = loads.find(({ slotId }) => slotId === '1');
  const [first] = weeks[1]?.plan.sessions[0]?.slots[0]?.sets ?? [];
  expect(press).toMatchObject({
    kind: 'load',
    subject: 'load/1/2',
    week: 2,
    sessionId: 'a',
    exerciseId: 'leg-press',
    unit: 'kg',
    to: { load: first?.load, reps: first?.reps },
  });
  expect(press?.from.reps).toBe(weeks[0]?.plan.sessions[0]?.slots[0]?.sets[0]?.reps);
  expect(press?.alternatives.length).toBeLessThanOrEqual(3);
});

test('only finished sessions raise calls', () => {
  expect(new Set(waiting(2, ['b']).loads.map(({ sessionId }) => sessionId))).toEqual(new Set(['b']));
  expect(waiting(2, []).loads).toEqual([]);
});

test('an answered call stays answered; declined, the load stays; changed, it is the chosen load', () => {
  const [call] = waiting(2).loads.filter(({ slotId }) => slotId === '1');
  if (call === undefined) throw new Error('no call');
  const answer = (outcome: Answer['outcome'], choice: { load: number; reps: number } | null): Answer =>
    ({ id: call.id, subject: call.subject, outcome, choice, proposal: call as Proposal }) as Answer;
  const first = (given: Answer) => {
    const { loads, weeks } = waiting(2, ['a', 'b'], [given]);
    expect(loads.some(({ slotId }) => slotId === '1')).toBe(false);
    const [set] = weeks[1]?.plan.sessions[0]?.slots[0]?.sets ?? [];
    return [set?.load, set?.reps];
  };
  expect(first(answer('accepted', null))).toEqual([call.to.load, call.to.reps]);
  expect(first(answer('declined', null))).toEqual([call.from.load, call.from.reps]);
  expect(first(answer('changed', { load: 65, reps: 9 }))).toEqual([65, 9]);
});

test('an answer orders its first set, and none if declined', () => {
  const [call] = waiting(2).loads;
  if (call === undefined) throw new Error('no call');
  const given = { id: call.id, subject: call.subject, proposal: call, choice: null };
  expect(loadCall.orders({ ...given, outcome: 'declined' })).toMatchObject([{ outcome: 'held', to: null }]);
  expect(loadCall.orders({ ...given, outcome: 'accepted' })).toMatchObject([
    { outcome: 'accepted', week: 2, to: { load: call.to.load, reps: call.to.reps } },
  ]);
});

test('a share of the max proposes a load once strength has moved by five per cent; its own weekly steps need no answer', () => {
  const shares = block([
    session('a', 0, [
      slot('1', 'leg-press', { range: { low: 5, high: 8 }, ofMax: { share: 80, weekly: 2.5 } }),
    ]),
  ]);
  const after = (over: number) => {
    const start = { ...plain, block: shares, issued: [], log };
    const done = performWeek(start, 1, ({ reps, rir }) => ({ reps: reps + over, rir }));
    return unfold({ ...start, ...done, answers: [] });
  };
  const weekTwo = ({ weeks }: ReturnType<typeof after>) =>
    weeks[1]?.plan.sessions[0]?.slots[0]?.sets[0]?.load ?? 0;
  const [asPlanned, stronger] = [after(0), after(5)];
  expect(weekTwo(asPlanned)).toBeGreaterThan(
    asPlanned.weeks[0]?.plan.sessions[0]?.slots[0]?.sets[0]?.load ?? 0,
  );
  expect(asPlanned.proposals.filter(({ kind }) => kind === 'load')).toEqual([]);
  const [call] = stronger.proposals.filter((one) => one.kind === 'load');
  expect(call?.to.load).toBeGreaterThan(weekTwo(stronger));
  expect(call?.alternatives[0]?.load).toBe(weekTwo(stronger));
});
