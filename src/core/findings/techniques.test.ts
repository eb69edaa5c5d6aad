import { applyEdit } from '../block/apply-edit';
import { type Block, ownSet } from '../block/block';
import { catalogueWith } from '../exercises/catalogue';
import { isUnfilled } from '../exercises/unfilled-exercise';
import { EMPTY_LOG } from '../log/log';
import { startOf, type TechniqueParameters } from '../techniques/registry';
import { athlete, block, performWeek, session, slot } from '../testing/fixtures';
import { freezeWeek } from '../unfold/issue';
import { unfold } from '../unfold/unfold';
import type { Finding } from './finding';
import type { FindingDetail } from './finding-detail';
import { runChecks } from './registry';

const who = athlete();
const exercises = catalogueWith([]).find;

function about(
  rule: FindingDetail['rule'],
  made: Block,
  state = { issued: [], log: EMPTY_LOG } as Pick<Parameters<typeof unfold>[0], 'issued' | 'log'>,
): readonly Finding[] {
  const blockPlan = unfold({ block: made, athlete: who, exercises, answers: [], ...state });
  return runChecks({ block: made, athlete: who, blockPlan, exercises }).filter(
    ({ detail }) => detail.rule === rule,
  );
}

const one = (exercise: string, technique: TechniqueParameters, changes = {}) =>
  block([session('a', 0, [slot('1', exercise, { technique, ...changes })])]);

describe('technique limits', () => {
  test('a drop set on the bench press is blocked, and its fix holds it back', () => {
    const made = one('barbell-bench-press', startOf('drop set'));
    const [finding] = about('gate', made);
    expect(finding).toMatchObject({
      severity: 'block',
      detail: { gate: 'unsafe alone', technique: 'drop set' },
    });
    const edit = finding?.fixes[0]?.edit;
    const mended = edit === undefined ? undefined : applyEdit(made, edit);
    expect(mended?.ok && about('gate', mended.value.block)).toEqual([]);
  });

  test('a plain set to failure that nobody can fail alone is held one rep short, reported, and fixed', () => {
    const three: TechniqueParameters = { kind: 'straight', sets: 3 };
    const bench = (changes: object) => one('barbell-bench-press', three, changes);
    const asked = {
      'its own effort': bench({ rir: { kind: 'fixed', rir: 0 } }),
      'an offset that reaches 0 in the last week': bench({ rir: { kind: 'week', offset: -1 } }),
      'the last set alone': bench({ setTargets: [ownSet('last', { rir: { kind: 'fixed', rir: 0 } })] }),
      'a week of its own': bench({ weeks: [{ week: 2, sets: null, reps: null, load: null, rir: 0 }] }),
    };
    for (const [name, made] of Object.entries(asked)) {
      const [finding] = about('gate', made);
      expect([name, finding?.detail]).toMatchObject([name, { gate: 'unsafe alone' }]);
      const edit = finding?.fixes[0]?.edit;
      const mended = edit === undefined ? undefined : applyEdit(made, edit);
      expect([name, mended?.ok && about('gate', mended.value.block)]).toEqual([name, []]);
      const weeks = unfold({
        block: made,
        athlete: who,
        exercises,
        answers: [],
        issued: [],
        log: EMPTY_LOG,
      }).weeks;
      for (const { plan } of weeks)
        for (const set of plan.sessions[0]?.slots[0]?.sets ?? []) expect(set.rir).toBeGreaterThanOrEqual(1);
    }
    // 1 RIR is allowed; failure is allowed on machines, on lifts that can be set down, and with safeties.
    expect(about('gate', bench({ rir: { kind: 'fixed', rir: 1 } }))).toEqual([]);
    const zero = { rir: { kind: 'fixed' as const, rir: 0 } };
    expect(about('gate', one('leg-press', three, zero))).toEqual([]);
    expect(about('gate', one('deadlift', three, zero))).toEqual([]);
    expect(about('gate', bench({ ...zero, safety: 'spotter' }))).toEqual([]);
    // Going past failure is refused even where the weight can be set down.
    expect(about('gate', one('deadlift', startOf('drop set')))[0]?.detail).toMatchObject({
      gate: 'unsafe alone',
    });
  });

  test.each<[string, string, TechniqueParameters, string]>([
    ['loose reps on a compound', 'leg-press', startOf('strict then loose'), 'isolation only'],
    ['restricted flow without screening', 'leg-extension', startOf('restricted blood flow'), 'not screened'],
    [
      'restricted flow on the chest',
      'cable-fly',
      { ...startOf('restricted blood flow'), screened: true } as TechniqueParameters,
      'limbs only',
    ],
    ['a hold of what is counted in reps', 'leg-extension', startOf('static hold'), 'holds only'],
    ['a cluster of what is held', 'plank', startOf('cluster'), 'reps only'],
  ])('%s', (_, exercise, technique, gate) => {
    expect(about('gate', one(exercise, technique))[0]?.detail).toMatchObject({ gate });
  });

  test('not on a machine, with safeties noted, or on screened limbs', () => {
    expect(about('gate', one('leg-press', startOf('drop set')))).toEqual([]);
    expect(about('gate', one('barbell-bench-press', startOf('drop set'), { safety: 'spotter' }))).toEqual([]);
    const screened = { ...startOf('restricted blood flow'), screened: true } as TechniqueParameters;
    expect(about('gate', one('leg-extension', screened))).toEqual([]);
  });

  test('the third slot past failure is one too many for an intermediate athlete', () => {
    const made = block([
      session(
        'a',
        0,
        ['leg-extension', 'seated-leg-curl', 'cable-crunch'].map((id, at) =>
          slot(`${at}`, id, { technique: startOf('drop set') }),
        ),
      ),
    ]);
    expect(about('gate', made).map(({ subject, severity }) => [subject.slotId, severity])).toEqual([
      ['2', 'warn'],
    ]);
  });
});

