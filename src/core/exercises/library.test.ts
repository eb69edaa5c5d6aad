import { MUSCLES, type Muscle } from '../anatomy/muscle';
import { credits, type Exercise, LOADINGS, type Pattern, primeMovers } from './exercise';
import { decodeExercise } from './exercise-codec';
import { exerciseById, LIBRARY } from './library';

test('at least a hundred and fifty exercises, with unique ids and names', () => {
  expect(LIBRARY.length).toBeGreaterThanOrEqual(150);
  expect(new Set(LIBRARY.map(({ id }) => id)).size).toBe(LIBRARY.length);
  expect(new Set(LIBRARY.map(({ name }) => name)).size).toBe(LIBRARY.length);
  expect(exerciseById('hack-squat')?.name).toBe('hack squat');
});

test('all kinds of equipment, holds and skills are included', () => {
  const loadings = new Set(LIBRARY.map(({ loading }) => loading));
  expect([...loadings].sort()).toEqual([...LOADINGS].sort());
  expect(LIBRARY.filter(({ measure }) => measure === 'seconds').length).toBeGreaterThanOrEqual(12);
  expect(LIBRARY.filter(({ skill }) => skill === 'technical').length).toBeGreaterThanOrEqual(3);
  expect(LIBRARY.filter(({ skill }) => skill === 'tendon-heavy').length).toBeGreaterThanOrEqual(5);
});

test.each(LIBRARY.map((exercise) => [exercise.name, exercise] as const))(
  '%s makes sense',
  (_name, exercise) => {
    expect(decodeExercise(JSON.parse(JSON.stringify(exercise)))).toEqual({ ok: true, value: exercise });
    for (const [, share] of credits(exercise)) expect([0.25, 0.5, 0.75, 1]).toContain(share);
    expect(exercise.restSeconds).toBeGreaterThanOrEqual(30);
    // A rear-delt pull, a shrug or a plank loads no joint much; every other compound does.
    if (exercise.kind === 'compound' && exercise.pattern !== 'rear fly')
      expect(exercise.joints.length).toBeGreaterThan(0);
    expect(exercise.cues.length).toBeGreaterThan(5);
    if (exercise.measure === 'seconds') expect(exercise.longHalf).toBe('none');
  },
);

/** Per pattern, muscles of which at least one must be a prime mover. */
const MOVERS: Readonly<Record<Pattern, readonly Muscle[]>> = {
  squat: ['quads'],
  lunge: ['quads', 'glutes'],
  hinge: ['hamstrings', 'glutes'],
  'hip thrust': ['glutes'],
  'knee extension': ['quads'],
  'knee flexion': ['hamstrings'],
  'hip adduction': ['adductors'],
  'hip abduction': ['abductors'],
  'calf raise': ['calves'],
  'horizontal press': ['chest', 'triceps'],
  'vertical press': ['front delts'],
  'horizontal pull': ['upper back', 'lats'],
  'vertical pull': ['lats'],
  fly: ['chest'],
  'shoulder raise': ['side delts', 'front delts'],
  'rear fly': ['rear delts'],
  pullover: ['lats'],
  shrug: ['traps'],
  'elbow flexion': ['biceps', 'forearms'],
  'elbow extension': ['triceps'],
  wrist: ['forearms'],
  'trunk flexion': ['abs'],
  'trunk extension': ['spinal erectors'],
  'trunk hold': ['abs'],
  'trunk rotation': ['abs'],
  carry: ['forearms'],
  'straight-arm push': ['front delts', 'triceps'],
  'straight-arm pull': ['lats', 'chest'],
};

test('contributions are plausible by pattern', () => {
  const odd = LIBRARY.filter(
    (exercise) => !primeMovers(exercise).some((muscle) => MOVERS[exercise.pattern].includes(muscle)),
  );
  expect(odd.map(({ name }) => name)).toEqual([]);
});

