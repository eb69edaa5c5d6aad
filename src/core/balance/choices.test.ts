import { MUSCLES, type Muscle } from '../anatomy/muscle';
import type { Block } from '../block/block';
import { catalogueWith } from '../exercises/catalogue';
import { contribution, payoff } from '../exercises/exercise';
import { checkInput } from '../findings/registry';
import { athlete, block, session, slot } from '../testing/fixtures';
import { untrainedPlan } from '../unfold/untrained';
import { balanceChoices } from './choices';

const catalogue = catalogueWith([]);
const unfilled = (id: string, pattern: string) => ({
  ...slot(id, 'leg-press'),
  exercise: { id: `open-${pattern}`, revision: 1 },
});

function candidates(made: Block, person = athlete()) {
  const blockPlan = untrainedPlan({ block: made, athlete: person, exercises: catalogue.find });
  const input = checkInput({ block: made, athlete: person, blockPlan, exercises: catalogue.find });
  if (input === undefined) throw new Error('nothing to balance');
  return balanceChoices({ ...input, list: catalogue.list });
}
const growing = (...muscles: readonly Muscle[]): Block['goals'] =>
  Object.fromEntries(MUSCLES.map((muscle) => [muscle, muscles.includes(muscle) ? 'grow' : 'hold']));

const first = (made: Block, person = athlete()) =>
  candidates(made, person).map(({ exercise }) => exercise.id);

test('candidates for an open slot are those whose muscles lack most sets, by share, then by payoff', () => {
  const hinge = (muscle: Muscle) =>
    first(block([session('a', 0, [unfilled('1', 'hinge')])], { goals: growing(muscle) }));
  for (const muscle of ['glutes', 'spinal erectors'] as const) {
    const facts = hinge(muscle).flatMap((id) => catalogue.newest(id) ?? []);
    expect(facts.length).toBeGreaterThan(5);
    for (const [at, one] of facts.slice(1).entries()) {
      const before = facts[at];
      if (before === undefined) continue;
      const [more, less] = [contribution(before, muscle), contribution(one, muscle)];
      expect(more).toBeGreaterThanOrEqual(less);
      if (more === less) expect(payoff(before)).toBeGreaterThanOrEqual(payoff(one));
    }
  }
  // Exercises that count fully toward the erectors come first, best payoff first; pull-throughs, with a higher
  // payoff, come later.
  expect(hinge('spinal erectors')[0]).toBe('back-extension');
  expect(hinge('glutes')[0]).toBe('cable-pull-through');
});

test('if every muscle has its sets, payoff alone decides', () => {
  const made = block(
    [
      session('a', 0, [unfilled('1', 'hinge'), slot('2', 'cable-crunch')]),
      session('b', 2, [slot('3', 'deadlift'), slot('4', 'good-morning')]),
    ],
    { goals: growing('spinal erectors') },
  );
  expect(first(made)[0]).toBe('cable-pull-through');
});

test('at most twelve candidates, none already in the session, without equipment or on a sore joint', () => {
  const made = block([
    session('a', 0, [unfilled('1', 'horizontal-press'), slot('2', 'barbell-bench-press')]),
  ]);
  const found = candidates(made).filter(({ taken }) => taken !== null);
  expect(found).toHaveLength(12);
  expect(found.map(({ exercise }) => exercise.id)).not.toContain('barbell-bench-press');
  expect(new Set(found.map(({ sets }) => sets)).size).toBe(12);
  expect(found.every(({ least, most, now }) => least === 1 && most === 6 && now === 0)).toBe(true);
  const sore = athlete({ joints: [{ joint: 'shoulder', since: '2026-10-01', note: '' }] });
  expect(
    candidates(made, sore).every(
      ({ exercise, taken }) => taken === null || !exercise.joints.includes('shoulder'),
    ),
  ).toBe(true);
  const [place] = athlete().places;
  if (place === undefined) throw new Error('no place');
  const bare = athlete({ places: [{ ...place, equipment: ['dumbbells', 'bench'] }] });
  for (const { exercise, taken } of candidates(made, bare))
    if (taken !== null)
      expect(exercise.equipment.every((one) => ['dumbbells', 'bench', 'floor'].includes(one))).toBe(true);
});

test('a slot may be given six sets, or as many as it has; optional sessions are left alone', () => {
  const sets = (count: number) => ({ technique: { kind: 'straight' as const, sets: count } });
  const made = block([
    session('a', 0, [slot('1', 'leg-press', sets(3)), slot('2', 'hack-squat', sets(8))]),
    { ...session('b', 2, [slot('3', 'leg-press')]), optional: true },
  ]);
  expect(candidates(made).map(({ slot: { id }, least, most, now }) => [id, least, most, now])).toEqual([
    ['1', 1, 6, 3],
    ['2', 1, 8, 8],
  ]);
});
