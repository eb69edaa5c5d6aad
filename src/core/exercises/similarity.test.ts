import { missingEquipment } from '../athlete/place';
import { presetPlace } from '../loading/place-presets';
import { athlete, HALL_PLACE } from '../testing/fixtures';
import type { Exercise } from './exercise';
import { exerciseById, LIBRARY } from './library';
import { contributionSimilarity, swapCandidates } from './similarity';

const of = (id: string) => exerciseById(id) as Exercise;
const at = { athlete: athlete(), place: HALL_PLACE, date: '2026-11-02' };

test('equal contributions give 1, nothing shared 0, partly shared a value between', () => {
  expect(contributionSimilarity(of('leg-extension'), of('leg-extension'))).toBeCloseTo(1, 9);
  expect(contributionSimilarity(of('leg-extension'), of('seated-leg-curl'))).toBe(0);
  // Quads 1 against quads 1 and glutes 0.5: 1 / √1.25.
  const a = { ...of('leg-extension'), contributions: { quads: 1 } };
  const b = { ...of('leg-press'), contributions: { quads: 1, glutes: 0.5 } };
  expect(contributionSimilarity(a, b)).toBeCloseTo(0.894, 3);
});

test('the best candidate trains the same muscles with the same pattern and available equipment', () => {
  const [first] = swapCandidates(of('barbell-bench-press'), LIBRARY, at);
  expect(first?.samePattern).toBe(true);
  expect(first?.similarity).toBeGreaterThan(0.8);
  const home = presetPlace('home gym', 'kg', 'home');
  for (const { exercise } of swapCandidates(of('barbell-bench-press'), LIBRARY, { ...at, place: home }))
    expect(missingEquipment(exercise, home)).toEqual([]);
});

describe('what an exercise costs', () => {
  const ranked = (id: string, changes: Parameters<typeof athlete>[0], reason?: 'stalled') =>
    swapCandidates(of(id), LIBRARY, { ...at, athlete: athlete(changes), ...(reason && { reason }) }).map(
      ({ exercise }) => exercise.id,
    );
  const isBefore = (list: readonly string[], a: string, b: string) => list.indexOf(a) < list.indexOf(b);

  test('for the advanced payoff weighs as much as likeness, for novices and others likeness more', () => {
    // Box squat: likeness 1, payoff 1 of 2.5. Hack squat: 0.9, 1.67 of 2.5.
    expect(isBefore(ranked('barbell-back-squat', { level: 'advanced' }), 'hack-squat', 'box-squat')).toBe(
      true,
    );
    expect(isBefore(ranked('barbell-back-squat', { level: 'novice' }), 'box-squat', 'hack-squat')).toBe(true);
    expect(isBefore(ranked('barbell-back-squat', { level: 'intermediate' }), 'box-squat', 'hack-squat')).toBe(
      true,
    );
  });

  test('in a cut too: a deficit deadlift comes after hinges that cost less', () => {
    const cutting = { phases: [{ from: '2026-10-01', phase: 'cutting' as const }] };
    expect(isBefore(ranked('deadlift', cutting), 'dumbbell-romanian-deadlift', 'deficit-deadlift')).toBe(
      true,
    );
  });

  test('a near twin of what stalled, the same movement with the same implement, comes last', () => {
    const list = ranked('barbell-back-squat', {}, 'stalled');
    expect(isBefore(list, 'leg-press', 'box-squat')).toBe(true);
    expect(list[0]).not.toBe('box-squat');
  });

  test('a lift that gives much less does not come first because it costs little', () => {
    const list = ranked('hack-squat', {}, 'stalled');
    expect(isBefore(list, 'single-leg-press', 'bodyweight-squat')).toBe(true);
    expect(
      isBefore(
        ranked('barbell-bench-press', { level: 'advanced' }),
        'guided-bar-bench-press',
        'incline-push-up',
      ),
    ).toBe(true);
  });

  test('the payoff shown is the payoff of the library: stimulus by fatigue', () => {
    const found = swapCandidates(of('barbell-back-squat'), LIBRARY, at).find(
      ({ exercise }) => exercise.id === 'hack-squat',
    );
    expect(found?.payoff).toBeCloseTo(5 / 3, 9);
  });
});

test('exercises that stress an irritated joint come last', () => {
  const sore = athlete({ joints: [{ joint: 'shoulder', since: '2026-10-01', note: '' }] });
  const ranked = swapCandidates(of('barbell-bench-press'), LIBRARY, { ...at, athlete: sore });
  const spared = ranked.filter(({ sparesJoints }) => sparesJoints);
  expect(spared.length).toBeGreaterThan(0);
  const same = (one: (typeof ranked)[number]) => one.samePattern && one.similarity > 0.9;
  const [a, b] = [
    ranked.findIndex((one) => same(one) && one.sparesJoints),
    ranked.findIndex((one) => same(one) && !one.sparesJoints),
  ];
  if (a >= 0 && b >= 0) expect(a).toBeLessThan(b);
});