test.each(MUSCLES)('%s: prime mover of at least four exercises across three kinds of equipment', (muscle) => {
  const movers = LIBRARY.filter((exercise) => primeMovers(exercise).includes(muscle));
  expect(movers.length).toBeGreaterThanOrEqual(4);
  expect(new Set(movers.map(({ loading }) => loading)).size).toBeGreaterThanOrEqual(3);
});

test('every compound has an assisting muscle', () => {
  const alone = LIBRARY.filter(
    (exercise) => exercise.kind === 'compound' && !credits(exercise).some(([, share]) => share < 1),
  );
  expect(alone.map(({ name }) => name)).toEqual([]);
});

test('only free-weight compounds cannot be failed alone', () => {
  for (const { failableAlone, kind, loading } of LIBRARY) {
    if (!failableAlone) expect([kind, loading]).toEqual(['compound', 'barbell']);
  }
});

test('chains have no gaps, and get harder by bodyweight share or are holds', () => {
  const chains = new Map<string, Exercise[]>();
  for (const exercise of LIBRARY) {
    if (exercise.chain === null) continue;
    chains.set(exercise.chain.name, [...(chains.get(exercise.chain.name) ?? []), exercise]);
  }
  expect(chains.size).toBeGreaterThanOrEqual(6);
  for (const [name, list] of chains) {
    const sorted = [...list].sort((a, b) => (a.chain?.step ?? 0) - (b.chain?.step ?? 0));
    expect([name, sorted.map(({ chain }) => chain?.step)]).toEqual([name, sorted.map((_, at) => at + 1)]);
    for (const [at, harder] of sorted.entries()) {
      const easier = sorted[at - 1];
      if (easier !== undefined) expect(harder.bodyweightShare).toBeGreaterThanOrEqual(easier.bodyweightShare);
    }
  }
});

test('every variant changes something and has a unique id', () => {
  for (const exercise of LIBRARY) {
    expect(new Set(exercise.variants.map(({ id }) => id)).size).toBe(exercise.variants.length);
    for (const { name, contributions } of exercise.variants)
      expect([exercise.name, name, Object.keys(contributions).length > 0]).toEqual([
        exercise.name,
        name,
        true,
      ]);
  }
});

test.each([
  // Free weights are hardest with the limb level; cables pull evenly; calf raises fail at the top.
  ['standing-calf-raise', 'shortened', 'bottom'],
  ['seated-calf-raise', 'shortened', 'bottom'],
  ['cable-fly', 'middle', 'bottom'],
  ['dumbbell-fly', 'stretched', 'bottom'],
  ['dumbbell-lateral-raise', 'shortened', 'bottom'],
  ['cable-lateral-raise', 'middle', 'bottom'],
  ['pull-up', 'shortened', 'arms long'],
  ['wide-pulldown', 'shortened', 'arms long'],
  ['chest-supported-row', 'shortened', 'arms long'],
  ['leg-extension', 'shortened', 'deep bend'],
  ['barbell-back-squat', 'stretched', 'bottom'],
  ['stiff-leg-deadlift', 'stretched', 'bottom'],
  ['barbell-hip-thrust', 'shortened', 'bottom'],
  ['dumbbell-leg-curl', 'stretched', 'legs straight'],
  ['lying-barbell-extension', 'stretched', 'deep bend'],
  ['incline-dumbbell-curl', 'stretched', 'bottom'],
  ['plank', 'middle', 'none'],
] as const)('%s is hardest %s, long at the %s', (id, hardest, longHalf) => {
  expect(exerciseById(id)).toMatchObject({ hardest, longHalf });
});

test('only lifts whose bar cannot pin the lifter may be set down, such as hinges from the floor', () => {
  const open = LIBRARY.filter(({ canSetDown }) => canSetDown).map(({ id }) => id);
  expect(open).toEqual(expect.arrayContaining(['deadlift', 'stiff-leg-deadlift']));
  for (const id of ['barbell-back-squat', 'barbell-bench-press', 'good-morning', 'bent-over-barbell-row'])
    expect(open).not.toContain(id);
});
