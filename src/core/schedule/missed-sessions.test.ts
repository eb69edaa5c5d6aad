import fc from 'fast-check';
import type { Block } from '../block/block';
import { checkInput } from '../findings/registry';
import { EMPTY_LOG } from '../log/log';
import { athlete, block, lookup, session, slot } from '../testing/fixtures';
import { unfold } from '../unfold/unfold';
import { type MissedOption, missedSessionOptions, type Situation } from './missed-sessions';

const upperLower = block([
  session('u1', 0, [slot('1', 'barbell-bench-press'), slot('2', 'chest-supported-row')]),
  session('l1', 1, [slot('3', 'leg-press'), slot('4', 'seated-leg-curl')]),
  session('u2', 3, [slot('5', 'pull-up'), slot('6', 'incline-dumbbell-press')]),
  session('l2', 4, [slot('7', 'hack-squat'), slot('8', 'lying-leg-curl')]),
]);

function options(of: Block, part: Partial<Situation>): readonly MissedOption[] {
  const blockPlan = unfold({
    block: of,
    athlete: athlete(),
    exercises: lookup,
    issued: [],
    log: EMPTY_LOG,
    answers: [],
  });
  const input = checkInput({ block: of, athlete: athlete(), blockPlan, exercises: lookup });
  if (input === undefined) throw new Error('nothing to plan');
  return missedSessionOptions(input, { done: new Set(), today: 0, gone: new Set(), ...part });
}
const moves = ([first]: readonly MissedOption[]) =>
  first?.moves.map(({ sessionId, to }) => `${sessionId}→${to}`);

test('nothing missed, nothing to suggest', () => {
  expect(options(upperLower, {})).toEqual([]);
  expect(options(upperLower, { done: new Set(['u1', 'l1', 'u2', 'l2']), today: 6 })).toEqual([]);
});

test('Tuesday’s legs missed by Wednesday: legs on Wednesday, and only what must follow moves too', () => {
  const found = options(upperLower, { done: new Set(['u1']), today: 2 });
  expect(found[0]?.kind).toBe('move');
  expect(found[0]?.breaks).toEqual([]);
  expect(moves(found)?.[0]).toBe('l1→2');
  expect(found.length).toBeGreaterThanOrEqual(2);
  expect(found.find(({ kind }) => kind === 'drop')?.cost.size).toBeGreaterThan(0);
});

test('if a day is unavailable in advance its session moves, the rest stay', () => {
  const found = options(upperLower, { gone: new Set([3]) });
  expect(found[0]?.moves.map(({ from }) => from)).toContain(3);
  expect(found[0]?.moves.every(({ to }) => to !== 3)).toBe(true);
});

test('two days left for three sessions: two are merged or one is skipped, with each muscle’s loss', () => {
  const found = options(upperLower, { done: new Set(['u1']), today: 5 });
  expect(found.every(({ kind }) => kind !== 'move')).toBe(true);
  expect(found.map(({ kind }) => kind).sort()).toEqual(['drop', 'merge']);
  const merge = found.find(({ kind }) => kind === 'merge');
  const drop = found.find(({ kind }) => kind === 'drop');
  expect(merge?.into?.slotIds.length).toBeGreaterThan(0);
  const total = (option: MissedOption | undefined) =>
    [...(option?.cost.values() ?? [])].reduce((a, b) => a + b, 0);
  expect(total(merge)).toBeLessThan(total(drop));
});

test('a suggestion uses only days that are left and breaks no rule the plan kept, unless it says so', () => {
  fc.assert(
    fc.property(
      fc.subarray(['u1', 'l1', 'u2', 'l2']),
      fc.integer({ min: 0, max: 6 }),
      fc.subarray([0, 1, 2, 3, 4, 5, 6]),
      (done, today, gone) => {
        const found = options(upperLower, { done: new Set(done), today, gone: new Set(gone) });
        const broken = found.map(({ breaks }) => breaks.length);
        expect(broken).toEqual([...broken].sort((one, other) => one - other));
        for (const option of found) {
          const days = new Map(upperLower.sessions.map(({ id, day }) => [id, day]));
          for (const { sessionId, to } of option.moves) days.set(sessionId, to);
          const open = upperLower.sessions.filter(
            ({ id }) => !done.includes(id) && !option.left.includes(id),
          );
          for (const { id } of open) {
            const day = days.get(id) ?? -1;
            expect(day >= today && !gone.includes(day)).toBe(true);
          }
          expect(new Set(open.map(({ id }) => days.get(id))).size).toBe(open.length);
          if (option.kind === 'move') expect(option.cost.size).toBe(0);
        }
      },
    ),
    { numRuns: 80 },
  );
});

test('when two of three are merged, the most valuable slots that fit move and muscles lose only the rest', () => {
  const three = block(
    [
      session('a', 0, [slot('1', 'leg-press'), slot('2', 'seated-leg-curl')]),
      session('b', 2, [
        slot('3', 'leg-extension', { rest: 60 }),
        slot('4', 'standing-calf-raise', { rest: 60 }),
      ]),
      session('c', 4, [
        slot('5', 'barbell-bench-press'),
        slot('6', 'chest-supported-row'),
        slot('7', 'cable-crunch'),
      ]),
    ],
    { goals: { quads: 'priority' } },
  );
  const found = options(three, { today: 5 });
  const merge = found.find(({ kind }) => kind === 'merge');
  const drop = found.find(({ kind }) => kind === 'drop');
  // Leg extensions and calf raises are worth least (three sets each); both fit into the shorter of the others.
  expect(merge).toMatchObject({ left: ['b'], into: { sessionId: 'a', slotIds: ['3', '4'] } });
  expect([...(merge?.cost.values() ?? [])]).toEqual([]);
  expect(drop).toMatchObject({ left: ['b'] });
  expect(drop?.cost.get('quads')).toBe(3);
  expect(drop?.cost.get('calves')).toBe(3);
});
