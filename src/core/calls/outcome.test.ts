import { athlete, block, lookup, performWeek, session, slot } from '../testing/fixtures';
import { unfold } from '../unfold/unfold';
import { callOutcome } from './outcome';
import type { Answer, Proposal } from './registry';

const ONE = block([session('a', 0, [slot('press', 'leg-press')])], { weeks: 5 });
type State = Parameters<typeof performWeek>[0];
const start: State = {
  block: ONE,
  athlete: athlete(),
  issued: [],
  log: { workouts: [], sets: [], soreness: [] },
};
const planOf = (state: State) => unfold({ ...state, exercises: lookup, answers: [] });
const after = (state: State, week: number, over: number): State => ({
  ...state,
  ...performWeek(state, week, ({ reps, rir }) => ({ reps: reps + over, rir })),
});
const answered = (proposal: Partial<Proposal>, outcome: Answer['outcome'] = 'accepted'): Answer => ({
  id: 'x',
  subject: 'x',
  outcome,
  choice: null,
  proposal: proposal as Proposal,
});

test("one more set from week 2 on: no result before it is trained, then the muscle's results", () => {
  const first = after(start, 1, 0);
  const sets = answered({ kind: 'sets', muscle: 'quads', week: 2 });
  expect(callOutcome(sets, planOf(first))).toBeNull();
  const third = after(after(first, 2, 2), 3, 0);
  expect(callOutcome(sets, planOf(third))).toEqual({
    kind: 'verdicts',
    of: [
      { week: 2, verdict: 'ahead' },
      { week: 3, verdict: 'on target' },
    ],
  });
});

test('a recovery week is judged by the sessions after it', () => {
  const third = after(after(after(start, 1, 0), 2, 0), 3, 2);
  expect(callOutcome(answered({ kind: 'recover', muscle: 'quads', week: 2 }), planOf(third))).toEqual({
    kind: 'verdicts',
    of: [{ week: 3, verdict: 'ahead' }],
  });
});

test('a load: the first set as planned and done', () => {
  const second = after(after(start, 1, 0), 2, 1);
  const asked = planOf(second).weeks[1]?.plan.sessions[0]?.slots[0]?.sets[0];
  expect(callOutcome(answered({ kind: 'load', slotId: 'press', week: 2 }), planOf(second))).toMatchObject({
    kind: 'first set',
    week: 2,
    asked: { load: asked?.load, reps: asked?.reps },
    done: { load: asked?.load, reps: (asked?.reps ?? 0) + 1 },
  });
});

test('a deload: how many of the trained muscles were on target afterwards; none if declined', () => {
  const third = after(after(after(start, 1, 0), 2, 0), 3, 2);
  const deload = { kind: 'deload', week: 2 } as const;
  const outcome = callOutcome(answered(deload), planOf(third));
  expect(outcome).toMatchObject({ kind: 'after deload', week: 3 });
  expect(outcome?.kind === 'after deload' ? outcome.fine === outcome.of && outcome.of > 0 : false).toBe(true);
  expect(callOutcome(answered(deload, 'declined'), planOf(third))).toBeNull();
});
