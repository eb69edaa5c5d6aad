import type { Block } from '../block/block';
import { runChecks } from '../findings/registry';
import { loadShift } from '../progression/load-shift';
import { athlete, block, lookup, session, slot } from '../testing/fixtures';
import { untrainedPlan } from './untrained';

const who = athlete({
  bestSets: { 'leg-extension': { load: { value: 60, unit: 'kg' }, reps: 10, rir: 2, date: null } },
});

function made(loadShifts: Block['loadShifts']): Block {
  const one = slot('1', 'leg-extension', {
    technique: { kind: 'straight', sets: 1 },
    range: { low: 8, high: 12 },
  });
  return block([session('a', 0, [one])], { weeks: 4, rir: { first: 2, last: 2 }, loadShifts });
}
const planOf = (of: Block) => untrainedPlan({ block: of, athlete: who, exercises: lookup });
const firstSets = (shifts: Block['loadShifts']) =>
  planOf(made(shifts))
    .weeks.slice(0, 4)
    .map(({ plan }) => plan.sessions[0]?.slots[0]?.sets[0]);

test('shifts multiply: -10 % from week 2, +5 % from week 4', () => {
  const of = {
    loadShifts: [
      { week: 2, percent: -10 },
      { week: 4, percent: 5 },
    ],
  };
  expect([1, 2, 3, 4].map((week) => Number(loadShift(of, week).toFixed(3)))).toEqual([1, 0.9, 0.9, 0.945]);
});

test('from that week on every load is ten per cent lower at the same reps, easier than planned, without a warning', () => {
  const plain = firstSets([]);
  const lower = firstSets([{ week: 3, percent: -10 }]);
  expect(lower.slice(0, 2)).toEqual(plain.slice(0, 2));
  for (const at of [2, 3]) {
    const [was, is] = [plain[at], lower[at]];
    // The stack has steps of 2.5 kg: the nearest one.
    expect(Math.abs((is?.load ?? 0) - 0.9 * (was?.load ?? 0))).toBeLessThanOrEqual(2.5);
    expect(Math.abs((is?.reps ?? 0) - (was?.reps ?? 0))).toBeLessThanOrEqual(1);
    expect(is?.predictedRir).toBeGreaterThan((was?.predictedRir ?? 0) + 1);
  }
  const of = made([{ week: 3, percent: -10 }]);
  const findings = runChecks({ block: of, athlete: who, blockPlan: planOf(of), exercises: lookup });
  expect(findings.some(({ detail }) => detail.rule === 'stale load')).toBe(false);
});

test('an eighth more is out of reach, and reported', () => {
  const of = made([{ week: 2, percent: 12.5 }]);
  const [, second] = firstSets([{ week: 2, percent: 12.5 }]);
  expect(second?.predictedRir).toBeLessThan(1);
  const findings = runChecks({ block: of, athlete: who, blockPlan: planOf(of), exercises: lookup });
  expect(findings.some(({ detail }) => detail.rule === 'out of reach')).toBe(true);
});
