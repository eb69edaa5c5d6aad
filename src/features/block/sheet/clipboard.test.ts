import {
  applyEdit,
  type Block,
  catalogueWith,
  type Edit,
  EMPTY_LOG,
  type Exercise,
  findSlot,
  type Result,
  startOf,
  unfold,
} from '@/core';
import { athlete, block, lookup, session, slot } from '@/core/testing/fixtures';
import { guessExercise } from '@/ui/guess-exercise';
import { readTechnique, techniqueText } from '@/ui/words/technique-text';
import {
  type ClipboardInput,
  clearCells,
  copiedSlots,
  copyText,
  fillAcross,
  fillDown,
  pasteSlots,
  pasteTable,
  type Range,
  readTable,
  replaceExercise,
} from './clipboard';
import type { Guess } from './columns/column';
import { type ColumnId, columnsOf, rowsOf } from './layout';
import * as tableText from './table-text';
import { cellAsText, setLines } from './week-text';

const who = athlete();
const base = block([
  session('a', 0, [slot('a1', 'leg-press'), slot('a2', 'hack-squat', { technique: startOf('rest-pause') })]),
  session('b', 3, [slot('b1', 'pull-up')]),
]);

function board(made: Block): ClipboardInput {
  const blockPlan = unfold({
    block: made,
    athlete: who,
    exercises: lookup,
    issued: [],
    log: EMPTY_LOG,
    answers: [],
  });
  let ids = 0;
  return {
    block: made,
    athlete: who,
    catalogue: catalogueWith([]),
    blockPlan,
    rows: rowsOf(made),
    columns: columnsOf(blockPlan),
    newId: () => `new${++ids}`,
  };
}

function after(made: Block, edit: Result<Edit>): Block {
  if (!edit.ok) throw new Error(JSON.stringify(edit.problems));
  const applied = applyEdit(made, edit.value);
  if (!applied.ok) throw new Error(JSON.stringify(applied.problems));
  return applied.value.block;
}

const range = (from: string, a: ColumnId, to: string, b: ColumnId): Range => ({
  from: { row: from, column: a },
  to: { row: to, column: b },
});
const slotOf = (made: Block, id: string) => findSlot(made, id)?.slot;

test('cells are copied as lines and tabs; names alone stand for whole slots', () => {
  expect(copyText(range('a1', 'sets', 'a2', 'range'), board(base), tableText)).toBe(
    'sets\treps\n3\t8–12\n1\t8–12',
  );
  const whole = copyText(range('a1', 'slot', 'a2', 'slot'), board(base), tableText).split('\n');
  expect(whole[0]?.split('\t')).toEqual([
    'exercise',
    'sets',
    'reps',
    'RIR',
    'tempo',
    'rest',
    'technique',
    'based on',
  ]);
  expect(whole[1]?.split('\t').slice(0, 3)).toEqual(['leg press', '3', '8–12']);
  expect(whole[2]).toContain('rest-pause (sets 1; pauses 2');
  // The set behind the load is copied too, even the athlete's own.
  expect(whole[1]?.split('\t').at(-1)).toBe('60 × 10 @2');
});

test('copied cells paste back to the same slots', () => {
  const text = copyText(range('a1', 'slot', 'a2', 'slot'), board(base), tableText);
  const other = block([session('a', 0, [slot('a1', 'pull-up'), slot('a2', 'pull-up')])]);
  const made = after(
    other,
    pasteTable(readTable(text, tableText), { row: 'a1', column: 'slot' }, board(other)),
  );
  for (const id of ['a1', 'a2']) {
    const [is, was] = [slotOf(made, id), slotOf(base, id)];
    expect(is?.exercise).toEqual(was?.exercise);
    expect(is?.technique).toEqual(was?.technique);
    expect([is?.range, is?.rest, is?.rir]).toEqual([was?.range, was?.rest, was?.rir]);
    // It stays the athlete's: the slot gets none of its own.
    expect(is?.start).toBeNull();
  }
});

test('a table from a spreadsheet overwrites the rows below and adds slots at the end of the session', () => {
  const table = 'Hack squat\t4\t6-10\t2\r\nseated leg curl\t3\t10-15\r\nLeg extension\t2\t12–20\t\t\t60\r\n';
  const made = after(
    base,
    pasteTable(readTable(table, tableText), { row: 'a1', column: 'slot' }, board(base)),
  );
  const slots = made.sessions[0]?.slots ?? [];
  expect(slots.map(({ exercise }) => exercise.id)).toEqual([
    'hack-squat',
    'seated-leg-curl',
    'leg-extension',
  ]);
  expect(slots[0]).toMatchObject({
    technique: { sets: 4 },
    range: { low: 6, high: 10 },
    rir: { kind: 'fixed', rir: 2 },
  });
  expect(slots[2]).toMatchObject({ range: { low: 12, high: 20 }, rest: 60 });
  expect(made.sessions[1]).toBe(base.sessions[1]);
});

