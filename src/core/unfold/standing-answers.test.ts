import type { Answer, Proposal } from './ladder';
import { type Observation, recoverSubject, responseId, setsSubject } from './responses';
import { StandingAnswers } from './standing-answers';

const observation: Observation = {
  muscle: 'quads',
  week: 1,
  sessionId: 'a',
  date: '2026-11-02',
  soreness: 'early',
  performance: { verdict: 'ahead', score: 2 },
  behindTwice: false,
  startShortfall: 0,
};
const sore: Observation = { ...observation, soreness: 'still sore' };

function answer(
  subject: string,
  proposal: Partial<Proposal>,
  outcome: Answer['outcome'] = 'accepted',
  choice: Answer['choice'] = null,
): Answer {
  const id = responseId(subject, observation);
  return {
    id,
    subject,
    outcome,
    choice,
    proposal: { id, subject, week: 2, muscle: 'quads', ...proposal } as Proposal,
  };
}

const sets = (...given: [Answer['outcome']?, Answer['choice']?]) =>
  answer(
    setsSubject('quads', 'a', 2),
    { kind: 'sets', slotId: 'press', add: 2 } as Partial<Proposal>,
    ...given,
  );
const recover = (week: number) =>
  answer(recoverSubject('quads', week), { kind: 'recover', week } as Partial<Proposal>);
const notIssued = () => false;

test('accepted sets are added from their week on, as many as were chosen', () => {
  const standing = new StandingAnswers([sets()], notIssued);
  standing.note(observation);
  expect(standing.addedSets('press', 1)).toEqual([]);
  expect(standing.addedSets('press', 3)).toEqual([{ muscle: 'quads', week: 2, add: 2 }]);
  expect(standing.addedSets('other', 3)).toEqual([]);
  expect(new StandingAnswers([sets('changed', { add: 1 })], notIssued).addedSets('press', 2)).toEqual([
    { muscle: 'quads', week: 2, add: 1 },
  ]);
});

test('declined sets are not, and the latest answer to a subject counts', () => {
  expect(new StandingAnswers([sets('declined')], notIssued).addedSets('press', 2)).toEqual([]);
  expect(new StandingAnswers([sets(), sets('declined')], notIssued).addedSets('press', 2)).toEqual([]);
  expect(new StandingAnswers([sets('declined'), sets()], notIssued).addedSets('press', 2)).toHaveLength(1);
});

test('an answer falls when its facts change, but not once its week is handed out', () => {
  const changed = new StandingAnswers([sets()], notIssued);
  changed.note(sore);
  expect(changed.addedSets('press', 2)).toEqual([]);
  const issued = new StandingAnswers([sets()], (week) => week === 2);
  issued.note(sore);
  expect(issued.addedSets('press', 2)).toHaveLength(1);
});

test('a recover week holds for its week and muscle, and is remembered after it', () => {
  const standing = new StandingAnswers([recover(2), recover(4)], (week) => week <= 4);
  expect([1, 2, 3, 4].map((week) => standing.recovers(['quads', 'glutes'], week))).toEqual([
    false,
    true,
    false,
    true,
  ]);
  expect(standing.recovers(['lats'], 2)).toBe(false);
  expect(standing.lastRecover(['quads'], 2)).toBeNull();
  expect(standing.lastRecover(['quads'], 4)).toEqual({ muscle: 'quads', week: 2 });
  expect(standing.lastRecover(['quads'], 9)).toEqual({ muscle: 'quads', week: 4 });
  expect(standing.lastRecover(['lats'], 9)).toBeNull();
});
