import { exerciseById } from '../exercises/library';
import { block, session, slot } from '../testing/fixtures';
import { applyEdit } from './apply-edit';
import type { Slot } from './block';
import { exchangeExercise } from './exchange-exercise';

const fail = (what: string): never => {
  throw new Error(what);
};
const exercise = (id: string) => exerciseById(id) ?? fail(id);

function exchanged(written: Slot, to: string): Slot {
  const edits = exchangeExercise(written, exercise(written.exercise.id), exercise(to));
  const made = applyEdit(block([session('a', 0, [written])]), { kind: 'batch', edits });
  const after = made.ok ? made.value.block.sessions[0]?.slots[0] : undefined;
  return after ?? fail('refused');
}

test('the prescription stays, and everything specific to the old exercise is dropped', () => {
  const before = slot('a1', 'leg-press', {
    range: { low: 9, high: 13 },
    rest: 135,
    note: 'seat on 4',
    start: { load: { value: 120, unit: 'kg' }, reps: 10, rir: 1 },
    rotate: ['feet-high'],
    weeks: [
      { week: 1, sets: null, reps: null, load: { value: 140, unit: 'kg' }, rir: null },
      { week: 2, sets: 4, reps: 9, load: { value: 145, unit: 'kg' }, rir: null },
    ],
  });
  const after = exchanged(before, 'hack-squat');
  expect(after).toMatchObject({
    exercise: { id: 'hack-squat' },
    range: { low: 9, high: 13 },
    rest: 135,
    note: '',
    start: null,
    rotate: [],
    // The load of 140 belonged to the old exercise; week 2 keeps its sets and reps.
    weeks: [{ week: 2, sets: 4, reps: 9, load: null, rir: null }],
  });
});

test("a tempo the coach changed stays, the exercise's default tempo changes with it", () => {
  const usual = slot('a1', 'leg-press');
  expect(exchanged(usual, 'hack-squat').tempo).toBe(exercise('hack-squat').tempo);
  expect(exchanged({ ...usual, tempo: '5110' }, 'hack-squat').tempo).toBe('5110');
});

test('reps are not converted to seconds', () => {
  const after = exchanged(
    slot('a1', 'cable-crunch', {
      range: { low: 12, high: 15 },
      tempo: '5110',
      weeks: [{ week: 1, sets: null, reps: 14, load: null, rir: null }],
    }),
    'plank',
  );
  expect(after).toMatchObject({ tempo: null, weeks: [] });
  expect(after.range).not.toEqual({ low: 12, high: 15 });
});
