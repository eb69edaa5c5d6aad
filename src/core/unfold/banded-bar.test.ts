import { applyEdit } from '../block/apply-edit';
import { exchangeExercise } from '../block/exchange-exercise';
import { EMPTY_LOG } from '../log/log';
import { athlete, block, lookup, performWeek, session, slot } from '../testing/fixtures';
import { unfold } from './unfold';

const kg = (value: number) => ({ value, unit: 'kg' as const });
const best = { load: kg(80), reps: 8, rir: 2, date: null };
const who = athlete({ bestSets: { 'barbell-bench-press': best } });
const bench = (changes: Parameters<typeof slot>[2]) =>
  block(
    [
      session('a', 0, [
        slot('s', 'barbell-bench-press', { range: { low: 8, high: 8 }, rest: 150, ...changes }),
      ]),
    ],
    { weeks: 4, rir: { first: 2, last: 2 }, deload: null },
  );
const nothing = { exercises: lookup, answers: [], issued: [], log: EMPTY_LOG };
const planOf = (of: ReturnType<typeof bench>) =>
  unfold({ ...nothing, block: of, athlete: who }).weeks[0]?.plan.sessions[0]?.slots[0];

test('bands that take 20 kg off at the bottom take 10 off on average: the bar carries 10 kg more', () => {
  const technique = { kind: 'straight', sets: 1 } as const;
  // 80 kg for eight with two left is asked again; with bands as much is moved by 90.
  expect(planOf(bench({ technique }))?.sets[0]).toMatchObject({ load: 80, reps: 8 });
  const banded = planOf(bench({ technique, relief: kg(20) }));
  expect(banded?.sets[0]).toMatchObject({ load: 90, reps: 8 });
  expect(banded).toMatchObject({ relief: 20, carried: -10 });
  expect(banded?.oneRepMax).toBeCloseTo(80 * (1 + 10 / 30), 9);
});

test('a set of the slot’s own was done with its bands', () => {
  const start = { load: kg(90), reps: 8, rir: 2 };
  const banded = planOf(bench({ technique: { kind: 'straight', sets: 1 }, relief: kg(20), start }));
  expect(banded?.sets[0]).toMatchObject({ load: 90, reps: 8 });
  expect(banded?.oneRepMax).toBeCloseTo(80 * (1 + 10 / 30), 9);
});

test('done as asked its strength stays, and it is no evidence for the lift without bands', () => {
  const of = bench({ technique: { kind: 'straight', sets: 1 }, relief: kg(20) });
  const after = performWeek({ block: of, athlete: who, issued: [], log: EMPTY_LOG }, 1);
  const week = unfold({ ...nothing, block: of, athlete: who, ...after }).weeks[1]?.plan.sessions[0]?.slots[0];
  expect(week?.oneRepMax).toBeCloseTo((80 * 40) / 30, 6);
  expect(week?.sets[0]?.measuresStrength).toBe(false);
});

test('bands added later change nothing about what was logged without them', () => {
  const technique = { kind: 'straight', sets: 1 } as const;
  const plain = bench({ technique });
  const after = performWeek({ block: plain, athlete: who, issued: [], log: EMPTY_LOG }, 1);
  const of = bench({ technique, relief: kg(20) });
  const week = unfold({ ...nothing, block: of, athlete: who, ...after }).weeks[1]?.plan.sessions[0]?.slots[0];
  expect(week?.oneRepMax).toBeCloseTo((80 * 40) / 30, 6);
  // 90 would move as much. One step is a tenth at most of the 70 moved with bands: 87, made as 85.
  expect(week?.sets[0]).toMatchObject({ load: 85, reps: 8 });
});

test('only a bar can hang in bands, and another exercise starts without them', () => {
  const relief = kg(20);
  const curl = block([session('a', 0, [slot('s', 'dumbbell-curl', { relief })])], { weeks: 4 });
  const plan = unfold({ ...nothing, block: curl, athlete: athlete() }).weeks[0]?.plan.sessions[0]?.slots[0];
  expect(plan).toMatchObject({ carried: 0 });
  expect(plan).not.toHaveProperty('relief');
  const of = bench({ relief });
  const [first] = of.sessions[0]?.slots ?? [];
  const to = lookup({ id: 'dip', revision: 1 });
  if (first === undefined || to === undefined) throw new Error('nothing to exchange');
  const edits = exchangeExercise(first, lookup(first.exercise), to);
  const applied = applyEdit(of, { kind: 'batch', edits });
  expect(applied.ok && applied.value.block.sessions[0]?.slots[0]?.relief).toBeNull();
});
