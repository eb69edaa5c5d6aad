import type { Observation } from '../recovery/observation';
import { latestAnswers, validOrders, withObservations } from './answered';
import { addedSets, isEarlyDeload, isRecovering, lastRecoveryWeek } from './order';
import { type Answer, callIdentities, type Proposal } from './registry';

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
  const known = callIdentities(observation).find((one) => one.subject === subject);
  const id = known?.id ?? `${subject}/x`;
  return {
    id,
    subject,
    outcome,
    choice,
    proposal: { id, subject, week: 2, muscle: 'quads', ...proposal } as Proposal,
  };
}

const sets = (...given: [Answer['outcome']?, Answer['choice']?]) =>
  answer('sets/quads/a/2', { kind: 'sets', slotId: 'press', add: 2 }, ...given);
const recover = (week: number) => answer(`recover/quads/${week}`, { kind: 'recover', week });
const notIssued = () => false;
const orders = (answers: readonly Answer[], seen: readonly Observation[] = [], isIssued = notIssued) =>
  validOrders(latestAnswers(answers), withObservations(new Map(), seen), isIssued);

test('accepted sets are added from their week on, as many as were chosen', () => {
  const standing = orders([sets()], [observation]);
  expect(addedSets(standing, 'press', 1)).toEqual([]);
  expect(addedSets(standing, 'press', 3)).toMatchObject([{ muscle: 'quads', week: 2, add: 2 }]);
  expect(addedSets(standing, 'other', 3)).toEqual([]);
  expect(addedSets(orders([sets('changed', { add: 1 })]), 'press', 2)).toMatchObject([
    { muscle: 'quads', week: 2, add: 1 },
  ]);
});

test('declined sets are not added, and the latest answer to a subject counts', () => {
  expect(addedSets(orders([sets('declined')]), 'press', 2)).toEqual([]);
  expect(addedSets(orders([sets(), sets('declined')]), 'press', 2)).toEqual([]);
  expect(addedSets(orders([sets('declined'), sets()]), 'press', 2)).toHaveLength(1);
});

test('an answer lapses when its facts change, but not once its week is sent', () => {
  expect(addedSets(orders([sets()], [sore]), 'press', 2)).toEqual([]);
  const issued = validOrders(
    latestAnswers([sets()]),
    withObservations(new Map(), [sore]),
    (week) => week === 2,
  );
  expect(addedSets(issued, 'press', 2)).toHaveLength(1);
});

test('a recovery week applies to its week and muscle, and later weeks know of it', () => {
  const standing = orders([recover(2), recover(4)]);
  expect([1, 2, 3, 4].map((week) => isRecovering(standing, ['quads', 'glutes'], week))).toEqual([
    false,
    true,
    false,
    true,
  ]);
  expect(isRecovering(standing, ['lats'], 2)).toBe(false);
  expect(lastRecoveryWeek(standing, ['quads'], 2)).toBeNull();
  expect(lastRecoveryWeek(standing, ['quads'], 4)).toEqual({ muscle: 'quads', week: 2 });
  expect(lastRecoveryWeek(standing, ['quads'], 9)).toEqual({ muscle: 'quads', week: 4 });
  expect(lastRecoveryWeek(standing, ['lats'], 9)).toBeNull();
});

test('an early deload applies to its week only, and not if declined', () => {
  const taken = answer('deload/3', { kind: 'deload', week: 3 });
  expect([2, 3, 4].map((week) => isEarlyDeload(orders([taken]), week))).toEqual([false, true, false]);
  expect(isEarlyDeload(orders([{ ...taken, outcome: 'declined' }]), 3)).toBe(false);
});

test('a declined load repeats the last one; a changed one uses the chosen load', () => {
  const to = { load: 62.5, reps: 8, predictedRir: 2 };
  const load = answer('load/press/2', { kind: 'load', slotId: 'press', to });
  const settled = (outcome: Answer['outcome'], choice: Answer['choice'] = null) =>
    orders([{ ...load, outcome, choice }])[0];
  expect(settled('accepted')).toMatchObject({ outcome: 'accepted', to: { load: 62.5, reps: 8 } });
  expect(settled('changed', { load: 60, reps: 9 })).toMatchObject({ to: { load: 60, reps: 9 } });
  expect(settled('declined')).toMatchObject({ outcome: 'held', to: null });
});
