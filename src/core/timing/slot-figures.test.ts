import { exerciseById } from '../exercises/library';
import { athlete, block, lookup, session, slot } from '../testing/fixtures';
import { untrainedPlan } from '../unfold/untrained';
import { slotFigures, timesAYear } from './slot-figures';

/** Figures of a slot in week 1, at 4 s per rep. */
function figuresOf(exercise: string, changes: Parameters<typeof slot>[2]) {
  const made = block([session('a', 0, [slot('1', exercise, { tempo: '3010', ...changes })])]);
  const planned = untrainedPlan({ block: made, athlete: athlete(), exercises: lookup }).weeks[0]?.plan
    .sessions[0]?.slots[0];
  const found = exerciseById(exercise);
  if (planned === undefined || found === undefined) throw new Error('no slot');
  return { planned, figures: slotFigures(planned, found, { secondsPerRep: 3 }) };
}

test('reps include partial ones; time under tension is for one side, with final reps counted separately', () => {
  const cluster = { kind: 'cluster', sets: 2, minis: 4, reps: 3, pause: 20, rise: 0, single: false } as const;
  expect(figuresOf('leg-extension', { technique: cluster }).figures).toMatchObject({ reps: 24, tension: 96 });
  // Seven full, seven and seven halves: 21 reps, 14 of them in time.
  const sections = {
    kind: 'sectioned reps',
    sets: 1,
    each: 7,
    order: 'full, long, short',
    breaths: 0,
    slow: false,
  } as const;
  expect(figuresOf('leg-extension', { technique: sections }).figures).toMatchObject({
    reps: 21,
    tension: 56,
  });
  const closing = figuresOf('dumbbell-split-squat', {
    technique: { kind: 'straight', sets: 1 },
    optionalSets: 2,
  });
  const [first] = closing.planned.sets;
  expect(closing.figures).toMatchObject({ reps: first?.reps, tension: 4 * (first?.reps ?? 0) });
});

test('holds have seconds and no reps; spinal sets count by their load', () => {
  const plank = figuresOf('plank', {
    technique: { kind: 'straight', sets: 1 },
    range: { low: 30, high: 30 },
  });
  expect(plank.figures).toMatchObject({ reps: 0, tension: 30, spine: 0 });
  const squat = figuresOf('barbell-back-squat', { technique: { kind: 'straight', sets: 3 } });
  const counted = squat.planned.sets.filter(({ hard }) => hard).length;
  expect(squat.figures.spine).toBe(3 * counted);
});

test('once, twice, three times a week are 52, 104 and 156 a year; once in ten days 36', () => {
  expect([1, 2, 3].map((times) => timesAYear(times, 7))).toEqual([52, 104, 156]);
  expect(timesAYear(1, 10)).toBe(36);
});
