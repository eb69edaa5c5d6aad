import { catalogueWith } from '@/core';
import { athlete } from '@/core/testing/fixtures';
import { answerQuestion } from './answer';
import { readQuestion } from './question';

const scope = {
  athlete: athlete({
    bestSets: { 'leg-press': { load: { value: 100, unit: 'kg' }, reps: 10, rir: 2, date: null } },
  }),
  catalogue: catalogueWith([]),
  exerciseId: null,
  oneRepMax: null,
};
const ask = (text: string, of: Parameters<typeof answerQuestion>[1] = scope) => {
  const question = readQuestion(text);
  if (question === undefined) throw new Error(`not a question: ${text}`);
  return answerQuestion(question, of);
};

test('recognises questions as people type them', () => {
  expect(readQuestion('what is 8 at 2 left?')).toEqual({ kind: 'loads', reps: 8, rir: 2, about: '' });
  expect(readQuestion('8@2 hack squat')).toEqual({ kind: 'loads', reps: 8, rir: 2, about: 'hack squat' });
  expect(readQuestion('how do I make 87.5')).toEqual({ kind: 'make', load: 87.5, unit: null, about: '' });
  expect(readQuestion('make 62,5 kg on stack')).toEqual({
    kind: 'make',
    load: 62.5,
    unit: 'kg',
    about: 'stack',
  });
  expect(readQuestion('100x8@2')).toMatchObject({ kind: 'strength', load: 100, reps: 8, rir: 2 });
  for (const other of ['maren', 'library', '8', 'hack squat']) expect(readQuestion(other)).toBeUndefined();
});

test('8 with 2 left on the leg press: e1RM 140, so 105, made by the pin', () => {
  const answer = ask('8 at 2 left leg press');
  expect(answer.sentence).toBe('leg press: 8 reps with 2 left is 105 kg, which leaves 2.0.');
  expect(answer.because).toContain('estimated max 140.0 kg by Epley');
  expect(answer.recipe).toMatchObject({ kind: 'pin', pin: 105 });
});

test('the focused exercise and its strength on the Sheet win over the best set', () => {
  const focused = { ...scope, exerciseId: 'leg-press', oneRepMax: 200 };
  expect(ask('8 at 2', focused).sentence).toBe('leg press: 8 reps with 2 left is 150 kg, which leaves 2.0.');
});

test('without a best set, or without an athlete, the share of the one-rep max', () => {
  expect(ask('8 at 2 left hack squat').sentence).toBe('8 reps with 2 left is 75.0 % of the one-rep max.');
  expect(ask('8 at 2 left', null).sentence).toBe('8 reps with 2 left is 75.0 % of the one-rep max.');
});

test('how to make a load, in other units too, and the nearest ones if it cannot be made', () => {
  expect(ask('make 87.5').recipe).toMatchObject({ kind: 'plates', perSide: [25, 5, 2.5, 1.25] });
  expect(ask('make 47.5 stack').recipe).toMatchObject({ kind: 'pin', pin: 45 });
  expect(ask('make 88').recipe).toMatchObject({ kind: 'not makeable', below: 87.5, above: 90 });
  expect(ask('make 135 lb', null).recipe).toMatchObject({ kind: 'plates', unit: 'lb' });
});

test('strength of a set, or that its reps are too many to tell', () => {
  expect(ask('100x8@2').sentence).toBe('100 kg × 8 @2: estimated max 133.3 kg.');
  expect(ask('40 lb x 20').sentence).toContain('too many reps');
});