test('on a session row everything becomes new slots at its end', () => {
  const made = after(base, pasteTable([['cable crunch', '3']], { row: 'b', column: 'sets' }, board(base)));
  expect(made.sessions[1]?.slots.map(({ exercise }) => exercise.id)).toEqual(['pull-up', 'cable-crunch']);
});

test('one unreadable cell refuses everything, and is named', () => {
  const bad = pasteTable(
    readTable('3\t8-12\n4\tmany', tableText),
    { row: 'a1', column: 'sets' },
    board(base),
  );
  expect(bad).toMatchObject({ ok: false, problems: [{ code: 'not-a-number', text: 'many' }] });
  const unknown = pasteTable([['moon press']], { row: 'a1', column: 'slot' }, board(base));
  expect(unknown).toMatchObject({
    ok: false,
    problems: [{ code: 'unknown-exercise', exercise: 'moon press' }],
  });
});

test('slots copied here are pasted unchanged, with new ids', () => {
  const slots = copiedSlots(range('a1', 'slot', 'a2', 'slot'), board(base));
  const made = after(base, { ok: true, value: pasteSlots(slots, 'b', 'b1', board(base).newId) });
  expect(made.sessions[1]?.slots.map(({ id }) => id)).toEqual(['b1', 'new1', 'new2']);
  expect(made.sessions[1]?.slots[2]).toEqual({ ...slotOf(base, 'a2'), id: 'new2' });
});

test('fill down copies the first row’s cells, fill right the first week', () => {
  const down = after(
    base,
    fillDown(range('a1', 'sets', 'a2', 'rest'), board({ ...base, sessions: base.sessions })),
  );
  expect(slotOf(down, 'a2')?.rest).toBe(slotOf(base, 'a1')?.rest);
  const own = { week: 1, sets: 2, reps: 6, load: null, rir: null };
  const first = block([session('a', 0, [slot('a1', 'leg-press', { weeks: [own] })])]);
  const across = after(first, fillAcross(range('a1', 'w1', 'a1', 'w3'), board(first)));
  expect(slotOf(across, 'a1')?.weeks.map(({ week, sets, reps }) => [week, sets, reps])).toEqual([
    [1, 2, 6],
    [2, 2, 6],
    [3, 2, 6],
  ]);
  const cleared = after(across, clearCells(range('a1', 'w2', 'a1', 'w3'), board(across)));
  expect(slotOf(cleared, 'a1')?.weeks.map(({ week }) => week)).toEqual([1]);
});

test('a week takes its own sets, reps, load and RIR, and stores only what differs from the rules', () => {
  const typed = (text: string) => pasteTable([[text]], { row: 'a1', column: 'w2' }, board(base));
  const own = (text: string) => slotOf(after(base, typed(text)), 'a1')?.weeks[0];
  expect(own('4×8·65@2')).toMatchObject({ week: 2, sets: 4, reps: 8, load: { value: 65 } });
  expect(own('@0')).toMatchObject({ sets: null, reps: null, load: null, rir: 0 });
  expect(own('5x')).toMatchObject({ sets: 5, reps: null });
  // Values equal to the rules' stay with the rules.
  const planned = board(base).blockPlan.weeks[1]?.plan.sessions[0]?.slots[0];
  const [first] = planned?.sets ?? [];
  expect(own(`3×${first?.reps}·${first?.load}`)).toBeUndefined();
  expect(typed('lots')).toMatchObject({ ok: false, problems: [{ code: 'not-understood' }] });
  expect(typed('·61.3')).toMatchObject({ ok: false, problems: [{ code: 'load-not-makeable' }] });
});

test('assistance is written with its sign, and reads back', () => {
  const own = after(base, pasteTable([['3×8 −20']], { row: 'b1', column: 'w2' }, board(base)));
  expect(slotOf(own, 'b1')?.weeks[0]).toMatchObject({ week: 2, reps: 8, load: { value: -20, unit: 'kg' } });
  const weekState = board(own).blockPlan.weeks[1];
  const planned = weekState?.plan.sessions[1]?.slots[0];
  if (weekState === undefined || planned === undefined) throw new Error('no week 2');
  // Each set has its own reps; written that way it also reads back.
  const shown = cellAsText(setLines(planned, weekState, 'b'));
  expect(shown).toBe('bw−20 × 8, 7, 6 @5+');
  const again = after(base, pasteTable([[shown]], { row: 'b1', column: 'w2' }, board(base)));
  expect(slotOf(again, 'b1')?.weeks[0]).toMatchObject({ reps: 8, load: { value: -20, unit: 'kg' } });
});

