import { MUSCLES, type Muscle } from '../anatomy/muscle';
import type { Block } from '../block/block';
import { catalogueWith } from '../exercises/catalogue';
import { exerciseById } from '../exercises/library';
import { checkInput } from '../findings/registry';
import { EMPTY_LOG } from '../log/log';
import { athlete, block, session, slot } from '../testing/fixtures';
import { unfold } from '../unfold/unfold';
import { untrainedPlan } from '../unfold/untrained';
import type { LinearProgram } from './linear';
import { balanceProgram } from './model';

const catalogue = catalogueWith([]);
const sets = (count: number) => ({
  technique: { kind: 'straight' as const, sets: count },
  tempo: '2010',
  rest: 90,
});
const goals = (changes: Partial<Record<Muscle, 'grow' | 'priority'>>): Block['goals'] => ({
  ...Object.fromEntries(MUSCLES.map((muscle) => [muscle, 'hold'])),
  ...changes,
});

function programOf(made: Block, person = athlete()): LinearProgram {
  const blockPlan = untrainedPlan({ block: made, athlete: person, exercises: catalogue.find });
  const input = checkInput({ block: made, athlete: person, blockPlan, exercises: catalogue.find });
  if (input === undefined) throw new Error('nothing to balance');
  return balanceProgram({ ...input, list: catalogue.list }).program;
}
const row = ({ rows }: LinearProgram, name: string) => rows.find((one) => one.name === name);
const price = ({ minimise }: LinearProgram, variable: string) =>
  minimise.find((one) => one.variable === variable)?.factor;
const at = (muscle: Muscle) => MUSCLES.indexOf(muscle);

const two = block([session('a', 0, [slot('1', 'leg-extension', sets(2)), slot('2', 'leg-press', sets(3))])], {
  goals: goals({ quads: 'grow', glutes: 'priority' }),
});

test('costs: a set below target, double for a priority muscle, a set too many, a change, and most of all a loss', () => {
  const program = programOf(two);
  expect(price(program, `short_${at('quads')}`)).toBe(1000);
  expect(price(program, `short_${at('glutes')}`)).toBe(2000);
  expect(price(program, `over_${at('quads')}`)).toBe(400);
  expect(price(program, `loss_${at('quads')}`)).toBe(50_000);
  expect([price(program, 'u_x0'), price(program, 'd_x0')]).toEqual([1, 1]);
  // Maintained muscles have no target to miss.
  expect(price(program, `short_${at('hamstrings')}`)).toBeUndefined();
});

test("a muscle's row: its share of each set, from the lower of its current sets and its target, up to its maximum", () => {
  const program = programOf(two);
  const terms = [
    { variable: 'x0', factor: 1 },
    { variable: 'x1', factor: 1 },
  ];
  const quads = at('quads');
  expect(row(program, `target_${quads}`)).toMatchObject({
    terms: [...terms, { variable: `short_${quads}`, factor: 1 }],
    least: 8,
  });
  expect(row(program, `kept_${quads}`)).toMatchObject({ least: 5 });
  expect(row(program, `ceiling_${quads}`)).toMatchObject({ most: 18 });
  expect(row(program, `cap_0_${quads}`)).toMatchObject({ terms, most: 8 });
  expect(row(program, 'move_x1')).toMatchObject({
    terms: [
      { variable: 'x1', factor: 1 },
      { variable: 'u_x1', factor: -1 },
      { variable: 'd_x1', factor: 1 },
    ],
    least: 3,
    most: 3,
  });
});

test('time: the limit minus everything but sets; a session that is too long may stay', () => {
  // A set of 12 reps of 3 s with 90 s of rest: 126 s. Two and three of them are 630 s.
  const strict = { ...two, time: 'strict' as const };
  const fixed = (program: LinearProgram) => row(program, 'time_0');
  expect(fixed(programOf(strict, athlete({ minutes: 60 })))).toMatchObject({
    terms: [
      { variable: 'x0', factor: 126 },
      { variable: 'x1', factor: 126 },
    ],
    most: 3600,
  });
  expect(fixed(programOf(strict, athlete({ minutes: 10 })))?.most).toBe(630);
});

test('warm-ups and time between exercises are subtracted before sets are fitted', () => {
  const plan = unfold({
    block: two,
    athlete: athlete(),
    exercises: catalogue.find,
    issued: [],
    log: EMPTY_LOG,
    answers: [],
  }).weeks[0]?.plan.sessions[0];
  const beyond = (plan?.seconds.high ?? 0) - 630;
  expect(beyond).toBeGreaterThan(0);
  expect(row(programOf(two, athlete({ minutes: 60 })), 'time_0')?.most).toBe(3600 - beyond);
});

test('in a ten-day cycle a set counts as seven tenths per week', () => {
  const program = programOf({ ...two, cycleDays: 10 });
  const target = row(program, `target_${at('quads')}`);
  expect(target?.terms[0]?.factor).toBeCloseTo(0.7, 9);
  expect(row(program, `kept_${at('quads')}`)?.least).toBeCloseTo(3.5, 9);
  // Caps per session do not depend on the cycle's length.
  expect(row(program, `cap_0_${at('quads')}`)?.terms[0]?.factor).toBe(1);
});

test('an open slot takes at most one candidate, with sets only if chosen, at a cost that grows as payoff falls', () => {
  const waiting = (id: string) => ({
    ...slot(id, 'leg-press'),
    exercise: { id: 'open-knee-flexion', revision: 1 },
  });
  const made = block([session('a', 0, [waiting('1'), waiting('2')])], {
    goals: goals({ hamstrings: 'grow' }),
  });
  const program = programOf(made);
  const chosen = program.variables.filter(({ name }) => name.startsWith('y0_'));
  expect(chosen.length).toBeGreaterThan(1);
  expect(row(program, 'one_0')).toMatchObject({ least: 1, most: 1 });
  expect(row(program, 'one_0')?.terms).toHaveLength(chosen.length);
  expect(row(program, 'once_0')).toMatchObject({ most: 1 });
  expect(row(program, 'need_x0_0')?.terms).toEqual([
    { variable: 'x0_0', factor: 1 },
    { variable: 'y0_0', factor: -6 },
  ]);
  expect(row(program, 'some_x0_0')).toMatchObject({ least: 0, terms: [{ factor: 1 }, { factor: -1 }] });
  const prices = chosen.map(({ name }) => price(program, name) ?? 0);
  expect([...prices].sort((one, other) => one - other)).toEqual(prices);
  const curl = exerciseById('seated-leg-curl');
  if (curl === undefined) throw new Error('no leg curl');
  expect(prices).toContain(0.05 * (6 - curl.stimulus / curl.fatigue));
});
