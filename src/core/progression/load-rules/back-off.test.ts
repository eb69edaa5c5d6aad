import fc from 'fast-check';
import { conventionsWith } from '../../conventions/conventions';
import { EPLEY } from '../../effort/rep-max';
import { isMakeable, loadGrid } from '../../loading/grid';
import { HALL } from '../../testing/fixtures';
import { asHundredths, hundredths } from '../../units';
import { backOffFit } from './back-off';
import type { ChoiceInput } from './load-choice';

const stack = loadGrid('stack', HALL);

function input(changes: Partial<ChoiceInput> = {}): ChoiceInput {
  return {
    oneRepMax: 140,
    carried: 0,
    grid: stack,
    range: { low: 8, high: 12 },
    targetRir: 2,
    fatigue: 0,
    last: null,
    curve: EPLEY,
    conventions: conventionsWith(),
    ...changes,
  };
}

test.each([
  // Of 100 kg; possible 30 x (140 / load - 1) times.
  [0.05, 95, 12, 2.21],
  [0.1, 90, 12, 4.67],
  [0.15, 85, 12, 7.41],
  [0.2, 80, 12, 10.5],
  [0.3, 70, 12, 18],
])(
  'a drop of %d asks %d kg for the reps of its range, and shows what they leave',
  (drop, load, reps, left) => {
    const { chosen } = backOffFit(input(), asHundredths(10000), drop);
    expect(chosen).toMatchObject({ load, reps });
    expect(chosen.predictedRir).toBeCloseTo(left, 2);
  },
);

test('a wider range takes the reps that the target RIR leaves: 85 kg can be done 19.4 times', () => {
  const { chosen } = backOffFit(input({ range: { low: 8, high: 20 } }), asHundredths(10000), 0.15);
  expect(chosen).toMatchObject({ load: 85, reps: 17 });
});

test('the step nearest the drop, the lighter of two equally near, never the load of the top set', () => {
  // 97.5 x 0.9 = 87.75 and 95 x 0.95 = 90.25.
  expect(backOffFit(input(), asHundredths(9750), 0.1).chosen.load).toBe(87.5);
  expect(backOffFit(input(), asHundredths(9500), 0.05).chosen.load).toBe(90);
  // 20 x 0.95 = 19 is nearest 20, which is the top set.
  expect(backOffFit(input(), asHundredths(2000), 0.05).chosen.load).toBe(17.5);
  // Between bands of 16 and 28 kg there is nothing: the lighter would be 43 % less.
  const bands = loadGrid('band', HALL);
  expect(backOffFit(input({ grid: bands }), asHundredths(2800), 0.1).chosen.load).toBe(28);
});

test('a larger drop is never a heavier load, and every load can be made', () => {
  fc.assert(
    fc.property(
      fc.constantFrom(...stack.steps.slice(2, 60)),
      fc.integer({ min: 5, max: 29 }),
      (top, percent) => {
        const at = (each: number) => hundredths(backOffFit(input(), top, each / 100).chosen.load);
        expect(isMakeable(stack, at(percent))).toBe(true);
        expect(at(percent + 1)).toBeLessThanOrEqual(at(percent));
        expect(at(percent)).toBeLessThanOrEqual(top);
      },
    ),
  );
});
