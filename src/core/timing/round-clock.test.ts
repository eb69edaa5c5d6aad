import fc from 'fast-check';
import { roundAt, roundSteps } from './round-clock';

test('rest-pause by hand: 12 reps of 3 s, 20 s, four, 20 s, four', () => {
  const steps = roundSteps(
    [
      { seconds: 36, rest: 20 },
      { seconds: 12, rest: 20 },
      { seconds: 12, rest: 120 },
    ],
    false,
  );
  expect(steps.map(({ kind, piece, from, to }) => [kind, piece, from, to])).toEqual([
    ['work', 0, 0, 36],
    ['rest', 1, 36, 56],
    ['work', 1, 56, 68],
    ['rest', 2, 68, 88],
    ['work', 2, 88, 100],
  ]);
  expect(roundAt(steps, 0)).toMatchObject({ step: { kind: 'work', piece: 0 }, left: 36 });
  expect(roundAt(steps, 35.9)?.left).toBe(1);
  expect(roundAt(steps, 36)).toMatchObject({ step: { kind: 'rest', piece: 1 }, left: 20 });
  expect(roundAt(steps, 100)).toBeUndefined();
});

test('every minute: each part starts with its minute, even if one takes longer', () => {
  const steps = roundSteps(Array(3).fill({ seconds: 15, rest: 45 }), true);
  expect(steps.filter(({ kind }) => kind === 'work').map(({ from }) => from)).toEqual([0, 60, 120]);
  expect(roundAt(steps, 75)).toMatchObject({ step: { kind: 'rest', piece: 2 }, left: 45 });
  const long = roundSteps(Array(2).fill({ seconds: 90, rest: 10 }), true);
  expect(long.map(({ kind, from, to }) => [kind, from, to])).toEqual([
    ['work', 0, 60],
    ['work', 60, 120],
  ]);
});

test('without rest the parts follow each other', () => {
  expect(roundSteps(Array(2).fill({ seconds: 10, rest: 0 }), false)).toHaveLength(2);
});

test('there is exactly one step until the round is over', () => {
  const piece = fc.record({
    seconds: fc.integer({ min: 1, max: 90 }),
    rest: fc.integer({ min: 0, max: 60 }),
  });
  fc.assert(
    fc.property(fc.array(piece, { minLength: 1, maxLength: 12 }), fc.boolean(), (pieces, everyMinute) => {
      const steps = roundSteps(pieces, everyMinute);
      const end = steps.at(-1)?.to ?? 0;
      for (let at = 0; at < end; at += 0.5)
        expect(steps.filter(({ from, to }) => at >= from && at < to)).toHaveLength(1);
      expect(roundAt(steps, end)).toBeUndefined();
    }),
  );
});
