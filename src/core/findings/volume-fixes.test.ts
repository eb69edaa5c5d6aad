import { applyEdit } from '../block/apply-edit';
import type { Block, Slot } from '../block/block';
import { EMPTY_LOG } from '../log/log';
import { setCount } from '../techniques/registry';
import { athlete, block, lookup, session, slot } from '../testing/fixtures';
import { unfold } from '../unfold/unfold';
import { checkInput } from './registry';
import { addSets, dropSets } from './volume-fixes';

const sets = (count: number): Partial<Slot> => ({ technique: { kind: 'straight', sets: count } });

function input(of: Block, who = athlete({ minutes: 120 })) {
  const blockPlan = unfold({
    block: of,
    athlete: who,
    exercises: lookup,
    issued: [],
    log: EMPTY_LOG,
    answers: [],
  });
  const context = checkInput({ block: of, athlete: who, blockPlan, exercises: lookup });
  if (context === undefined) throw new Error('nothing to check');
  return context;
}

/** Sets of every slot once a fix is taken. */
function taken(of: Block, fix: ReturnType<typeof addSets>): readonly number[] {
  if (fix === undefined) throw new Error('no fix');
  const applied = applyEdit(of, fix.edit);
  if (!applied.ok) throw new Error('the fix cannot be taken');
  return applied.value.block.sessions.flatMap(({ slots }) =>
    slots.map(({ technique }) => setCount(technique)),
  );
}

test('sets go where fewest are, until the floor of eight is reached', () => {
  const of = block([
    session('a', 0, [slot('1', 'leg-extension', sets(3))]),
    session('b', 3, [slot('2', 'leg-extension', sets(2))]),
  ]);
  expect(taken(of, addSets('quads', input(of)))).toEqual([4, 4]);
});

test('no more than eight hard sets of a muscle in a session; where they do not suffice nothing is offered', () => {
  const of = block([session('a', 0, [slot('1', 'leg-extension', sets(2))])], {
    conventions: { sessionCap: 6 },
  });
  expect(addSets('quads', input(of))).toBeUndefined();
});

test('a session that has no minutes left takes none; the other one does', () => {
  const of = block([
    session('a', 0, [slot('1', 'leg-extension', { ...sets(2), rest: 600 })]),
    session('b', 3, [slot('2', 'leg-extension', { ...sets(3), rest: 60 })]),
  ]);
  // Two sets with ten minutes between: a third would take the first session beyond twenty minutes.
  const who = athlete({ minutes: 20 });
  expect(input(of, who).week.sessions[0]?.seconds.high).toBeLessThan(20 * 60);
  expect(taken(of, addSets('quads', input(of, who)))).toEqual([2, 6]);
});

test('held reps leave less with every set: such a slot takes none that would end beyond failure', () => {
  const held = (rest: number) =>
    block([session('a', 0, [slot('1', 'leg-extension', { ...sets(2), drift: 'hold reps', rest })])]);
  expect(addSets('quads', input(held(60)))).toBeUndefined();
});

test('twenty of quads are cut to the ceiling of eighteen and no further', () => {
  const of = block([
    session('a', 0, [slot('1', 'leg-extension', sets(8)), slot('3', 'leg-press', sets(4))]),
    session('b', 3, [slot('2', 'leg-extension', sets(8))]),
  ]);
  const after = taken(of, dropSets('quads', input(of)));
  expect(after.reduce((sum, one) => sum + one, 0)).toBe(18);
});
