import { applyEdit } from '../block/apply-edit';
import type { Block, Slot } from '../block/block';
import { EMPTY_LOG } from '../log/log';
import { setCount } from '../techniques/registry';
import { athlete, block, lookup, session, slot } from '../testing/fixtures';
import { unfold } from '../unfold/unfold';
import { checkInput } from './registry';
import { addSets, balanceSides, dropSets, withinBudget } from './volume-fixes';

/** This many sets, in a rep range wide enough for them. */
const sets = (count: number): Partial<Slot> => ({
  technique: { kind: 'straight', sets: count },
  range: { low: 8, high: 24 },
});

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

/** Sets of every slot after a fix. */
function taken(of: Block, fix: ReturnType<typeof addSets>): readonly number[] {
  if (fix === undefined) throw new Error('no fix');
  const applied = applyEdit(of, fix.edit);
  if (!applied.ok) throw new Error('the fix cannot be taken');
  return applied.value.block.sessions.flatMap(({ slots }) =>
    slots.map(({ technique }) => setCount(technique)),
  );
}

test('sets are added where there are fewest, until the minimum of eight is reached', () => {
  const of = block([
    session('a', 0, [slot('1', 'leg-extension', sets(3))]),
    session('b', 3, [slot('2', 'leg-extension', sets(2))]),
  ]);
  expect(taken(of, addSets('quads', input(of)))).toEqual([4, 4]);
});

test('at most eight hard sets per muscle and session; if they are not enough nothing is offered', () => {
  const of = block([session('a', 0, [slot('1', 'leg-extension', sets(2))])], {
    conventions: { sessionCap: 6 },
  });
  expect(addSets('quads', input(of))).toBeUndefined();
});

test('a session with no time left gets none; the other one does', () => {
  const of = block([
    session('a', 0, [slot('1', 'leg-extension', { ...sets(2), rest: 600 })]),
    session('b', 3, [slot('2', 'leg-extension', { ...sets(3), rest: 60, range: { low: 8, high: 18 } })]),
  ]);
  // Two sets with ten minutes between: a third would make the first session longer than twenty minutes.
  const who = athlete({ minutes: 20 });
  expect(input(of, who).week.sessions[0]?.seconds.high).toBeLessThan(20 * 60);
  expect(taken(of, addSets('quads', input(of, who)))).toEqual([2, 6]);
});

test('constant reps leave less with every set: such a slot gets no set that would end beyond failure', () => {
  const held = (rest: number) =>
    block([
      session('a', 0, [slot('1', 'leg-extension', { ...sets(2), drift: 'hold reps, first set', rest })]),
    ]);
  expect(addSets('quads', input(held(60)))).toBeUndefined();
});

test('a slot gets only as many sets as stay within its range: 8 to 12 at 150 s takes four, 8 to 11 three', () => {
  const of = (high: number) =>
    block([
      session('a', 0, [slot('1', 'leg-extension', { ...sets(3), rest: 150, range: { low: 8, high } })]),
      session('b', 3, [slot('2', 'leg-extension', { ...sets(4), rest: 150, range: { low: 8, high: 20 } })]),
    ]);
  expect(taken(of(12), addSets('quads', input(of(12))))).toEqual([4, 4]);
  expect(taken(of(11), addSets('quads', input(of(11))))).toEqual([3, 5]);
  const short = block([
    session('a', 0, [slot('1', 'leg-extension', { ...sets(4), rest: 150, range: { low: 8, high: 11 } })]),
    session('b', 3, [slot('2', 'leg-extension', { ...sets(3), rest: 150, range: { low: 8, high: 10 } })]),
  ]);
  expect(addSets('quads', input(short))).toBeUndefined();
});

test('a side with too few sets gets more; without time for them the other side gives some up', () => {
  const of = block([
    session('a', 0, [slot('1', 'leg-extension', { ...sets(5), range: { low: 8, high: 20 } })]),
    session('b', 3, [
      slot('2', 'leg-extension', { ...sets(4), range: { low: 8, high: 20 } }),
      slot('3', 'seated-leg-curl', { ...sets(3), range: { low: 8, high: 20 } }),
    ]),
  ]);
  const level = (short: number, long: number) => short * 1.5 >= long;
  expect(taken(of, balanceSides(['hamstrings'], ['quads'], level, input(of)))).toEqual([5, 4, 6]);
  // Nine against three: quads may fall to their minimum of eight, which is not enough.
  const late = input(of, athlete({ minutes: 1 }));
  expect(balanceSides(['hamstrings'], ['quads'], level, late)).toBeUndefined();
  const close = (short: number, long: number) => short * 2.7 >= long;
  expect(taken(of, balanceSides(['hamstrings'], ['quads'], close, late))).toEqual([4, 4, 3]);
});

