import { outcomeText } from './call-outcomes';

test.each([
  [null, 'not trained yet'],
  [
    {
      kind: 'verdicts',
      of: [
        { week: 4, verdict: 'ahead' },
        { week: 4, verdict: 'ahead' },
        { week: 5, verdict: 'ahead' },
        { week: 6, verdict: 'behind' },
      ],
    },
    'above target in weeks 4 and 5 and below target in week 6',
  ],
  [
    {
      kind: 'first set',
      week: 3,
      asked: { load: 105, reps: 10, rir: 2 },
      done: { load: 105, reps: 10, rir: 1.5 },
    },
    'done as planned: 105 × 10 @1.5',
  ],
  [
    {
      kind: 'first set',
      week: 3,
      asked: { load: 105, reps: 10, rir: 2 },
      done: { load: 102.5, reps: 9, rir: 2 },
    },
    '102.5 × 9 @2; planned 105 × 10 @2',
  ],
  [{ kind: 'after deload', week: 6, fine: 5, of: 7 }, 'on or above target in week 6: 5 of 7 muscles'],
] as const)('%#', (outcome, text) => {
  expect(outcomeText(outcome)).toBe(text);
});
