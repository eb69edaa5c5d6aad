import { outcomeText } from './call-outcomes';

test.each([
  [null, 'nothing of it is trained yet'],
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
    'ahead in weeks 4 and 5 and behind in week 6',
  ],
  [
    {
      kind: 'first set',
      week: 3,
      asked: { load: 105, reps: 10, rir: 2 },
      done: { load: 105, reps: 10, rir: 1.5 },
    },
    'done as asked, at 1.5',
  ],
  [
    {
      kind: 'first set',
      week: 3,
      asked: { load: 105, reps: 10, rir: 2 },
      done: { load: 102.5, reps: 9, rir: 2 },
    },
    '102.5 × 9 at 2; asked 105 × 10 at 2',
  ],
  [{ kind: 'after deload', week: 6, fine: 5, of: 7 }, 'in week 6 5 of 7 muscles did as asked or better'],
] as const)('%#', (outcome, text) => {
  expect(outcomeText(outcome)).toBe(text);
});
