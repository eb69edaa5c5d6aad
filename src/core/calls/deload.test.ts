import { EMPTY_LOG } from '../log/log';
import { athlete, block, lookup, performWeek, session, slot } from '../testing/fixtures';
import { unfold } from '../unfold/unfold';
import type { Answer, Proposal } from './registry';

const who = athlete();
const made = block([session('a', 0, [slot('1', 'leg-extension'), slot('2', 'seated-leg-curl')])], {
  weeks: 5,
  goals: {},
});

/** Two finished weeks, with these results in the second. */
function after(doing: Parameters<typeof performWeek>[2]) {
  const first = performWeek({ block: made, athlete: who, issued: [], log: EMPTY_LOG }, 1);
  return performWeek({ block: made, athlete: who, ...first }, 2, doing);
}

function ladderOf(state: ReturnType<typeof after>, answers: readonly Answer[] = []) {
  return unfold({ block: made, athlete: who, exercises: lookup, answers, ...state });
}

const deloadOf = (proposals: readonly Proposal[]) => proposals.find(({ kind }) => kind === 'deload');

test('with half of the growing muscles below target the next week becomes a deload', () => {
  const state = after(({ reps }) => ({ reps: Math.max(1, reps - 4), rir: 0 }));
  const proposal = deloadOf(ladderOf(state).proposals);
  expect(proposal).toMatchObject({
    week: 3,
    subject: 'deload/3',
    why: { code: 'whole-body-deload', behind: 2 },
  });
});

test('not while all are on target', () => {
  expect(deloadOf(ladderOf(after(undefined)).proposals)).toBeUndefined();
});

test('accepted, the next week is a deload and the following one continues; declined, it is not proposed again', () => {
  const state = after(({ reps }) => ({ reps: Math.max(1, reps - 4), rir: 0 }));
  const proposal = deloadOf(ladderOf(state).proposals) as Proposal;
  const answer = (outcome: Answer['outcome']): Answer => ({
    id: proposal.id,
    subject: proposal.subject,
    outcome,
    proposal,
    choice: null,
  });
  const taken = ladderOf(state, [answer('accepted')]);
  expect(taken.weeks.map(({ plan }) => plan.kind)).toEqual([
    'building',
    'building',
    'deload',
    // The weeks after it move back.
    'building',
    'building',
    'building',
    'deload',
  ]);
  const [second, third] = [taken.weeks[1]?.plan, taken.weeks[2]?.plan];
  expect(third?.sessions[0]?.sets).toBeLessThan(second?.sessions[0]?.sets ?? 0);
  expect(deloadOf(taken.proposals)).toBeUndefined();
  const declined = ladderOf(state, [answer('declined')]);
  expect(declined.weeks[2]?.plan.kind).toBe('building');
  expect(deloadOf(declined.proposals)).toBeUndefined();
});
