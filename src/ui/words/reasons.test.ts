import fc from 'fast-check';
import { type Block, catalogueWith, EMPTY_LOG, type Reason, runChecks, unfold } from '@/core';
import { anyBlock } from '@/core/testing/any-block';
import { anyPrescription } from '@/core/testing/any-prescription';
import { athlete, lookup } from '@/core/testing/fixtures';
import { findingSentence, fixWords } from './findings';
import { namesOf } from './names';
import { explain } from './reasons';

const names = namesOf(catalogueWith([]));
const because = (reason: Reason) => explain(reason, names).because;

test.each<[Reason, string]>([
  [
    { code: 'rir/ramp', week: 3, weeks: 5, first: 3, last: 1, offset: -1, value: 1 },
    '1 RIR: the block goes from 3 in week 1 to 1 in week 5, minus 1 for this exercise.',
  ],
  [{ code: 'rir/fixed', value: 0 }, '0 RIR: fixed for this exercise in every week.'],
  [{ code: 'rir/easy', week: 'recover', value: 4 }, '4 RIR or more: a recover week stays far from failure.'],
  [{ code: 'rir/override', value: 1, proposed: 2 }, '1 RIR: typed for this week only; the rule gives 2.'],
  [{ code: 'sets/override', sets: 5, proposed: 3 }, '5 sets: typed for this week only; otherwise 3.'],
  [
    { code: 'load/search', targetRir: 3, range: { low: 8, high: 12 } },
    'No set of this exercise is known yet, so week 1 finds the load: work up in 8–12 reps until 3 are left.',
  ],
  [
    {
      code: 'load/answered',
      outcome: 'held',
      unit: 'kg',
      load: 60,
      reps: 10,
      proposed: { code: 'load/search', targetRir: 3, range: { low: 8, high: 12 } },
    },
    'You kept 60 × 10.',
  ],
  [
    {
      code: 'load/override',
      unit: 'kg',
      load: null,
      reps: 6,
      proposed: { code: 'sets/prescribed', sets: 3 },
    },
    '6 reps: typed for this week only. Clear the cell to follow the rule again.',
  ],
  [
    {
      code: 'load/easy',
      week: 'deload',
      unit: 'kg',
      from: { load: 100, reps: 8 },
      load: 100,
      reps: 5,
      predictedRir: 4.2,
    },
    'Deload: 100 × 5 instead of 100 × 8, which leaves 4.2 reps.',
  ],
  [
    { code: 'whole-body-deload', behind: 3, recovering: 1, atCeiling: 0, growing: 8, hardWeeks: 2 },
    'Of 8 growing muscles, 3 below target and 1 recovering: half or more need recovery. The last two weeks went to 1 RIR or less.',
  ],
  [
    {
      code: 'sets/response',
      prescribed: 3,
      added: [
        { muscle: 'quads', week: 2, add: 1 },
        { muscle: 'quads', week: 3, add: -1 },
      ],
      sets: 3,
    },
    '3 sets: 3 prescribed, +1 for quads from week 2 and −1 for quads from week 3.',
  ],
  [
    { code: 'sets/easy', week: 'deload', from: 3, factor: 0.4, sets: 1 },
    '1 set: 3 × 0.4 in a deload week, rounded, at least one.',
  ],
  [
    { code: 'sets/after-recover', muscle: 'chest', failedAt: 14, floor: 8, sets: 4 },
    '4 sets: after a recovery week chest continues midway between its minimum of 8.0 and the 14.0 at which it was below target.',
  ],
  [
    { code: 'reps/drift', mode: 'hold reps', seconds: 90, perSet: 1.667 },
    'Every set has the same reps; after 90 s of rest each ends 1.7 reps closer to failure, with the target RIR as the average.',
  ],
])('%o reads as a sentence', (reason, sentence) => {
  expect(because(reason)).toBe(sentence);
});

/** Every reason in a value, at any depth. */
function reasonsIn(value: unknown): readonly Reason[] {
  if (Array.isArray(value)) return value.flatMap(reasonsIn);
  if (typeof value !== 'object' || value === null) return [];
  const inside = Object.values(value).flatMap(reasonsIn);
  return 'code' in value ? [value as Reason, ...inside] : inside;
}

const WHOLE = /^[A-Z\d~(×−].*\.$/s;
const UNSAID = /undefined|NaN|\[object|Infinity/;

test('for any prescription each figure has a reason in words, and each finding a sentence', () => {
  const who = athlete({ minutes: 50 });
  fc.assert(
    fc.property(fc.oneof(anyBlock, anyPrescription), (block: Block) => {
      const blockPlan = unfold({
        block,
        athlete: who,
        exercises: lookup,
        issued: [],
        log: EMPTY_LOG,
        answers: [],
      });
      for (const reason of reasonsIn(blockPlan)) {
        const { because: said, besides } = explain(reason, names);
        expect(said.charAt(0).toUpperCase() + said.slice(1)).toMatch(WHOLE);
        expect(`${said} ${besides}`).not.toMatch(UNSAID);
      }
      for (const { detail, fixes } of runChecks({ block, athlete: who, blockPlan, exercises: lookup })) {
        const sentence = findingSentence(detail, names);
        expect(sentence).toMatch(WHOLE);
        expect([sentence, ...fixes.map((fix) => fixWords(fix, names))].join(' ')).not.toMatch(UNSAID);
      }
    }),
    { numRuns: 30 },
  );
});
