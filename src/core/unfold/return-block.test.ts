import { applyEdit } from '../block/apply-edit';
import type { Slot } from '../block/block';
import { copyDesign } from '../block/block-again';
import { easeInEdit } from '../block/templates/return-block';
import { runChecks } from '../findings/registry';
import { EMPTY_LOG } from '../log/log';
import type { IssuedWeek } from '../plan/week-state';
import { setCount, startOf } from '../techniques/registry';
import { athlete, block, lookup, performWeek, session, slot } from '../testing/fixtures';
import { unfold } from './unfold';

const who = athlete({
  bestSets: { 'leg-extension': { load: { value: 50, unit: 'kg' }, reps: 10, rir: 2, date: null } },
});

function back(changes: Partial<Slot>, weeks = 3) {
  const design = block([session('a', 0, [slot('1', 'leg-extension', changes)])], {
    weeks: 6,
    rir: { first: 2, last: 0 },
  });
  const applied = applyEdit({ ...design, weeks }, easeInEdit({ ...design, weeks }, true));
  if (!applied.ok) throw new Error(JSON.stringify(applied.problems));
  return applied.value.block;
}

/** The slot's weeks, each done as asked before the next is planned. */
function weeksOf(of: ReturnType<typeof back>) {
  let state = { block: of, athlete: who, issued: [] as readonly IssuedWeek[], log: EMPTY_LOG };
  return Array.from({ length: of.weeks }, (_, at) => {
    const plan = unfold({ ...state, exercises: lookup, answers: [] }).weeks[at]?.plan.sessions[0]?.slots[0];
    if (plan === undefined) throw new Error(`week ${at + 1} is missing`);
    state = { ...state, ...performWeek(state, at + 1) };
    return plan;
  });
}

test('done as asked the loads are back in the last week: 85, 92.5 and 100 % of 50 kg for eight', () => {
  const weeks = weeksOf(back({ technique: { kind: 'straight', sets: 4 }, range: { low: 8, high: 8 } }));
  expect(weeks.map(({ sets }) => sets.map(({ load, reps }) => [load, reps]))).toEqual([
    // 70 kg of strength: 50 kg leave four after eight.
    [
      [42.5, 8],
      [42.5, 8],
    ],
    // Half a per cent stronger: 46.5, made as 47.5.
    [
      [47.5, 8],
      [47.5, 8],
    ],
    [
      [50, 8],
      [50, 8],
    ],
  ]);
});

test('half the sets: of five three, of one one', () => {
  const sets = (count: number) =>
    weeksOf(back({ technique: { kind: 'straight', sets: count } }))[0]?.sets.length;
  expect([sets(5), sets(2), sets(1)]).toEqual([3, 1, 1]);
});

test.each<[string, Partial<Slot>]>([
  ['an RIR of its own', { rir: { kind: 'fixed', rir: 0 } }],
  ['an offset', { rir: { kind: 'week', offset: -3 } }],
  [
    'a last set to failure',
    { setTargets: [{ set: 'last', rir: { kind: 'fixed', rir: 0 }, tempo: null, cue: '' }] },
  ],
  ['rest-pause', { technique: startOf('rest-pause') }],
  ['drop sets', { technique: startOf('drop set') }],
])('%s: no set is asked below 4 RIR', (_, changes) => {
  for (const { sets } of weeksOf(back(changes)))
    for (const { rir } of sets) expect(rir).toBeGreaterThanOrEqual(4);
});

test('the design keeps its sets, and the block after it is the design again', () => {
  const of = back({ technique: { kind: 'straight', sets: 5 }, rampTo: 6 });
  expect(setCount(of.sessions[0]?.slots[0]?.technique ?? { kind: 'straight', sets: 0 })).toBe(5);
  const next = copyDesign(of, { name: 'Next', startDate: '2027-01-04' });
  expect(next).toMatchObject({ weeks: 3, rir: { first: 2, last: 0 }, loadShifts: [], afterReturn: null });
  expect(next.sessions[0]?.slots[0]).toMatchObject({ technique: { sets: 5 }, rampTo: 6 });
  // Asked again, nothing changes: the design is not lost, nor are shifts of an ordinary block.
  const again = applyEdit(of, easeInEdit(of, true));
  expect(again.ok && again.value.block).toEqual(of);
  const plain = block([session('a', 0, [slot('1', 'leg-extension')])], {
    loadShifts: [{ week: 2, percent: -5 }],
  });
  const still = applyEdit(plain, easeInEdit(plain, false));
  expect(still.ok && still.value.block).toEqual(plain);
  // Switched off, the running block is the design as well.
  const off = applyEdit(of, easeInEdit(of, false));
  expect(off.ok && off.value.block).toMatchObject({
    rir: { first: 2, last: 0 },
    loadShifts: [],
    afterReturn: null,
  });
});

test('light on purpose is no problem: nothing is called too few, too rare, too easy or too light', () => {
  const of = back({ technique: { kind: 'straight', sets: 4 }, range: { low: 8, high: 12 } });
  const found = (one: typeof of) =>
    runChecks({
      block: one,
      athlete: who,
      blockPlan: unfold({
        block: one,
        athlete: who,
        exercises: lookup,
        issued: [],
        log: EMPTY_LOG,
        answers: [],
      }),
      exercises: lookup,
    }).map(({ detail }) => detail.rule);
  const muted = ['below floor', 'untrained', 'frequency', 'too easy to count', 'stale load', 'never hard'];
  expect(found(of).filter((rule) => muted.includes(rule))).toEqual([]);
  // The same weeks without the ease would say so.
  expect(found({ ...of, afterReturn: null }).filter((rule) => muted.includes(rule))).not.toEqual([]);
});

test('between coarse loads a lighter one asks for no more than the range', () => {
  const raises = block(
    [
      session('a', 0, [
        slot('1', 'dumbbell-lateral-raise', {
          technique: { kind: 'straight', sets: 1 },
          range: { low: 12, high: 20 },
        }),
      ]),
    ],
    { weeks: 3 },
  );
  const applied = applyEdit(raises, easeInEdit(raises, true));
  if (!applied.ok) throw new Error(JSON.stringify(applied.problems));
  const raiser = athlete({
    bestSets: {
      'dumbbell-lateral-raise': { load: { value: 4, unit: 'kg' }, reps: 17, rir: 3, date: null },
    },
  });
  const { weeks } = unfold({
    block: applied.value.block,
    athlete: raiser,
    exercises: lookup,
    issued: [],
    log: EMPTY_LOG,
    answers: [],
  });
  // 3.4 kg is between dumbbells of 2 and 4.
  for (const { plan } of weeks) {
    const [set] = plan.sessions[0]?.slots[0]?.sets ?? [];
    expect(set?.reps).toBeLessThanOrEqual(20);
    expect(set?.rir).toBeGreaterThanOrEqual(4);
  }
});