describe('stretched half reps', () => {
  test('on a squat or bench alone are a warning, with full reps as the fix; dumbbells, hinges and a spotter are fine', () => {
    const half = { ...startOf('lengthened partials'), sets: 3 } as TechniqueParameters;
    const alone = one('barbell-bench-press', half);
    const [finding] = about('unsafe halves', alone);
    expect(finding?.severity).toBe('warn');
    const [fix] = finding?.fixes ?? [];
    const fixed = fix === undefined ? undefined : applyEdit(alone, fix.edit);
    if (fixed?.ok !== true) throw new Error('the fix cannot be applied');
    expect(fixed.value.block.sessions[0]?.slots[0]?.technique).toEqual({ kind: 'straight', sets: 3 });
    expect(about('unsafe halves', fixed.value.block)).toEqual([]);
    for (const id of ['flat-dumbbell-press', 'stiff-leg-deadlift', 'leg-press'])
      expect(about('unsafe halves', one(id, half))).toEqual([]);
    const spotted = {
      ...alone,
      sessions: alone.sessions.map((each) => ({
        ...each,
        slots: each.slots.map((slot) => ({ ...slot, safety: 'spotter' })),
      })),
    };
    expect(about('unsafe halves', spotted)).toEqual([]);
  });

  test('suit exercises that are hardest when stretched, not others', () => {
    const half = startOf('lengthened partials');
    const [hard, soft] = ['stretched', 'shortened'].map(
      (hardest) =>
        catalogueWith([]).list.find(
          (exercise) => exercise.hardest === hardest && exercise.loading === 'stack',
        )?.id ?? '',
    );
    expect(about('long half', one(soft ?? '', half))).toHaveLength(1);
    expect(about('long half', one(hard ?? '', half))).toEqual([]);
  });

  test('in all slots of a session only if none is a free weight', () => {
    const made = (free: string) =>
      block([
        session('a', 0, [
          slot('1', 'leg-press', { motion: 'long half' }),
          slot('2', free, { motion: 'long half' }),
        ]),
      ]);
    expect(about('all halves', made('barbell-back-squat'))).toHaveLength(1);
    expect(about('all halves', made('hack-squat'))).toEqual([]);
  });
});

test('the next variation is due once all sets reached the top, and the fix applies it', () => {
  const chained = catalogueWith([]).list.filter(({ chain }) => chain?.step === 1 && chain !== null);
  const first = chained.find(({ measure, loading }) => measure === 'reps' && loading === 'bodyweight');
  const made = one(
    first?.id ?? '',
    { kind: 'straight', sets: 2 },
    { loadRule: 'variation chain', range: { low: 5, high: 8 }, drift: 'hold reps' },
  );
  const state = { block: made, athlete: who, issued: [], log: EMPTY_LOG };
  const short = performWeek(state, 1, ({ rir }) => ({ reps: 7, rir }));
  expect(about('next variation', made, short)).toEqual([]);
  const full = performWeek(state, 1, ({ rir }) => ({ reps: 8, rir }));
  const [finding] = about('next variation', made, full);
  expect(finding?.detail).toMatchObject({ exerciseId: first?.id, reps: 8 });
  expect(finding?.fixes[0]).toMatchObject({ does: 'next variation' });
});

describe('unfilled slot', () => {
  const ref = { id: 'open-horizontal-press', revision: 1 };
  const made = block([
    session('a', 0, [{ ...slot('1', 'leg-press'), exercise: ref }, slot('2', 'hack-squat')]),
  ]);

  test('is reported, counts toward nothing yet, and can be sent as it is', () => {
    expect(isUnfilled(ref)).toBe(true);
    expect(about('unfilled slot', made)[0]?.subject).toEqual({ sessionId: 'a', slotId: '1' });
    const input = { block: made, athlete: who, exercises, answers: [], issued: [], log: EMPTY_LOG };
    expect(unfold(input).weeks[0]?.plan.muscles.chest.sets).toBe(0);
    expect(freezeWeek(input, 1, { id: 'i', at: '2026-11-02T00:00:00Z' }).ok).toBe(true);
  });

  test('is not reported if every slot has its exercise', () => {
    expect(about('unfilled slot', one('leg-press', { kind: 'straight', sets: 3 }))).toEqual([]);
  });
});