test('a week copies set by set and part by part, and reads back as the same first set', () => {
  const parts = block([
    session('a', 0, [
      slot('a1', 'leg-press', { technique: startOf('top + back-offs') }),
      slot('a2', 'hack-squat'),
    ]),
  ]);
  const [top, even] = copyText(range('a1', 'w1', 'a2', 'w1'), board(parts), tableText).split('\n');
  const planned = board(parts).blockPlan.weeks[0]?.plan.sessions[0]?.slots[0]?.sets ?? [];
  const [one, two, three] = planned;
  expect(top).toBe(`${one?.load} × ${one?.reps} @4; ${two?.load} × ${two?.reps}, ${three?.reps}`);
  expect(even).toMatch(/^[\d.]+ × \d+, \d+, \d+$/);
  // Pasted onto itself it makes no override.
  for (const [row, text] of [
    ['a1', top],
    ['a2', even],
  ] as const) {
    const pasted = after(
      parts,
      pasteTable([[text ?? 'bw−20 × 8, 7, 6']], { row, column: 'w1' }, board(parts)),
    );
    expect(slotOf(pasted, row)?.weeks).toEqual([]);
  }
});

test('a pasted plan takes everyday names; a similar one is a guess, and the new exercise brings its tempo and rest', () => {
  const guesses: Guess[] = [];
  const reading = { ...board(base), likely: guessExercise, onGuess: (guess: Guess) => guesses.push(guess) };
  const pasted = after(base, pasteTable([['RDL'], ['leg curls']], { row: 'a1', column: 'slot' }, reading));
  const [first, second] = ['a1', 'a2'].map((id) => slotOf(pasted, id));
  expect(first?.exercise.id).toBe('stiff-leg-deadlift');
  expect(second?.exercise.id).toBe('seated-leg-curl');
  expect(guesses).toEqual([{ slotId: 'a2', exerciseId: 'seated-leg-curl', text: 'leg curls' }]);
  const hinge = catalogueWith([]).newest('stiff-leg-deadlift');
  expect(first).toMatchObject({ tempo: hinge?.tempo, rest: hinge?.restSeconds });
  // Without the matcher only exact names are read.
  expect(pasteTable([['RDL']], { row: 'a1', column: 'slot' }, board(base)).ok).toBe(false);
});

test('tempo and rest of the same paste win over those of the new exercise', () => {
  const [own = ''] = copyText(range('a2', 'slot', 'a2', 'tempo'), board(base), tableText)
    .split('\n')
    .slice(1);
  const cells = own.split('\t').map((cell, at) => (at === 0 ? 'Romanian deadlift' : cell));
  const changed = [...cells.slice(0, -1), '4010', '77'];
  const pasted = after(base, pasteTable([changed], { row: 'a1', column: 'slot' }, board(base)));
  expect(slotOf(pasted, 'a1')).toMatchObject({
    exercise: { id: 'stiff-leg-deadlift' },
    tempo: '4010',
    rest: 77,
  });
});

test('replacing an exercise everywhere drops what was specific to the old one', () => {
  const twice = block([
    session('a', 0, [
      slot('a1', 'leg-press', {
        weeks: [{ week: 1, sets: 2, reps: null, load: { value: 180, unit: 'kg' }, rir: null }],
      }),
    ]),
    session('b', 2, [slot('b1', 'leg-press'), slot('b2', 'pull-up')]),
  ]);
  const catalogue = catalogueWith([]);
  const hackSquat = catalogue.newest('hack-squat') as Exercise;
  const edit = replaceExercise({ block: twice, catalogue }, 'leg-press', hackSquat, null);
  const made = after(twice, { ok: true, value: edit });
  expect(made.sessions.flatMap(({ slots }) => slots.map(({ exercise }) => exercise.id))).toEqual([
    'hack-squat',
    'hack-squat',
    'pull-up',
  ]);
  expect(slotOf(made, 'a1')?.weeks).toEqual([{ week: 1, sets: 2, reps: null, load: null, rir: null }]);
});

test('a technique reads back from its text with any parameters', () => {
  const kinds = [
    'straight',
    'rest-pause',
    'for time',
    'density',
    'restricted blood flow',
    'high-rep finisher',
  ] as const;
  for (const kind of kinds) expect(readTechnique(techniqueText(startOf(kind)))).toEqual(startOf(kind));
  expect(readTechnique('cluster')).toEqual(startOf('cluster'));
  expect(readTechnique('drop set (drops 3)')).toEqual({ ...startOf('drop set'), drops: 3 });
  expect(readTechnique('drop set (drops 9)')).toBeUndefined();
  expect(readTechnique('magic')).toBeUndefined();
});
