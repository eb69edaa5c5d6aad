import fc from 'fast-check';
import { runChecks } from '../findings/registry';
import { EMPTY_LOG } from '../log/log';
import { anyBlock } from '../testing/any-block';
import { anyPrescription } from '../testing/any-prescription';
import { athlete, lookup, performWeek } from '../testing/fixtures';
import { unfold } from '../unfold/unfold';
import { conventionBounds, withConvention } from './bounds';
import { CONVENTION_IDS, CONVENTIONS, type Conventions } from './conventions';

test('a factor below 1 stays below 1; per-slot limits may be none; other rules range from a fifth to five times', () => {
  expect(conventionBounds('deloadSets')).toEqual({ low: 0.08, high: 1 });
  expect(conventionBounds('cuttingFloor')).toEqual({ low: 1, high: 6.25 });
  expect(conventionBounds('pastFailureAdvanced')).toEqual({ low: 0, high: 15 });
  expect(conventionBounds('gapHours')).toEqual({ low: 9.6, high: 240 });
  expect(conventionBounds('behindScore')).toEqual({ low: -10, high: -0.4 });
});

test('every default lies within its bounds', () => {
  for (const id of CONVENTION_IDS) {
    const { low, high } = conventionBounds(id);
    expect(low).toBeLessThanOrEqual(CONVENTIONS[id].default);
    expect(high).toBeGreaterThanOrEqual(CONVENTIONS[id].default);
  }
});

test('a rule is set, changed, and reset to the default', () => {
  const one = withConvention({}, 'gapHours', 72);
  expect(one).toEqual({ gapHours: 72 });
  expect(withConvention(one, 'sessionCap', 10)).toEqual({ gapHours: 72, sessionCap: 10 });
  expect(withConvention(one, 'gapHours', CONVENTIONS.gapHours.default)).toEqual({});
});

const anyConventions: fc.Arbitrary<Partial<Conventions>> = fc
  .uniqueArray(fc.constantFrom(...CONVENTION_IDS), { maxLength: 12 })
  .chain((ids) =>
    fc.record(
      Object.fromEntries(
        ids.map((id) => {
          const { low, high } = conventionBounds(id);
          return [id, fc.double({ min: low, max: high, noNaN: true })];
        }),
      ),
    ),
  );

/** Every number in a value, at any depth. */
function numbersIn(value: unknown): readonly number[] {
  if (typeof value === 'number') return [value];
  if (value instanceof Map) return [...value.values()].flatMap(numbersIn);
  return typeof value === 'object' && value !== null ? Object.values(value).flatMap(numbersIn) : [];
}

test('with any rules within bounds every block unfolds, is trained and is checked with finite numbers', () => {
  const who = athlete({ minutes: 60 });
  fc.assert(
    fc.property(fc.oneof(anyBlock, anyPrescription), anyConventions, (made, conventions) => {
      const block = { ...made, conventions };
      const state = performWeek({ block, athlete: who, issued: [], log: EMPTY_LOG }, 1);
      const blockPlan = unfold({ block, athlete: who, exercises: lookup, answers: [], ...state });
      expect(numbersIn(blockPlan).filter((one) => !Number.isFinite(one))).toEqual([]);
      const findings = runChecks({ block, athlete: who, blockPlan, exercises: lookup });
      expect(numbersIn(findings).filter((one) => !Number.isFinite(one))).toEqual([]);
    }),
    { numRuns: 60 },
  );
});
