import fc from 'fast-check';
import { conventionsWith } from '../conventions/conventions';
import { CREDITING, isHard } from './credit';
import { CREDITING_SCHOOLS } from './schools';

const conventions = conventionsWith();
const credit = (school: (typeof CREDITING_SCHOOLS)[number], reps: number, rir: number, share: number) =>
  CREDITING[school]({ credit: isHard(rir, conventions) ? 1 : 0, reps, rir }, share, conventions);

test('ten reps with two left, as prime mover, clear assistance and minor', () => {
  const of = (school: (typeof CREDITING_SCHOOLS)[number]) =>
    [1, 0.5, 0.25].map((share) => credit(school, 10, 2, share));
  expect(of('direct only')).toEqual([1, 0, 0]);
  expect(of('fractional')).toEqual([1, 0.5, 0.25]);
  expect(of('inclusive')).toEqual([1, 1, 0]);
  expect(of('near-failure reps')).toEqual([0.6, 0.3, 0.15]);
});

test('five left is not hard and does not count; near-failure reps only count reps that were done', () => {
  for (const school of CREDITING_SCHOOLS) expect(credit(school, 10, 5, 1)).toBe(0);
  expect(credit('near-failure reps', 3, 0, 1)).toBe(0.6);
  expect(credit('near-failure reps', 12, 0, 1)).toBe(1);
});

test('a predicted RIR counts to the nearest half: 4.2 as 4 is hard, 4.3 as 4.5 is not', () => {
  expect([4, 4.2, 4.25, 4.3, 4.5].map((rir) => isHard(rir, conventions))).toEqual([
    true,
    true,
    false,
    false,
    false,
  ]);
});

test('no counting gives less than zero or more than one set', () => {
  fc.assert(
    fc.property(
      fc.constantFrom(...CREDITING_SCHOOLS),
      fc.integer({ min: 1, max: 40 }),
      fc.integer({ min: -3, max: 10 }),
      fc.double({ min: 0, max: 1, noNaN: true }),
      (school, reps, rir, share) => {
        const value = credit(school, reps, rir, share);
        return value >= 0 && value <= 1;
      },
    ),
  );
});
