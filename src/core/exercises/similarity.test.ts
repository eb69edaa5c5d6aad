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