test('above the weekly budget, sets are taken where they exceed the minimum most: nine of quads before three of biceps', () => {
  const of = block(
    [
      session('a', 0, [
        slot('1', 'leg-extension', { ...sets(5), range: { low: 8, high: 20 } }),
        slot('2', 'leg-extension', { ...sets(4), range: { low: 8, high: 20 } }),
        slot('3', 'cable-curl', { ...sets(3), range: { low: 8, high: 20 } }),
      ]),
    ],
    { conventions: { budgetIntermediate: 30 } },
  );
  // The sport reduces the budget of 30 to ten: of twelve sets two should go, and one can before the minimum of eight.
  const sporty = athlete({ sport: [{ name: 'rowing', sessions: 5, hard: true }], goals: { biceps: 'hold' } });
  expect(input(of, sporty).week.budget).toBe(10);
  const after = taken(of, withinBudget(input(of, sporty)));
  expect(after.reduce((sum, one) => sum + one, 0)).toBe(10);
  expect((after[0] ?? 0) + (after[1] ?? 0)).toBeGreaterThanOrEqual(8);
});

test('twenty sets of quads are cut to the maximum of eighteen and no further', () => {
  const of = block([
    session('a', 0, [slot('1', 'leg-extension', sets(8)), slot('3', 'leg-press', sets(4))]),
    session('b', 3, [slot('2', 'leg-extension', sets(8))]),
  ]);
  const after = taken(of, dropSets('quads', input(of)));
  expect(after.reduce((sum, one) => sum + one, 0)).toBe(18);
});

describe('planned rises', () => {
  /** Two slots of quads from four sets each up to this many in five weeks, with a budget of 30 - 5 x 4 = 10. */
  const rising = (end: number) =>
    block(
      [
        session('a', 0, [slot('1', 'leg-extension', { ...sets(4), rampTo: end })]),
        session('b', 3, [slot('2', 'leg-extension', { ...sets(4), rampTo: end })]),
      ],
      { weeks: 5, conventions: { budgetIntermediate: 30 } },
    );
  const rower = (times: number) =>
    athlete({ minutes: 120, sport: [{ name: 'rowing', sessions: times, hard: true }] });
  const weekFive = (of: Block, who: ReturnType<typeof athlete>) => {
    const context = input(of, who);
    const last = context.blockPlan.weeks[4]?.plan;
    if (last === undefined) throw new Error('no week 5');
    return { ...context, week: last };
  };
  const fixedBy = (of: Block, fix: ReturnType<typeof addSets>) => {
    if (fix === undefined) throw new Error('no fix');
    const applied = applyEdit(of, fix.edit);
    if (!applied.ok) throw new Error('the fix cannot be taken');
    return applied.value.block;
  };
  const endsOf = ({ sessions }: Block) =>
    sessions.flatMap(({ slots }) => slots.map(({ technique, rampTo }) => [setCount(technique), rampTo]));

  test('above the budget in week 5 only the ends of the rises fall, to the budget and no further', () => {
    const of = rising(7);
    const fix = withinBudget(weekFive(of, rower(5)));
    expect(fix).toMatchObject({ does: 'lower rises', week: 5, sets: 4 });
    const fixed = fixedBy(of, fix);
    expect(endsOf(fixed)).toEqual([
      [4, 5],
      [4, 5],
    ]);
    expect(weekFive(fixed, rower(5)).week).toMatchObject({ budget: 10, hardSets: 10 });
  });

  test('a rise lowered to its start is none; the minimum of eight is kept, and nothing is offered below it', () => {
    // Budgets of 28 - 20 and 30 - 24.
    const eight = { ...rising(6), conventions: { budgetIntermediate: 28 } };
    expect(endsOf(fixedBy(eight, withinBudget(weekFive(eight, rower(5)))))).toEqual([
      [4, null],
      [4, null],
    ]);
    expect(withinBudget(weekFive(rising(6), rower(6)))).toBeUndefined();
  });

  test('above the maximum in week 5 alone: the rises end at the maximum of eighteen', () => {
    const of = rising(10);
    const fix = dropSets('quads', input(of));
    expect(fix).toMatchObject({ does: 'lower rises', sets: 2 });
    expect(endsOf(fixedBy(of, fix))).toEqual([
      [4, 9],
      [4, 9],
    ]);
  });
});
