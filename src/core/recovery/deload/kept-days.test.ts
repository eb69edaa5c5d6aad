import fc from 'fast-check';
import { MUSCLES, type Muscle } from '../../anatomy/muscle';
import { keptDays } from './kept-days';

const day = (id: string, ...muscles: readonly Muscle[]) => ({ id, muscles: new Set(muscles) });

test('upper, lower, upper, lower: the first two train every muscle', () => {
  const kept = keptDays([
    day('a', 'chest', 'lats'),
    day('b', 'quads', 'hamstrings'),
    day('c', 'chest', 'lats'),
    day('d', 'quads', 'hamstrings'),
  ]);
  expect([...kept]).toEqual(['a', 'b']);
});

test('one full-body day replaces two half-body days', () => {
  expect([...keptDays([day('a', 'chest'), day('b', 'quads'), day('c', 'chest', 'quads')])]).toEqual(['c']);
});

test('the only day of a muscle is kept', () => {
  expect([...keptDays([day('a', 'chest', 'calves'), day('b', 'chest', 'quads')])]).toEqual(['a', 'b']);
});

const anyDays = (most: number) =>
  fc
    .array(fc.uniqueArray(fc.constantFrom(...MUSCLES), { maxLength: 5 }), { maxLength: most })
    .map((days) => days.map((muscles, at) => day(`d${at}`, ...muscles)));

test('for any number of days: each muscle stays trained, and no kept day is superfluous', () => {
  fc.assert(
    fc.property(fc.oneof(anyDays(8), anyDays(16)), (days) => {
      const kept = days.filter(({ id }) => keptDays(days).has(id));
      const trained = (some: typeof days) => new Set(some.flatMap(({ muscles }) => [...muscles]));
      expect(trained(kept)).toEqual(trained(days));
      for (const spared of kept) {
        const others = trained(kept.filter((one) => one !== spared));
        expect([...spared.muscles].every((muscle) => others.has(muscle))).toBe(false);
      }
    }),
    { numRuns: 60 },
  );
});
