import fc from 'fast-check';
import type { Block } from '../block/block';
import { checkInput } from '../findings/registry';
import { EMPTY_LOG } from '../log/log';
import { anyBlock } from '../testing/any-block';
import { athlete, block, lookup, session, slot } from '../testing/fixtures';
import { unfold } from '../unfold/unfold';
import { dayMatrix } from './day-matrix';

const someone = athlete();

function inputOf(...sessions: Parameters<typeof block>[0]) {
  return seen(block(sessions));
}

function seen(plan: Block) {
  const blockPlan = unfold({
    block: plan,
    athlete: someone,
    issued: [],
    log: EMPTY_LOG,
    answers: [],
    exercises: lookup,
  });
  const input = checkInput({ block: plan, athlete: someone, blockPlan, exercises: lookup });
  if (input === undefined) throw new Error('nothing to check');
  return input;
}

test('the matrix has each day’s sets by share and the hours since the last counted day, around the cycle', () => {
  const cells = dayMatrix(
    inputOf(session('a', 0, [slot('a1', 'leg-press')]), session('b', 3, [slot('b1', 'leg-press')])),
  );
  const quads = cells.get('quads') ?? [];
  expect(quads).toHaveLength(7);
  // Before Monday comes Thursday, four days earlier; before Thursday Monday, three.
  expect(quads[0]).toMatchObject({ hours: 96 });
  expect(quads[3]).toMatchObject({ hours: 72 });
  expect(quads[0]?.sets).toBe(quads[3]?.sets);
  expect([1, 2, 4, 5, 6].map((day) => quads[day])).toEqual([null, null, null, null, null]);
  expect(cells.get('lats')?.every((cell) => cell === null)).toBe(true);
});

test('a muscle trained on one day waits a whole cycle; too few sets are no exposure', () => {
  const cells = dayMatrix(inputOf(session('a', 2, [slot('a1', 'leg-press')])));
  expect(cells.get('quads')?.[2]).toMatchObject({ hours: 168 });
  const little = dayMatrix(
    inputOf(session('a', 2, [slot('a1', 'hack-squat', { technique: { kind: 'straight', sets: 1 } })])),
  );
  expect(little.get('adductors')?.[2]).toMatchObject({ sets: 0.25, hours: null });
});

test('a muscle’s days add up to its week', () => {
  fc.assert(
    fc.property(anyBlock, (of) => {
      const input = seen(of);
      const matrix = dayMatrix(input);
      for (const [muscle, days] of matrix) {
        const sum = days.reduce((total, cell) => total + (cell?.sets ?? 0), 0);
        expect(sum).toBeCloseTo(input.week.muscles[muscle].measured, 9);
      }
    }),
    { numRuns: 30 },
  );
});
